<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Depth;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\PositionGroup;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/**
 * How far one fielder moves from a depth and why: an infielder along the base path and toward home, an outfielder to
 * the side.
 */
final readonly class Shade
{
    /** A step as a share of the base path: 3 ft at 90, 2 ft at 60 (ours). */
    public const STEP = 1 / 30;
    private const MOST_STEPS = 6;
    private const MOST_STEPS_OUTFIELD = 10;

    /**
     * @param int    $steps  farther off the bag the spot is walked from, negative: closer to it; of an outfielder to
     *                       the right seen from home, negative: to the left
     * @param string $reason a sentence
     * @param int    $halves half steps in, of an infielder
     *
     * @throws Problem when the position is pitcher or catcher or the steps are beyond six, ten in the outfield;
     *                 an outfielder goes in; or beyond six half steps in
     */
    public function __construct(
        public Position $position,
        public int $steps,
        public string $reason,
        public int $halves = 0,
    ) {
        if (PositionGroup::Battery === $position->group()) {
            throw Refused::because('shade', $position->person() . ' is where the pitch is', 'positions 3 to 9');
        }
        $most = PositionGroup::Outfield === $position->group() ? self::MOST_STEPS_OUTFIELD : self::MOST_STEPS;
        OutOfRange::unlessBetween('shade', $steps, -$most, $most, 'steps');
        $in = PositionGroup::Outfield === $position->group() ? 0 : self::MOST_STEPS;
        OutOfRange::unlessBetween('steps in', $halves, -$in, $in, 'half steps');
    }

    /** Toward home, ft. */
    public function feetIn(float $basePath): float
    {
        return ($this->halves / 2) * self::STEP * $basePath;
    }

    public function feet(float $basePath): float
    {
        return $this->steps * self::STEP * $basePath;
    }

    /** "6 a step closer to second", "5 two steps off the line", "8 four steps to left", "3 half a step in" */
    public function words(): string
    {
        return implode(', ', array_filter([$this->besideWords(), $this->inWords()], is_string(...)));
    }

    /** "half a step in", "1½ steps back" */
    public static function halvesWords(int $halves): string
    {
        $count = abs($halves);
        $words = match (true) {
            1 === $count => 'half a step',
            2 === $count => 'a step',
            0 === $count % 2 => intdiv($count, 2) . ' steps',
            default => intdiv($count, 2) . '½ steps',
        };

        return $words . ($halves > 0 ? ' in' : ' back');
    }

    private function inWords(): ?string
    {
        return 0 === $this->halves ? null : $this->position->value . ' ' . self::halvesWords($this->halves);
    }

    private function besideWords(): ?string
    {
        if (0 === $this->steps && 0 !== $this->halves) {
            return null;
        }
        $steps = abs($this->steps);
        $back = $this->steps < 0;

        return \sprintf(
            '%d %s %s',
            $this->position->value,
            1 === $steps ? 'a step' : "$steps steps",
            match ($this->position->group()) {
                PositionGroup::Outfield => $back ? 'to left' : 'to right',
                PositionGroup::Middle => $back ? 'closer to second' : 'off second',
                default => $back ? 'closer to the line' : 'off the line',
            },
        );
    }
}
