<?php

declare(strict_types=1);

namespace FoxCorner\Core\Runs;

use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\Situation;

/**
 * The home team's chance to win, by induction over half-innings from the end of the game.
 *
 * A lead beyond ten counts as ten. Both teams bat by the same rates.
 */
final readonly class WinTable
{
    /**
     * @param array<int, array<string, array<int, float>>> $starts by inning, half and the home team's lead: chance
     *                                                             when the half begins
     */
    private function __construct(
        private RunChain $chain,
        private int $innings,
        private array $starts,
        private float $extra,
    ) {}

    /** @param bool $runnerOnSecond whether extra innings begin with a runner there */
    public static function of(RunChain $chain, int $innings, bool $runnerOnSecond = false): self
    {
        $first = $chain->runs(Situation::of(Bases::Empty, Outs::None));
        $later = $chain->runs(Situation::of($runnerOnSecond ? Bases::Second : Bases::Empty, Outs::None));
        $extra = self::extraInning($later);
        $starts = [];
        // One inning more than are played: every extra one is like the first of them.
        for ($inning = $innings + 1; $inning >= 1; --$inning) {
            foreach ([Half::Bottom, Half::Top] as $half) {
                for ($lead = -Context::LARGEST_LEAD; $lead <= Context::LARGEST_LEAD; ++$lead) {
                    $starts[$inning][$half->value][$lead] = self::onward(
                        $inning > $innings ? $later : $first,
                        $lead,
                        $half,
                        $inning,
                        $innings,
                        $starts,
                        $extra,
                    );
                }
            }
        }

        return new self($chain, $innings, $starts, $extra);
    }

    /**
     * @param int $lead the home team's runs less the visitors'
     *
     * @return float 0 to 1
     */
    public function homeWins(int $inning, Half $half, int $lead, Situation $situation): float
    {
        $inning = min($inning, $this->innings + 1);

        return self::onward(
            $this->chain->runs($situation),
            $lead,
            $half,
            $inning,
            $this->innings,
            $this->starts,
            $this->extra,
        );
    }

    /**
     * The home team's chance after a play.
     *
     * @param int            $lead      the home team's runs less the visitors', after the play
     * @param Situation|null $situation null: the half-inning is over
     */
    public function after(int $inning, Half $half, int $lead, ?Situation $situation): float
    {
        $lead = max(-Context::LARGEST_LEAD, min(Context::LARGEST_LEAD, $lead));
        // A home team that is ahead in its last turn has won at once.
        if (Half::Bottom === $half && $inning >= $this->innings && $lead > 0) {
            return 1.0;
        }

        return null === $situation
            ? self::onward(
                [1.0],
                $lead,
                $half,
                min($inning, $this->innings + 1),
                $this->innings,
                $this->starts,
                $this->extra,
            )
            : $this->homeWins($inning, $half, $lead, $situation);
    }

    /**
     * @param list<float>                                  $runs   distribution of what this half still brings
     * @param array<int, array<string, array<int, float>>> $starts
     */
    private static function onward(
        array $runs,
        int $lead,
        Half $half,
        int $inning,
        int $innings,
        array $starts,
        float $extra,
    ): float {
        $chance = 0.0;
        foreach ($runs as $scored => $share) {
            $after = max(
                -Context::LARGEST_LEAD,
                min(Context::LARGEST_LEAD, $lead + (Half::Bottom === $half ? $scored : -$scored)),
            );
            $chance +=
                $share *
                match (true) {
                    // The home team is ahead before its last turn: it need not bat.
                    Half::Top === $half && $inning >= $innings && $after > 0 => 1.0,
                    Half::Top === $half => $starts[$inning][Half::Bottom->value][$after],
                    $inning < $innings => $starts[$inning + 1][Half::Top->value][$after],
                    $after > 0 => 1.0,
                    $after < 0 => 0.0,
                    default => $extra,
                };
        }

        return $chance;
    }

    /**
     * Tied after the last inning: the fixed point of "win this one, or be tied again".
     *
     * @param list<float> $runs
     */
    private static function extraInning(array $runs): float
    {
        $more = $even = 0.0;
        foreach ($runs as $home => $chance) {
            $even += $chance * $runs[$home];
            $more += $chance * array_sum(\array_slice($runs, 0, $home));
        }

        return $more / (1 - $even);
    }
}
