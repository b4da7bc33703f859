<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Running;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Play\Cast\BaseRunner;
use FoxCorner\Core\Play\Clock\Track;
use FoxCorner\Core\Play\Scene\Scene;

/** A runner on base, and how far off he is before the pitch. */
final readonly class Going
{
    /** Of plate appearances with a runner who can go (ours). */
    public const OFTEN = 0.08;

    private function __construct(public Base $from, public Thief $thief, public float $lead) {}

    /**
     * The runners of a situation.
     *
     * @param array<int, float> $leads ft before the pitch where they are not the usual ones, by the base's value
     *
     * @return list<self> lead runner first
     */
    public static function all(Scene $scene, array $leads = []): array
    {
        return array_map(
            static fn(Base $base): self => new self(
                $base,
                Thief::running(
                    BaseRunner::inGame($base, $scene->state, $scene->level)->legs,
                    isset($scene->state->context->times[$base->value]),
                    $scene->rules,
                    $scene->level,
                ),
                $leads[$base->value] ?? Leads::usual($base, $scene->rules),
            ),
            array_reverse($scene->situation->bases->occupied()),
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
    public function standing(Scene $scene): Track
    {
        return Track::standingAt($scene->bag($this->from)->toward($scene->bag($this->to()), $this->lead));
    }

    /**
     * Goes for the next base.
     *
     * @param float $starts s
     * @param float $off    ft off the base by then
     */
    public function running(Scene $scene, float $starts, float $off): Track
    {
        [$bag, $next] = [$scene->bag($this->from), $scene->bag($this->to())];
        $track = $this->standing($scene);
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
    public function back(Scene $scene, float $starts, float $there, float $off): Track
    {
        [$bag, $next] = [$scene->bag($this->from), $scene->bag($this->to())];

        return $this->standing($scene)->thenAt($bag->toward($next, $off), $starts)->thenAt($bag, $there);
    }
}
