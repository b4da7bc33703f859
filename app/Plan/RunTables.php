<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use FoxCorner\App\Club\Team;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Runs\EventRates;
use FoxCorner\Core\Runs\PlayCost;
use FoxCorner\Core\Runs\RunChain;
use FoxCorner\Core\Runs\WinTable;
use Symfony\Contracts\Cache\CacheInterface;

/** Run and win tables of a team's rates, kept by all that they depend on. */
final readonly class RunTables
{
    /** A lead beyond this is played for runs, however late it is. */
    private const CLOSE = 3;

    public function __construct(private CacheInterface $cache) {}

    public function chain(EventRates $rates): RunChain
    {
        return $this->cache->get('runs-' . Fingerprint::of($rates), static fn(): RunChain => RunChain::of($rates));
    }

    public function wins(Team $team): WinTable
    {
        $rules = $team->rules();

        return $this->cache->get(
            'wins-' . Fingerprint::of([$team->rates(), $rules->innings, $rules->extraRunner]),
            fn(): WinTable => WinTable::of($this->chain($team->rates()), $rules->innings, $rules->extraRunner),
        );
    }

    /** What plays cost: runs, or late in a close game the chance to win. */
    public function cost(Team $team, Context $context): PlayCost
    {
        if (!$context->isLate($team->rules()->innings) || abs($context->lead) > self::CLOSE) {
            return $this->cache->get(
                'cost-' . Fingerprint::of($team->rates()),
                fn(): PlayCost => PlayCost::inRuns($this->chain($team->rates())),
            );
        }

        return $this->cache->get(
            'cost-' .
                Fingerprint::of([
                    $team->rates(),
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
