<?php

declare(strict_types=1);

namespace FoxCorner\App\Runners;

use FoxCorner\Core\Family\Looks\LooksDrawn;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Running\Helps;
use FoxCorner\Core\Play\Running\NamedRunner;
use FoxCorner\Core\Play\Running\PickRace;
use FoxCorner\Core\Play\Running\PickRules;
use FoxCorner\Core\Play\Running\StealRace;
use FoxCorner\Core\Play\Running\StealRules;
use FoxCorner\Core\Play\Running\StealTable;
use FoxCorner\Core\Play\Running\TagSetUp;
use FoxCorner\Core\Play\Running\Thief;

/** Everything that the page of the runners shows. */
final readonly class RunnersView
{
    /** s by which a runner who slides around the tag makes it later (ours). */
    private const AROUND = 0.08;
    /** ft that the lines are apart when they count as one. */
    private const SAME = 0.5;

    /**
     * @param float             $lead    ft before the pitch
     * @param float             $off     ft off the base as the throw behind begins
     * @param float|null        $alarm   ft off from which the throw wins as often as wanted
     * @param float|null        $steal   ft before the pitch from which it pays to go
     * @param float             $pays    how often he must be safe for that
     * @param list<Helps>       $helps   what would help, the most first
     * @param list<HoldCost>    $holds   what holding costs in range
     * @param list<NamedRunner> $runners to pick from, an ordinary one first
     */
    public function __construct(
        public RunnersQuery $query,
        public SituationPlan $plan,
        public NamedRunner $runner,
        public array $runners,
        public float $lead,
        public float $off,
        public ?PickRace $pick,
        public ?StealRace $race,
        public ?float $alarm,
        public ?float $steal,
        public float $pays,
        public LeadChart $chart,
        public ?StealTable $table,
        public array $helps,
        public array $holds,
        public LooksDrawn $looks,
    ) {}

    public function thief(): Thief
    {
        return $this->runner->thief;
    }

    public function base(): Base
    {
        return $this->query->base;
    }

    /** "Quill on second, daylight" */
    public function heading(): string
    {
        return \sprintf(
            '%s %s %s%s',
            $this->runner->name,
            $this->isOn() ? 'on' : 'if he were on',
            $this->query->base->word(),
            null === $this->query->pick ? '' : ', ' . lcfirst($this->query->pick->label()),
        );
    }

    public function isOn(): bool
    {
        return $this->plan->state->situation->bases->has($this->query->base);
    }

    public function leads(): bool
    {
        return $this->plan->state->rules->leads->allowsLeads();
    }

    /** In which of the three the runner stands: "let", "throw", "late". */
    public function zone(): string
    {
        return match (true) {
            null !== $this->steal && $this->leads() && $this->lead >= $this->steal => 'late',
            null !== $this->alarm && $this->off >= $this->alarm => 'throw',
            default => 'let',
        };
    }

    /** What it comes to, as a title. */
    public function title(): string
    {
        $name = $this->runner->name;
        if (null === $this->pick) {
            return 'Nobody may be off the base';
        }
        if (!$this->leads()) {
            return null === $this->alarm
                ? "No throw behind $name wins"
                : \sprintf('Throw behind %s from %s ft on', $name, self::feet($this->alarm));
        }

        return match ($this->zone()) {
            'late' => "Too late: from there it pays $name to go",
            'throw' => \sprintf(
                'Throw: %s is %s ft past the alarm line',
                $name,
                self::feet($this->off - (float) $this->alarm),
            ),
            default => null === $this->alarm
                ? "No lead is enough for this throw: let $name be"
                : \sprintf('Let %s be: %s ft inside the alarm line', $name, self::feet($this->alarm - $this->off)),
        };
    }

    public function arcs(): Arcs
    {
        $diamond = $this->plan->state->rules->diamond();

        return new Arcs($diamond->at($this->base()), $diamond->at($this->base()->next() ?? Base::Home));
    }

    /** What the pitcher has in his eye. */
    public function sight(): Sight
    {
        return new Sight($this->plan->state->rules->diamond()->pitchersPlate(), $this->arcs()->runner($this->off));
    }

    /** Where whoever takes the throw stands: within reach, on the way to where the plan has him. */
    public function taker(): TakerShown
    {
        return TakerShown::of($this->base(), $this->plan, $this->pick, $this->query->stands);
    }

    /** Whether he may go before the throw wins. */
    public function goesFirst(): bool
    {
        return $this->leads() &&
            null !== $this->steal &&
            (null === $this->alarm || $this->steal <= $this->alarm + self::SAME);
    }

    public function pickChance(): ?float
    {
        return $this->pick?->chance($this->thief(), $this->off);
    }

    public function success(): ?float
    {
        return $this->race?->success($this->thief(), $this->lead);
    }

    /** The same when he slides around the tag. */
    public function successAround(): ?float
    {
        return $this->race?->succeeds(
            $this->race->margin($this->thief(), $this->lead) - self::AROUND,
            $this->thief()->spread,
        );
    }

    public function pickRule(): ?PickRules
    {
        return null === $this->query->pick
            ? null
            : PickRules::of($this->query->pick, $this->query->base, $this->plan->state->rules);
    }

    public function stealRule(): StealRules
    {
        return StealRules::of($this->lead, $this->plan->state->rules);
    }

    /** @return list<TagSetUp> */
    public function setUps(): array
    {
        return TagSetUp::cases();
    }

    /** To the half foot: "2½" */
    public static function feet(float $feet): string
    {
        $halves = (int) round(2 * $feet);
        $whole = intdiv($halves, 2);

        return 0 === $halves % 2 ? (string) $whole : (0 === $whole ? '½' : $whole . '½');
    }
}
