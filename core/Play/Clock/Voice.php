<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Clock;

use FoxCorner\Core\People\Position;

/** Something that is called out on a play; what is not said counts too. */
final readonly class Voice
{
    /**
     * @param float           $seconds from contact
     * @param Position        $by      who calls
     * @param Position        $to      whom
     * @param list<VoiceWord> $words   none: he says nothing, and that has a meaning
     * @param string          $means   what whoever hears it does
     */
    public function __construct(
        public float $seconds,
        public Position $by,
        public Position $to,
        public array $words,
        public string $means,
    ) {}
}
