<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan;

use FoxCorner\Core\Play\Bunt\BuntKind;
use FoxCorner\Core\Play\Bunt\BuntCoverage;
use FoxCorner\Core\Play\Bunt\BuntMap;
use FoxCorner\Core\Plan\Check\AlignmentCheck;
use FoxCorner\Core\Range\Fly\FlyKind;
use FoxCorner\Core\Range\Fly\FlyMap;
use FoxCorner\Core\Runs\PlayCost;
use FoxCorner\Core\Alignment\Alignment;
use FoxCorner\Core\Field\Point;
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
    /** @param list<BuntCoverage> $coverages to choose from; empty when no bunt coverage is drawn up for the situation */
    private function __construct(
        public GameState $state,
        public LevelProfile $level,
        public Lineup $lineup,
        public Alignment $alignment,
        public Cast $cast,
        public array $coverages,
        public ?BuntCoverage $coverage,
        public LeadOutPolicy $policy,
    ) {
    }

    /**
     * @param string|null       $coverage to look at instead of the one that the book chose or is usual
     * @param array<int, Point> $tried    fielders put somewhere by hand, by position number
     *
     * @throws InvalidValue when the coverage is not one of the situation's, or the rules place somebody nowhere
     */
    public static function of(GameState $state, LevelProfile $level, Lineup $lineup, PlanBook $book, ?string $coverage = null, array $tried = []): self
    {
        $state = $state->weighing($book->buntPoints);
        $alignment = $book->byHand($state->situation, $tried)->applyTo(Alignment::byRules($state, $book->depths, $book->rules), $state->rules);
        $bunts = new BuntFamily($book->own);
        $coverages = $bunts->coverages($state->rules, $state->situation);
        $chosen = null === $coverage ? self::find($coverages, $book->coverage($state->situation)?->coverage) ?? $coverages[0] ?? null : self::find($coverages, $coverage);
        if (null !== $coverage && null === $chosen) {
            throw InvalidValue::notOneOf('coverage', $coverage, array_map(static fn(BuntCoverage $one): string => $one->key(), $coverages));
        }

        return new self($state, $level, $lineup, $alignment, Cast::of($lineup, $alignment, $state->rules, $level), $coverages, $chosen, $book->policy($state->situation));
    }

    /** One of the coverages to choose from; null when none has the key. */
    public function drawnUp(?string $key): ?BuntCoverage
    {
        return self::find($this->coverages, $key);
    }

    /** The same nine and the same situation, standing otherwise. */
    public function standing(Alignment $alignment): self
    {
        return new self($this->state, $this->level, $this->lineup, $alignment, Cast::of($this->lineup, $alignment, $this->state->rules, $this->level), $this->coverages, $this->coverage, $this->policy);
    }

    /**
     * Runs one bunt against the chosen coverage.
     *
     * @param PlayCost|null $cost what plays cost, where the decision is to be valued
     *
     * @throws \LogicException when the situation has no coverage
     */
    public function play(RollingBall $ball, ?PlayCost $cost = null, BuntKind $kind = BuntKind::Sacrifice): Timeline
    {
        return (new BuntFamily())->run($this->question($this->chosen(), $ball, $cost)->bunted($kind));
    }

    /** @throws \LogicException when the situation has no coverage */
    public function report(?PlayCost $cost = null): CoverageReport
    {
        return $this->reportOn($this->chosen(), $cost);
    }

    public function reportOn(BuntCoverage $coverage, ?PlayCost $cost = null): CoverageReport
    {
        $balls = BuntGrid::balls($this->state->rules->buntSurface());

        return (new CoverageAudit(new BuntFamily(), ShippedChecks::all()))->of($this->question($coverage, $balls[0], $cost), $balls);
    }

    /** Where a bunt beats a coverage. */
    public function buntMap(BuntCoverage $coverage, ?PlayCost $cost = null, BuntKind $kind = BuntKind::Sacrifice): BuntMap
    {
        return BuntMap::of($this->question($coverage, BuntGrid::restingAt(30.0, 0.0, $this->state->rules->buntSurface()), $cost)->bunted($kind), $coverage);
    }

    /** @return list<Finding> faults of where they stand */
    public function alignmentFindings(): array
    {
        return array_merge(...array_map(fn(AlignmentCheck $check): array => $check->findings($this), ShippedChecks::ofAlignments()));
    }

    /** What fly balls of a kind meet. */
    public function flies(FlyKind $kind): FlyMap
    {
        return FlyMap::of($this->state->rules, $this->level, $this->cast, $kind);
    }

    /** @return list<ReactionCaution> fielders who stand close to a ball hit hard, the closest first */
    public function cautions(): array
    {
        return ReactionCaution::of($this->cast, $this->level, $this->state->rules->sport);
    }

    /** What the alignment gets of this batter's ground balls. */
    public function range(PlayCost $cost): RangeMap
    {
        return RangeMap::of($this->state, $this->level, $this->cast, $cost);
    }

    private function chosen(): BuntCoverage
    {
        return $this->coverage ?? throw new \LogicException('No coverage is drawn up for '.$this->state->situation->key().'.');
    }

    private function question(BuntCoverage $coverage, RollingBall $ball, ?PlayCost $cost): PlayQuestion
    {
        return PlayQuestion::of($this->state->rules, $this->level, $this->state->situation, $this->castFor($coverage), $coverage, $ball, $this->state->context->batter, $this->policy, $cost, $this->state->context->runners);
    }

    /** The nine as the coverage wants them before the pitch. */
    private function castFor(BuntCoverage $coverage): Cast
    {
        if ([] === $coverage->depths) {
            return $this->cast;
        }

        return Cast::of($this->lineup, $this->alignment->atDepths($coverage->depths, $this->state->rules, $coverage->name().' wants it.'), $this->state->rules, $this->level);
    }

    /** @param list<BuntCoverage> $coverages */
    private static function find(array $coverages, ?string $key): ?BuntCoverage
    {
        foreach ($coverages as $coverage) {
            if ($coverage->key() === $key) {
                return $coverage;
            }
        }

        return null;
    }
}
