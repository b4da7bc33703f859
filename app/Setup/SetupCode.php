<?php

declare(strict_types=1);

namespace FoxCorner\App\Setup;

use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** What whoever begins a club has to know: the start command prints it, so that a house is begun by who started it. */
final readonly class SetupCode
{
    public function __construct(#[Autowire('%env(FOX_SETUP_CODE)%')] #[\SensitiveParameter] private string $code) {}

    /** @throws Problem when it is another one */
    public function mustBe(string $typed): void
    {
        $plain = static fn(string $code): string => strtolower((string) preg_replace('/[^A-Za-z0-9]/', '', $code));
        if ('' === $this->code || !hash_equals($plain($this->code), $plain($typed))) {
            throw Refused::because(
                'code',
                '' === trim($typed) ? 'it is empty' : 'it is another one',
                'the code that bin/start has printed',
            );
        }
    }

    public function code(): string
    {
        return $this->code;
    }
}
