<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use FoxCorner\App\Club\Team;
use FoxCorner\App\Plan\Codec\Fingerprint;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Runs\EventRates;
use FoxCorner\Core\Runs\PlayCost;
use FoxCorner\Core\Runs\RunChain;
use FoxCorner\Core\Runs\WinTable;
use Symfony\Contracts\Cache\CacheInterface;

/** Run and win tables of a team's rates, kept by all that they depend on. */
final readonly class RunTables
{
    public function __construct(private CacheInterface $cache) {}

    public function chain(EventRates $rates, Level $level): RunChain
    {
        $advancement = $level->profile()->advancement();

        return $this->cache->get(
            'runs-' . Fingerprint::of([$rates, $advancement]),
            static fn(): RunChain => RunChain::of($rates, $advancement),
        );
    }

    public function wins(Team $team): WinTable
    {
        $rules = $team->rules();

        return $this->cache->get(
            'wins-' . Fingerprint::of([$team->rates(), $team->level(), $rules->innings, $rules->extraRunner]),
            fn(): WinTable => WinTable::of(
                $this->chain($team->rates(), $team->level()),
                $rules->innings,
                $rules->extraRunner,
            ),
        );
    }

    /** What plays cost: runs, or late in a close game the chance to win. */
    public function cost(Team $team, Context $context): PlayCost
    {
        if (!PlayCost::isInChance($context, $team->rules()->innings)) {
            return $this->cache->get(
                'cost-' . Fingerprint::of([$team->rates(), $team->level()]),
                fn(): PlayCost => PlayCost::inRuns($this->chain($team->rates(), $team->level())),
            );
        }

        return $this->cache->get(
            'cost-' .
                Fingerprint::of([
                    $team->rates(),
                    $team->level(),
                    $team->rules()->innings,
                    $team->rules()->extraRunner,
                    $context->inning,
                    $context->half,
                    $context->lead,
                ]),
            fn(): PlayCost => PlayCost::inChance($this->wins($team), $context),
        );
    }
}
