<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Arm;

use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;

/** What one arm has pitched on one day. */
final readonly class Outing
{
    /** Above it nobody has counted (ours). */
    public const MOST = 200;

    /**
     * @param int $daysAgo calendar days; 0: today
     * @param int $pitches of the whole day
     */
    public function __construct(public int $daysAgo, public int $pitches) {}

    /** The same so many days later. */
    public function after(int $days): self
    {
        return new self($this->daysAgo + $days, $this->pitches);
    }

    /** @throws Problem when nobody pitches so many */
    public static function check(int $pitches): void
    {
        OutOfRange::unlessBetween('pitches', $pitches, 1, self::MOST, 'of one day');
    }
}
