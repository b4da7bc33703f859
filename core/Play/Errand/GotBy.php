<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Errand;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Play\Cast\CastMember;
use FoxCorner\Core\Play\Scene\Scene;

/** A throw that has got by whoever was at the bag: it rolls on, and somebody behind has it in time or has not. */
final readonly class GotBy
{
    /** ft/s with which it rolls on, and ft/s² by which it slows (ours). */
    private const ROLLS = 60.0;
    private const SLOWS = 15.0;
    /** ft behind the other bags at which the fence stops it, and in the outfield where it lies at last (ours). */
    private const FENCE = 60.0;
    private const LIES = 120.0;
    /** Times from base to base, of an ordinary runner, in which it has to be had, so that he gets one base (ours). */
    private const ONE_BASE = 1.6;
    /** s between two looks. */
    private const EACH_LOOK = 0.1;

    private float $limit;
    private Point $bag;
    private float $feet;

    public function __construct(Scene $scene, private Point $from, private Base $base)
    {
        $this->limit = self::ONE_BASE * $scene->level->homeToFirstOver($scene->rules->basePath);
        $this->bag = $scene->bag($base);
        $this->feet = $from->distanceTo($this->bag);
    }

    /**
     * Whether he has it before a runner gets a second base out of it.
     *
     * @param float $starts s at which he goes
     * @param float $ball   s at which it is at the bag
     */
    public function isMet(CastMember $who, float $starts, float $ball): bool
    {
        // Most have it where it lies at last.
        if ($this->reaches($who, $starts - $ball, $this->limit)) {
            return true;
        }
        for ($since = self::EACH_LOOK; $since < $this->limit; $since += self::EACH_LOOK) {
            if ($this->reaches($who, $starts - $ball, $since)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param float $starts s after the ball is at the bag
     * @param float $since  likewise
     */
    private function reaches(CastMember $who, float $starts, float $since): bool
    {
        $most = Base::Second === $this->base ? self::LIES : self::FENCE;
        $rolls = min($since, self::ROLLS / self::SLOWS);
        $far = min($most, self::ROLLS * $rolls - (self::SLOWS * $rolls ** 2) / 2);
        $at = $this->feet < 1.0 ? $this->bag->plus(0.0, -$far) : $this->from->toward($this->bag, $this->feet + $far);

        return $starts + $who->legs->secondsFor($who->start->distanceTo($at)) <= $since;
    }
}
