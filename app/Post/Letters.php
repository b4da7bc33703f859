<?php

declare(strict_types=1);

namespace FoxCorner\App\Post;

use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;
use Symfony\Component\Mailer\MailerInterface;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;

/** Sends letters, by whatever mail service is set up. */
final readonly class Letters
{
    public function __construct(
        private MailerInterface $mailer,
        #[Autowire('%env(FOX_MAIL_FROM)%')] private string $from,
        #[Autowire('%env(MAILER_DSN)%')] private string $by,
    ) {}

    /** Whether they leave the house; else they lie in its simulated post box. */
    public function goOut(): bool
    {
        return !str_starts_with($this->by, PostTransportFactory::SCHEME);
    }

    /** @throws Problem when it cannot be delivered */
    public function send(Letter $letter): void
    {
        try {
            $this->mailer->send(
                (new Email())
                    ->from(new Address($this->from, 'Fox Corner'))
                    ->to($letter->to)
                    ->subject($letter->subject)
                    ->text($letter->text),
            );
        } catch (TransportExceptionInterface) {
            throw Refused::because(
                'email',
                "the mail to $letter->to came back",
                'an address that takes mail; or give the link yourself',
            );
        }
    }
}
