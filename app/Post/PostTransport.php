<?php

declare(strict_types=1);

namespace FoxCorner\App\Post;

use Psr\EventDispatcher\EventDispatcherInterface;
use Symfony\Component\Mailer\Exception\TransportException;
use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;
use Symfony\Component\Mime\Email;

/** Delivers to the simulated post box; what goes to an address at bounce.example comes back, as real mail can. */
final class PostTransport extends AbstractTransport
{
    private const BOUNCES = '@bounce.example';

    public function __construct(private readonly PostBox $box, EventDispatcherInterface $dispatcher)
    {
        parent::__construct($dispatcher);
    }

    public function __toString(): string
    {
        return 'fox-post://';
    }

    protected function doSend(SentMessage $message): void
    {
        $email = $message->getOriginalMessage();
        foreach ($message->getEnvelope()->getRecipients() as $to) {
            if (str_ends_with($to->getAddress(), self::BOUNCES)) {
                throw new TransportException("550 {$to->getAddress()}: no such mailbox");
            }
        }
        if ($email instanceof Email) {
            $this->box->put($email);
        }
    }
}
