<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use FoxCorner\App\Club\Team;
use FoxCorner\App\Lineup\LineupReader;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Contract\PlayFamilies;
use FoxCorner\Core\Problem\Problem;

/** Asks the core for a team's plan: roster, lineup and the coach's decisions come from storage. */
final readonly class PlanReader
{
    public function __construct(
        private LineupReader $lineups,
        private PlanDrafts $drafts,
        private PlayFamilies $families,
    ) {}

    /**
     * The plans of several situations, with everything read from storage once.
     *
     * @param list<Situation> $situations
     *
     * @return list<ReadPlan> in the same order
     *
     * @throws Problem when the roster does not make nine
     */
    public function plans(Team $team, array $situations, Context $context): array
    {
        $basis = $this->basis($team, $context);

        return array_map(static fn(Situation $situation): ReadPlan => $basis->in($situation), $situations);
    }

    /** @throws Problem when the roster does not make nine */
    public function basis(Team $team, Context $context): PlanBasis
    {
        $lineup = $this->lineups->today($team, $context->pitcher);

        return new PlanBasis(
            $team->rules(),
            $team->profile(),
            $lineup,
            $this->drafts->of($team),
            $context->against($lineup->at(Position::Pitcher)->traits),
        );
    }

    /** @return list<PlannedPlay> of every family that arises and is covered */
    public function plays(ReadPlan $read): array
    {
        $plays = [];
        foreach ($this->families->all() as $family) {
            $play = $read->play($family);
            if (null !== $play->coverage) {
                $plays[] = $play;
            }
        }

        return $plays;
    }

    /**
     * @param array<int, Point> $moved fielders put somewhere by hand
     * @param RuleSet|null      $rules another field to look at than the team's own
     *
     * @throws Problem when the roster does not make nine
     */
    public function read(
        Team $team,
        Situation $situation,
        Context $context,
        array $moved = [],
        ?RuleSet $rules = null,
    ): ReadPlan {
        $basis = $this->basis($team, $context);

        return (null === $rules ? $basis : $basis->on($rules))->in($situation, $moved);
    }
}
