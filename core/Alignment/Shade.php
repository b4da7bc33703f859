<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\PositionGroup;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** How far one infielder moves along the base path from a depth, and why. */
final readonly class Shade
{
    /** A step as a share of the base path: 3 ft at 90, 2 ft at 60 (ours). */
    public const STEP = 1 / 30;
    private const MOST_STEPS = 6;

    /**
     * @param int    $steps  farther off the bag the spot is walked from; negative: closer to it
     * @param string $reason a sentence
     *
     * @throws Problem when the position is no infielder's or the steps are beyond six
     */
    public function __construct(public Position $position, public int $steps, public string $reason)
    {
        if (!\in_array($position->group(), [PositionGroup::Corners, PositionGroup::Middle], true)) {
            throw Refused::because('shade', $position->person() . ' is not placed from a bag', 'infielders 3 to 6');
        }
        OutOfRange::unlessBetween('shade', $steps, -self::MOST_STEPS, self::MOST_STEPS, 'steps');
    }

    public function feet(float $basePath): float
    {
        return $this->steps * self::STEP * $basePath;
    }

    /** "6 a step closer to second", "5 two steps off the line" */
    public function words(): string
    {
        $steps = abs($this->steps);
        $bag = PositionGroup::Middle === $this->position->group() ? 'second' : 'the line';

        return \sprintf(
            '%d %s %s %s',
            $this->position->value,
            1 === $steps ? 'a step' : "$steps steps",
            $this->steps < 0 ? 'closer to' : 'off',
            $bag,
        );
    }
}
