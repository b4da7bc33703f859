<?php

declare(strict_types=1);

namespace FoxCorner\App\Post;

use Psr\EventDispatcher\EventDispatcherInterface;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;
use Symfony\Component\Mailer\Transport\Dsn;
use Symfony\Component\Mailer\Transport\TransportFactoryInterface;
use Symfony\Component\Mailer\Transport\TransportInterface;

/** MAILER_DSN=fox-post://box: the simulated post. */
#[AutoconfigureTag('mailer.transport_factory')]
final readonly class PostTransportFactory implements TransportFactoryInterface
{
    public const SCHEME = 'fox-post';

    public function __construct(private PostBox $box, private EventDispatcherInterface $dispatcher) {}

    public function create(Dsn $dsn): TransportInterface
    {
        return new PostTransport($this->box, $this->dispatcher);
    }

    public function supports(Dsn $dsn): bool
    {
        return self::SCHEME === $dsn->getScheme();
    }
}
