<?php

declare(strict_types=1);

namespace FoxCorner\Core\Level;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** What a team's infield has made of the balls it should make outs of, counted by position. */
final readonly class FieldingRecord
{
    /** Chances that what is known of the level is worth (ours): so many of one's own weigh as much. */
    public const LEVEL_IS_WORTH = 60;
    private const MOST = 5000;
    /** A record makes nobody's hands better or worse than so many times. */
    private const BEST = 0.3;
    private const WORST = 3.0;

    /** @param array<int, array{int, int}> $counts chances and outs by position number */
    public function __construct(public array $counts = []) {}

    /**
     * @param array<int, array{int, int}> $counts chances (balls that should have been outs) and outs by position number
     *
     * @throws Problem when a position has none, a count is none, or there are more outs than chances
     */
    public static function of(array $counts): self
    {
        $kept = [];
        foreach ($counts as $number => [$chances, $outs]) {
            $position = Position::ofNumber($number);
            if (!\in_array($position, Position::INFIELD, true)) {
                throw Refused::because('position', "$number fields no ground balls", 'positions 1 to 6');
            }
            OutOfRange::unlessBetween("chances of $number", $chances, 0, self::MOST, 'chances');
            OutOfRange::unlessBetween("outs of $number", $outs, 0, $chances, 'outs, as many as chances at most');
            if ($chances > 0) {
                $kept[$number] = [$chances, $outs];
            }
        }
        ksort($kept);

        return new self($kept);
    }

    public function chances(Position $position): int
    {
        return $this->counts[$position->value][0] ?? 0;
    }

    public function outs(Position $position): int
    {
        return $this->counts[$position->value][1] ?? 0;
    }

    /** How much of a position's figure is the team's own, 0 to 1. */
    public function share(Position $position): float
    {
        return $this->chances($position) / ($this->chances($position) + self::LEVEL_IS_WORTH);
    }

    /**
     * A position's hands as a multiple of the level's: what was missed, blended with the level by how much was
     * counted.
     *
     * @param float $missed of chances at the level, 0 to 1
     */
    public function hands(Position $position, float $missed): float
    {
        $chances = $this->chances($position);
        if (0 === $chances || $missed <= 0.0) {
            return 1.0;
        }
        $blended =
            ($chances - $this->outs($position) + self::LEVEL_IS_WORTH * $missed) / ($chances + self::LEVEL_IS_WORTH);

        return min(self::WORST, max(self::BEST, $blended / $missed));
    }
}
