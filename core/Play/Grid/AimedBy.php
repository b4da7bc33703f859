<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

/** An aim as one fielder has it: whatever of it does not depend on the ball. */
final readonly class AimedBy
{
    /**
     * @param float       $x       ft, of the bag
     * @param float       $runner  s from contact at which the runner is there
     * @param float       $tag     s from the catch to the out
     * @param float       $spread  s, how sharp out and safe are told apart
     * @param int         $cover   number of whoever takes his throw there; 0: nobody
     * @param float       $coverAt s at which that one is there
     * @param Onward|null $onward  the second throw by whoever took the first; null: there is none
     * @param Onward|null $own     the second throw from his own foot on the bag
     */
    private function __construct(
        public Aim $aim,
        public float $x,
        public float $y,
        public float $runner,
        public float $tag,
        public float $spread,
        public int $cover,
        public float $coverAt,
        public ?Onward $onward,
        public ?Onward $own,
    ) {}

    /** @return non-empty-list<self> in the order of the aims, first base first */
    public static function all(GroundSetting $setting, int $fielder): array
    {
        $all = [];
        foreach ($setting->aims->all as $aim) {
            if ($aim->isFor($fielder)) {
                $all[] = self::of($setting, $aim, $fielder);
            }
        }

        return [] === $all ? throw new \LogicException('First base is always there.') : $all;
    }

    private static function of(GroundSetting $setting, Aim $aim, int $fielder): self
    {
        $base = $aim->bag->value;
        [$cover, $coverAt] = $setting->covering->there[$base][$fielder];

        return new self(
            $aim,
            $setting->bags[$base]->x,
            $setting->bags[$base]->y,
            $setting->arrivals[$base],
            $aim->isForce ? 0.0 : $setting->level->motion->tag,
            ($aim->isForce ? $setting->spreads : $setting->tagSpreads)[$base],
            \INF === $coverAt ? 0 : $cover,
            $coverAt,
            0 === $cover ? null : self::onward($setting, $aim, $fielder, $cover),
            self::onward($setting, $aim, $fielder, $fielder),
        );
    }

    private static function onward(GroundSetting $setting, Aim $aim, int $fielder, int $pivot): ?Onward
    {
        $onward = null === $aim->then ? null : Onward::of($setting, $aim, $fielder, $pivot);

        return null === $onward || 0 === $onward->receiver ? null : $onward;
    }
}
