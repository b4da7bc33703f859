<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use FoxCorner\App\Club\Team;
use FoxCorner\App\Lineup\LineupReader;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Plan\Board;
use FoxCorner\Core\Plan\SituationPlan;
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
        $lineup = $this->lineups->today($team, $context->pitcher);
        $book = $this->drafts->of($team);
        $context = self::against($context, $lineup);

        return array_map(
            static fn(Situation $situation): ReadPlan => new ReadPlan(
                SituationPlan::of(
                    GameState::of($team->rules(), $situation, $context),
                    $team->profile(),
                    $lineup,
                    $book,
                ),
                $book,
            ),
            $situations,
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

    /** @throws Problem when the roster does not make nine */
    public function board(Team $team, Context $context): Board
    {
        $lineup = $this->lineups->today($team, $context->pitcher);

        return Board::of(
            $team->rules(),
            self::against($context, $lineup),
            $team->profile(),
            $lineup,
            $this->drafts->of($team),
        );
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
        $lineup = $this->lineups->today($team, $context->pitcher);
        $book = $this->drafts->of($team);

        return new ReadPlan(
            SituationPlan::of(
                GameState::of($rules ?? $team->rules(), $situation, self::against($context, $lineup)),
                $team->profile(),
                $lineup,
                $book,
                $moved,
            ),
            $book,
        );
    }

    private static function against(Context $context, Lineup $lineup): Context
    {
        return $context->against($lineup->at(Position::Pitcher)->traits);
    }
}
