<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use FoxCorner\App\Team\PlayerRepository;
use FoxCorner\App\Team\Team;
use FoxCorner\Core\Alignment\ByHand;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\InvalidValue;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\Plan\Board;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\LeadOutPolicy;

/** Asks the core for a team's plan in a situation: the roster and the coach's choices come from storage. */
final readonly class PlanReader
{
    public function __construct(private PlayerRepository $players, private PlanChoiceRepository $choices, private SpotChoiceRepository $spots)
    {
    }

    /**
     * The plans of several situations, with everything read from storage once.
     *
     * @param list<Situation> $situations
     *
     * @return list<SituationPlan> in the same order
     *
     * @throws InvalidValue when the roster does not make nine
     */
    public function plans(Team $team, array $situations, Context $context): array
    {
        $lineup = Lineup::choose($this->players->rosterOf($team));
        $coverages = $this->choices->coveragesOf($team);
        $kept = $this->spots->keptBy($team);

        return array_map(static fn(Situation $situation): SituationPlan => SituationPlan::of(
            GameState::of($team->rules(), $situation, $context), $team->level()->profile(), $lineup,
            $coverages[$situation->key()] ?? null, LeadOutPolicy::ordinary(), ByHand::of($kept[$situation->key()] ?? [], []),
        ), $situations);
    }

    /** @throws InvalidValue when the roster does not make nine */
    public function board(Team $team, Context $context): Board
    {
        return Board::of($team->rules(), $context, $team->level()->profile(), $this->players->rosterOf($team), $this->choices->coveragesOf($team), LeadOutPolicy::ordinary(), $this->spots->keptBy($team));
    }

    /**
     * @param string|null       $coverage to look at instead of the chosen one
     * @param array<int, Point> $moved    infielders put somewhere by hand
     *
     * @throws InvalidValue when the roster does not make nine, or the coverage is unknown
     */
    public function read(Team $team, Situation $situation, Context $context, ?string $coverage = null, array $moved = []): ReadPlan
    {
        $choice = $this->choices->in($team, $situation);

        return new ReadPlan(
            SituationPlan::of(
                GameState::of($team->rules(), $situation, $context),
                $team->level()->profile(),
                Lineup::choose($this->players->rosterOf($team)),
                $coverage ?? $choice?->coverage(),
                LeadOutPolicy::ordinary(),
                ByHand::of($this->spots->keptBy($team)[$situation->key()] ?? [], $moved),
            ),
            $choice,
        );
    }
}
