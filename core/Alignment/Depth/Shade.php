<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Depth;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\PositionGroup;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** How far one fielder moves from a depth and why: an infielder along the base path, an outfielder to the side. */
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
     *
     * @throws Problem when the position is pitcher or catcher or the steps are beyond six, ten in the outfield
     */
    public function __construct(public Position $position, public int $steps, public string $reason)
    {
        if (PositionGroup::Battery === $position->group()) {
            throw Refused::because('shade', $position->person() . ' is where the pitch is', 'positions 3 to 9');
        }
        $most = PositionGroup::Outfield === $position->group() ? self::MOST_STEPS_OUTFIELD : self::MOST_STEPS;
        OutOfRange::unlessBetween('shade', $steps, -$most, $most, 'steps');
    }

    public function feet(float $basePath): float
    {
        return $this->steps * self::STEP * $basePath;
    }

    /** "6 a step closer to second", "5 two steps off the line", "8 four steps to left" */
    public function words(): string
    {
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
