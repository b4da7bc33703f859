<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan;

use FoxCorner\Core\Alignment\Alignment;
use FoxCorner\Core\Alignment\ByHand;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\InvalidValue;
use FoxCorner\Core\Motion\RollingBall;
use FoxCorner\Core\People\LevelProfile;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\Plan\Check\ShippedChecks;
use FoxCorner\Core\Play\Bunt\BuntFamily;
use FoxCorner\Core\Play\Bunt\BuntGrid;
use FoxCorner\Core\Play\Cast;
use FoxCorner\Core\Play\Coverage;
use FoxCorner\Core\Play\LeadOutPolicy;
use FoxCorner\Core\Play\PlayQuestion;
use FoxCorner\Core\Play\Timeline;
use FoxCorner\Core\Range\RangeMap;
use FoxCorner\Core\Range\ReactionCaution;

/** The plan for one situation: who plays, where they stand, which bunt coverage is on. */
final readonly class SituationPlan
{
    /** @param list<Coverage> $coverages to choose from; empty when no bunt coverage is drawn up for the situation */
    private function __construct(
        public GameState $state,
        public LevelProfile $level,
        public Lineup $lineup,
        public Alignment $alignment,
        public Cast $cast,
        public array $coverages,
        public ?Coverage $coverage,
        public LeadOutPolicy $policy,
    ) {
    }

    /**
     * @param string|null $coverageKey the coach's choice; null: the usual one
     *
     * @throws InvalidValue when the coverage is not one of the situation's
     */
    public static function of(GameState $state, LevelProfile $level, Lineup $lineup, ?string $coverageKey, LeadOutPolicy $policy, ?ByHand $byHand = null): self
    {
        $alignment = ($byHand ?? ByHand::nothing())->applyTo(
            Alignment::shipped($state),
            $state->rules->diamond(),
        );
        $coverages = (new BuntFamily())->coverages($state->rules, $state->situation);

        return new self(
            $state, $level, $lineup, $alignment, Cast::of($lineup, $alignment, $state->rules, $level),
            $coverages, self::choose($coverages, $coverageKey), $policy,
        );
    }

    /**
     * Runs one bunt against the chosen coverage.
     *
     * @throws \LogicException when the situation has no coverage
     */
    public function play(RollingBall $ball): Timeline
    {
        return (new BuntFamily())->run($this->question($this->chosen(), $ball));
    }

    /** @throws \LogicException when the situation has no coverage */
    public function report(): CoverageReport
    {
        return $this->reportOn($this->chosen());
    }

    public function reportOn(Coverage $coverage): CoverageReport
    {
        $balls = BuntGrid::balls($this->state->rules->buntSurface());

        return (new CoverageAudit(new BuntFamily(), ShippedChecks::all()))->of($this->question($coverage, $balls[0]), $balls);
    }

    /** @return list<ReactionCaution> fielders who stand close to a ball hit hard, the closest first */
    public function cautions(): array
    {
        return ReactionCaution::of($this->cast, $this->level, $this->state->rules->sport);
    }

    /** What the alignment gets of this batter's ground balls. */
    public function range(): RangeMap
    {
        return RangeMap::of($this->state->rules, $this->level, $this->state->situation, $this->state->context->batter, $this->cast);
    }

    private function chosen(): Coverage
    {
        return $this->coverage ?? throw new \LogicException('No coverage is drawn up for '.$this->state->situation->key().'.');
    }

    private function question(Coverage $coverage, RollingBall $ball): PlayQuestion
    {
        return PlayQuestion::of($this->state->rules, $this->level, $this->state->situation, $this->cast, $coverage, $ball, $this->state->context->batter, $this->policy);
    }

    /** @param list<Coverage> $coverages */
    private static function choose(array $coverages, ?string $key): ?Coverage
    {
        if (null === $key) {
            return $coverages[0] ?? null;
        }
        foreach ($coverages as $coverage) {
            if ($coverage->key() === $key) {
                return $coverage;
            }
        }

        throw InvalidValue::notOneOf('coverage', $key, array_map(static fn(Coverage $coverage): string => $coverage->key(), $coverages));
    }
}
