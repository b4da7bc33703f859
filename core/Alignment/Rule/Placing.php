<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Rule;

use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\People\Position;

/** Which positions a rule puts at which depth. */
final readonly class Placing
{
    /** All who are placed by rules; pitcher and catcher are where the pitch is. */
    public const EVERYBODY = [
        Position::FirstBase,
        Position::SecondBase,
        Position::ThirdBase,
        Position::Shortstop,
        Position::LeftField,
        Position::CenterField,
        Position::RightField,
    ];

    /** @param non-empty-list<Position> $positions */
    public function __construct(public array $positions, public NamedDepth $depth) {}

    /** "3 and 5 bunt", "4, 6 double play" */
    public function words(string $depth): string
    {
        $numbers = array_map(static fn(Position $position): int => $position->value, $this->positions);

        return (\count(self::EVERYBODY) === \count($numbers) ? 'everybody' : implode(', ', $numbers)) .
            ' ' .
            lcfirst($depth);
    }
}
