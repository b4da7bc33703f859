<?php

declare(strict_types=1);

namespace FoxCorner\Core\Level;

use FoxCorner\Core\Motion\MotionProfile;
use FoxCorner\Core\Value\ButFor;

/** What sets a level's fielders apart, each a value that a team may replace. */
final readonly class Skills
{
    use ButFor;

    /** s of the exchange to which the model's other exchanges stand in proportion. */
    private const MODEL_EXCHANGE = 0.75;
    /** Of the set exchange: off a slow ball, bare-handed or on the run. Source: the project's calibration. */
    private const SLOW_BALL = 0.87;
    /** More of a pivot's time for each step of {@see self::$bag} above a professional's. Source: the same. */
    private const PIVOT_SLOWER = 0.035;
    /** s that catchers throw sooner on a bunt; planned moves take this share of a reaction. */
    private const PLANNED = 2 / 3;
    private const OUTFIELD_READ = 0.15;

    /**
     * @param float $reaction s from contact to the first step
     * @param float $exchange s, fielded to released, feet set
     * @param float $hands    how often a ground ball is misplayed, 1: professional; compares within a sport only
     * @param float $throw    degrees by which throws scatter
     * @param float $bag      how awkward the work at a bag is: catches, pivots; 1: professional
     * @param bool  $perfect  nothing is misplayed and every throw is true: geometry alone
     */
    public function __construct(
        public float $reaction,
        public float $exchange,
        public float $hands,
        public float $throw,
        public float $bag,
        public bool $perfect = false,
    ) {}

    public function perfect(): self
    {
        return $this->but(perfect: true);
    }

    /** The constants of motion, with this level's in place of the model's. */
    public function motion(): MotionProfile
    {
        $share = $this->exchange / self::MODEL_EXCHANGE;
        $ordinary = new MotionProfile();

        return new MotionProfile(
            infieldReaction: $this->reaction,
            outfieldReaction: $this->reaction + self::OUTFIELD_READ,
            plannedReaction: $this->reaction * self::PLANNED,
            exchangeSet: $this->exchange,
            exchangeBareHand: $this->exchange * self::SLOW_BALL,
            exchangeCatcherBunt: $ordinary->exchangeCatcherBunt * $share,
            exchangeOutfield: $ordinary->exchangeOutfield * $share,
            exchangeRelay: $ordinary->exchangeRelay * $share,
            exchangePivot: $ordinary->exchangePivot * $share * (1 + self::PIVOT_SLOWER * ($this->bag - 1)),
        );
    }
}
