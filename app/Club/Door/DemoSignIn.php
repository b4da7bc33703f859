<?php

declare(strict_types=1);

namespace FoxCorner\App\Club\Door;

/** What to sign in with when, and only when, the demo is loaded and nobody else lives here. */
final readonly class DemoSignIn
{
    public const EMAIL = 'coach@saltmarsh.example';
    public const PASSWORD = 'lantern-on-the-quay';

    public function __construct(private House $house) {}

    /** @return array{email: string, password: string}|null */
    public function ifLoaded(): ?array
    {
        return $this->house->hasDemo() && $this->house->isOpen()
            ? ['email' => self::EMAIL, 'password' => self::PASSWORD]
            : null;
    }
}
