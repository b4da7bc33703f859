<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Clock;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Play\Cast\CastMember;

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

    private float $limit;

    public function __construct(private Scene $scene, private Point $from, private Base $base)
    {
        $this->limit = self::ONE_BASE * $scene->level->homeToFirstOver($scene->rules->basePath);
    }

    /**
     * Whether one of them, who go when they have seen the ball hit, has it in time.
     *
     * @param list<CastMember> $behind
     * @param float            $ball   s at which it is at the bag
     * @param float            $look   s between two looks
     */
    public function isMetByOne(array $behind, float $ball, float $look): bool
    {
        foreach ($behind as $who) {
            if ($this->isMet($who, $who->reaction, $ball, $look)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Whether he has it before a runner gets a second base out of it.
     *
     * @param float $starts s at which he goes
     * @param float $ball   s at which it is at the bag
     * @param float $look   s between two looks
     */
    public function isMet(CastMember $who, float $starts, float $ball, float $look): bool
    {
        $bag = $this->scene->bag($this->base);
        $feet = $this->from->distanceTo($bag);
        $most = Base::Second === $this->base ? self::LIES : self::FENCE;
        for ($since = $look; $since <= $this->limit; $since += $look) {
            $rolls = min($since, self::ROLLS / self::SLOWS);
            $far = min($most, self::ROLLS * $rolls - (self::SLOWS * $rolls ** 2) / 2);
            $needs = $who->legs->secondsFor($who->start->distanceTo($this->from->toward($bag, $feet + $far)));
            if ($starts + $needs <= $ball + $since) {
                return true;
            }
        }

        return false;
    }
}
