<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment;

use FoxCorner\Core\People\Position;

/** What neighbours say to each other once somebody has shaded: who has the hole between them now. */
final readonly class Said
{
    /** From left to right: whose neighbour is who, what lies between them, and on the far side of each. */
    private const PAIRS = [
        [Position::ThirdBase, Position::Shortstop, 'hole', 'line', 'middle'],
        [Position::Shortstop, Position::SecondBase, 'middle', 'hole', 'hole'],
        [Position::SecondBase, Position::FirstBase, 'hole', 'middle', 'line'],
        [Position::LeftField, Position::CenterField, 'gap', 'line', 'other gap'],
        [Position::CenterField, Position::RightField, 'gap', 'other gap', 'line'],
    ];
    /** Whose steps off the bag lead to the left. */
    private const OFF_TO_THE_LEFT = [Position::Shortstop, Position::FirstBase];

    private function __construct(public Position $by, public Position $to, public string $words) {}

    /** @return list<self> from left to right; nothing between two who stand as they always do */
    public static function in(Alignment $alignment): array
    {
        $all = [];
        foreach (self::PAIRS as [$left, $right, $between, $beyondLeft, $beyondRight]) {
            [$leftGoes, $rightGoes] = [self::toTheRight($left, $alignment), self::toTheRight($right, $alignment)];
            // Together they stay as far apart as ever.
            if ($leftGoes === $rightGoes) {
                continue;
            }
            $all[] =
                abs($leftGoes) > abs($rightGoes)
                    ? self::between($left, $right, $leftGoes > 0, $between, [$beyondLeft, $beyondRight])
                    : self::between($right, $left, $rightGoes < 0, $between, [$beyondRight, $beyondLeft]);
        }

        return $all;
    }

    /** @param array{string, string} $beyond what is on the far side of the one who speaks, and of the other */
    private static function between(Position $by, Position $to, bool $closes, string $between, array $beyond): self
    {
        [$own, $others] = $beyond;

        return new self(
            $by,
            $to,
            $closes ? "I take the $between, you have the $others." : "The $between is yours, I have the $own.",
        );
    }

    /** Steps to the right, as seen from home; negative: to the left. */
    private static function toTheRight(Position $position, Alignment $alignment): int
    {
        $steps = $alignment->spot($position)->steps();

        return \in_array($position, self::OFF_TO_THE_LEFT, true) ? -$steps : $steps;
    }
}
