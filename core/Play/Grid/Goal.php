<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Play\Ball\Hands;

/** An out that the search for the best place to field weighs: its bag, and what is gained there and after. */
final readonly class Goal
{
    /** ft between two entries of the table of throws. */
    public const EVERY = 4;
    private const FARTHEST = 240;

    /**
     * @param float       $coverAt s at which the throw can be taken; INF when nobody ever is there
     * @param float       $until   s at which ball and tag must be there
     * @param float       $sharp   1/s, of the line between out and safe
     * @param float       $gain    what the out saves
     * @param list<float> $caught  chance that a throw is caught, standing, by {@see self::EVERY} feet
     * @param float       $more    what a second out saves, its throw kept and caught; 0: there is none
     * @param float       $onward  s at which the ball must be here for it
     */
    private function __construct(
        public float $x,
        public float $y,
        public float $coverAt,
        public float $until,
        public float $sharp,
        public float $gain,
        public array $caught,
        public float $more,
        public float $onward,
        public float $moreSharp,
    ) {}

    /** @return list<self> the out at first, and those of the runners in front that lead on to first */
    public static function all(GroundFielder $who, GroundSetting $setting): array
    {
        $goals = [];
        foreach ($setting->aims->all as $aim) {
            if (Base::First === $aim->bag ? null === $aim->then : Base::Second !== $aim->then) {
                $goals[] = self::of($who, $setting, $aim);
            }
        }

        return $goals;
    }

    private static function of(GroundFielder $who, GroundSetting $setting, Aim $aim): self
    {
        [$pivot, $coverAt] = $setting->covering->there[$aim->bag->value][$who->number];
        $caught = [];
        for ($feet = 0; $feet <= self::FARTHEST; $feet += self::EVERY) {
            $caught[] = $who->caught($aim->bag, $feet);
        }
        $bag = $setting->bags[$aim->bag->value];
        [$none, $one, $both] = $aim->costs[1];
        $on = null === $aim->then || 0 === $pivot ? null : Onward::of($setting, $aim, $who->number, $pivot);

        return new self(
            $bag->x,
            $bag->y,
            0 === $pivot ? \INF : $coverAt,
            $setting->arrivals[$aim->bag->value] - ($aim->isForce ? 0.0 : $setting->level->motion->tag),
            1 / $setting->spreads[$aim->bag->value],
            $none - $one,
            $caught,
            null === $on || 0 === $on->receiver
                ? 0.0
                : max(0.0, $one - $both) * Hands::pivotKept($setting->level->skills) * $on->caught,
            null === $on ? 0.0 : $on->runnerAt - $on->pivot - $on->flight,
            null === $on ? 1.0 : 1 / $on->spread,
        );
    }
}
