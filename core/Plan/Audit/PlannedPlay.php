<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan\Audit;

use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Check\ShippedChecks;
use FoxCorner\Core\Play\Choice\OutLines;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Play\Map\PlayMap;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Trial;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Unknown;
use FoxCorner\Core\Runs\PlayCost;
use FoxCorner\Core\Value\ButFor;

/** One family of plays in one situation: the coverages to choose from, the one that is on, and what each is worth. */
final readonly class PlannedPlay
{
    use ButFor;

    /**
     * @param list<Coverage>                    $coverages to choose from; empty when the play does not arise
     * @param Coverage|null                     $coverage  the one that is looked at
     * @param list<array<string, float|string>> $walked    what the team walks through, as fields; none: as shipped
     */
    private function __construct(
        public SituationPlan $plan,
        public PlayFamily $family,
        public array $coverages,
        public ?Coverage $coverage,
        public OutPolicy $policy,
        private array $walked,
        public OutLines $lines,
    ) {}

    /**
     * @param string|null $coverage to look at instead of the one that the book chose or is usual
     *
     * @throws Problem when the coverage is not one of the situation's
     */
    public static function of(SituationPlan $plan, PlayFamily $family, PlanBook $book, ?string $coverage = null): self
    {
        $situation = $plan->state->situation;
        $decided = $book->plays($family->key());
        $shipped = $family->coverages($plan->state->rules, $situation);
        $coverages = [] === $shipped ? [] : [...$shipped, ...$decided->ownFor($situation)];
        $chosen =
            null === $coverage
                ? self::find($coverages, $decided->choice($situation)?->coverage) ?? ($coverages[0] ?? null)
                : self::find($coverages, $coverage) ?? throw self::unknown($coverage, $coverages);

        return new self(
            $plan,
            $family,
            $coverages,
            $chosen,
            $decided->policy($situation, $family),
            $decided->sheet,
            $book->lines,
        );
    }

    /** The same coverages with the nine standing otherwise. */
    public function standing(SituationPlan $plan): self
    {
        return $this->but(plan: $plan);
    }

    /** The same with a coverage looked at that is not kept anywhere. */
    public function trying(Coverage $coverage): self
    {
        return $this->but(coverage: $coverage);
    }

    public function wanting(OutPolicy $policy): self
    {
        return $this->but(policy: $policy);
    }

    /**
     * One of the coverages to choose from.
     *
     * @throws Problem
     */
    public function coverage(string $key): Coverage
    {
        return $this->drawnUp($key) ?? throw self::unknown($key, $this->coverages);
    }

    /** One of the coverages to choose from; null when none has the key. */
    public function drawnUp(?string $key): ?Coverage
    {
        return self::find($this->coverages, $key);
    }

    /**
     * Runs one play against the coverage that is on.
     *
     * @param PlayCost|null $cost what plays cost, where the decision is to be valued
     *
     * @throws \LogicException when the situation has no coverage
     */
    public function run(Trial $trial, ?PlayCost $cost = null): Timeline
    {
        return $this->runs([$trial], $cost)[0];
    }

    /**
     * The same for several: what does not depend on the trial is reckoned once.
     *
     * @template K of array-key
     *
     * @param non-empty-array<K, Trial> $trials
     *
     * @return non-empty-array<K, Timeline>
     *
     * @throws \LogicException when the situation has no coverage
     */
    public function runs(array $trials, ?PlayCost $cost = null): array
    {
        $play = $this->family->against($this->scene($cost), $this->chosen());

        return array_map(static fn(Trial $trial): Timeline => $play($trial)->timeline(), $trials);
    }

    /**
     * What the team walks through: its own list, or what comes with the program. What no longer fits the field is left
     * out.
     *
     * @return list<Trial>
     */
    public function sheet(): array
    {
        $own = $this->own();

        return [] === $own ? $this->family->trials($this->plan->scene()) : $own;
    }

    /** @return list<Trial> what the team has put on its list itself */
    private function own(): array
    {
        $scene = $this->plan->scene();
        $trials = [];
        foreach ($this->walked as $fields) {
            try {
                $trials[] = $this->family->trial($fields, $scene);
            } catch (Problem) {
                continue;
            }
        }

        return $trials;
    }

    /** Whether the team has drawn up the coverage itself. */
    public function isOwn(): bool
    {
        $shipped = $this->family->coverages($this->plan->state->rules, $this->plan->state->situation);

        return null !== $this->coverage && null === self::find($shipped, $this->coverage->key);
    }

    public function isOwnSheet(): bool
    {
        return [] !== $this->walked;
    }

    /** @throws \LogicException when the situation has no coverage */
    public function report(?PlayCost $cost = null): CoverageReport
    {
        return $this->reportOn($this->chosen(), $cost);
    }

    public function reportOn(Coverage $coverage, ?PlayCost $cost = null): CoverageReport
    {
        $audit = new CoverageAudit(
            $this->family,
            [...ShippedChecks::all(), ...$this->family->checks()],
            fn(): Scene => $this->standing($this->plan->ordinary())->sceneOf($coverage, $cost),
            new Mender($this->plan->atDepths($coverage->depths, $coverage->name . ' wants it.')),
        );

        return $audit->of($this->sceneOf($coverage, $cost), $coverage, $this->own());
    }

    /**
     * Where a coverage is beaten.
     *
     * @param Trial|null $like what is the same of all balls of the map; null: as usual
     *
     * @return PlayMap|null null when the family draws none
     */
    public function map(Coverage $coverage, ?PlayCost $cost = null, ?Trial $like = null): ?PlayMap
    {
        $scene = $this->plan->scene();
        $placed = $this->family->spots($scene, $like ?? $this->family->trial([], $scene));

        return [] === $placed ? null : PlayMap::of($this->family, $this->sceneOf($coverage, $cost), $coverage, $placed);
    }

    /**
     * The nine as the coverage that is on wants them before the pitch.
     *
     * @throws \LogicException when the situation has no coverage
     */
    public function scene(?PlayCost $cost = null): Scene
    {
        return $this->sceneOf($this->chosen(), $cost);
    }

    private function chosen(): Coverage
    {
        return $this->coverage ??
            throw new \LogicException('No coverage is drawn up for ' . $this->plan->state->situation->key() . '.');
    }

    /** The nine as the coverage wants them before the pitch. */
    private function sceneOf(Coverage $coverage, ?PlayCost $cost): Scene
    {
        $plan = $this->plan->atDepths($coverage->depths, $coverage->name . ' wants it.');

        return $plan->scene($cost)->wanting($this->policy, $this->lines);
    }

    /** @param list<Coverage> $coverages */
    private static function find(array $coverages, ?string $key): ?Coverage
    {
        foreach ($coverages as $coverage) {
            if ($coverage->key === $key) {
                return $coverage;
            }
        }

        return null;
    }

    /** @param list<Coverage> $coverages */
    private static function unknown(string $key, array $coverages): Problem
    {
        return Unknown::notOneOf(
            'coverage',
            $key,
            array_map(static fn(Coverage $one): string => $one->key, $coverages),
        );
    }
}
