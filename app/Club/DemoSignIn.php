<?php

declare(strict_types=1);

namespace FoxCorner\App\Club;

use Doctrine\ORM\EntityManagerInterface;

/** What to sign in with when, and only when, the demo is loaded and nobody else lives here. */
final readonly class DemoSignIn
{
    public const EMAIL = 'coach@saltmarsh.example';
    public const PASSWORD = 'lantern-on-the-quay';

    public function __construct(private EntityManagerInterface $entities, private House $house) {}

    /** @return array{email: string, password: string}|null */
    public function ifLoaded(): ?array
    {
        $coach = $this->entities->getRepository(Account::class)->findOneBy(['email' => self::EMAIL]);

        return null === $coach || !$this->house->isOpen()
            ? null
            : ['email' => self::EMAIL, 'password' => self::PASSWORD];
    }
}
