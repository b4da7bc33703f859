<?php

declare(strict_types=1);

namespace FoxCorner\App\Access;

/** A word in an address that lets its holder do one thing; only its fingerprint is kept. */
final readonly class Secret
{
    /** As routes require it. */
    public const PATTERN = '[0-9a-f]{32}';

    private function __construct(public string $word) {}

    public static function make(): self
    {
        return new self(bin2hex(random_bytes(16)));
    }

    public static function typed(string $word): self
    {
        return new self($word);
    }

    /** 64 letters. */
    public function fingerprint(): string
    {
        return hash('sha256', $this->word);
    }
}
