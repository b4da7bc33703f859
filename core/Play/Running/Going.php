<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Running;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Play\Cast\BaseRunner;
use FoxCorner\Core\Play\Clock\PlaySetting;
use FoxCorner\Core\Play\Clock\Track;

/** A runner on base, and how far off he is before the pitch. */
final readonly class Going
{
    private function __construct(public Base $from, public Thief $thief, public float $lead) {}

    /**
     * The runners of a situation.
     *
     * @param array<int, float> $leads ft before the pitch where they are not the usual ones, by the base's value
     *
     * @return list<self> lead runner first
     */
    public static function all(PlaySetting $setting, array $leads = []): array
    {
        return array_map(
            static fn(BaseRunner $runner): self => new self(
                $runner->base,
                Thief::running(
                    $runner->legs,
                    isset($setting->state->context->times[$runner->base->value]),
                    $setting->rules,
                    $setting->level,
                ),
                $leads[$runner->base->value] ?? Leads::usual($runner->base, $setting->rules),
            ),
            array_reverse($setting->runners),
        );
    }

    public function name(): string
    {
        return 'R' . $this->from->value;
    }

    /** The base that he wants. */
    public function to(): Base
    {
        return $this->from->next() ?? Base::Home;
    }

    /** Stands where he leads. */
    public function standing(PlaySetting $setting): Track
    {
        return Track::standingAt($setting->bag($this->from)->toward($setting->bag($this->to()), $this->lead));
    }

    /**
     * Goes for the next base.
     *
     * @param float $starts s
     * @param float $off    ft off the base by then
     */
    public function running(PlaySetting $setting, float $starts, float $off): Track
    {
        [$bag, $next] = [$setting->bag($this->from), $setting->bag($this->to())];
        $track = $this->standing($setting);
        $there = $bag->toward($next, $off);
        if ($off > $this->lead + 0.1) {
            $track = $track->thenAt($there, $starts);
        }

        return $track->thenRuns($next, $starts, $this->thief->legs);
    }

    /**
     * Goes back.
     *
     * @param float $starts s at which he turns
     * @param float $there  s at which his hand is on the bag
     * @param float $off    ft off it by then
     */
    public function back(PlaySetting $setting, float $starts, float $there, float $off): Track
    {
        [$bag, $next] = [$setting->bag($this->from), $setting->bag($this->to())];

        return $this->standing($setting)->thenAt($bag->toward($next, $off), $starts)->thenAt($bag, $there);
    }
}
