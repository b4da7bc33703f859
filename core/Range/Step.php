<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;

/** One fielder's small move, in his own half paces along the axes from his bag. */
final readonly class Step
{
    /**
     * @param int $off  half paces farther off the bag; negative: closer
     * @param int $back half paces back; negative: in
     */
    public function __construct(public Position $position, public int $off, public int $back, public Point $to) {}

    /** "1½ paces farther off the bag", "½ pace in" */
    public function words(): string
    {
        $parts = array_filter(
            [
                0 === $this->off
                    ? null
                    : self::count($this->off) . ($this->off > 0 ? ' farther off the bag' : ' closer to the bag'),
                0 === $this->back ? null : self::count($this->back) . ($this->back > 0 ? ' back' : ' in'),
            ],
            is_string(...),
        );

        return implode(' and ', $parts);
    }

    private static function count(int $halves): string
    {
        $halves = abs($halves);
        $whole = intdiv($halves, 2);

        return (0 === $whole ? '' : (string) $whole) .
            (1 === $halves % 2 ? '½' : '') .
            ($halves > 2 ? ' paces' : ' pace');
    }
}
