<?php

declare(strict_types=1);

namespace FoxCorner\Core\Game;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\People\Pitching;
use FoxCorner\Core\People\Quantity;
use FoxCorner\Core\People\Traits;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Value\ButFor;

/** What surrounds a situation: inning, score, batter, count and how the pitcher throws. */
final readonly class Context
{
    use ButFor;

    /** A lead beyond this counts as this: the plan does not change any more. */
    public const LARGEST_LEAD = 10;

    /**
     * @param int               $lead    our runs less theirs
     * @param array<int, float> $times   home to first of runners whose time is known, s, by the value of their base
     * @param string|null       $pitcher which of our pitchers, by id; null: the lineup's
     * @param PitchSide         $pitch   where it is called to
     * @param Seen              $seen    of this batter, today
     */
    private function __construct(
        public int $inning,
        public Half $half,
        public int $lead,
        public Batter $batter,
        public Count $count,
        public Pitching $pitching,
        public ?string $pitcher,
        public RunnerSpeed $runners,
        public array $times = [],
        public PitchSide $pitch = PitchSide::Anywhere,
        public Seen $seen = Seen::Nothing,
    ) {}

    /** @throws Problem when the inning is not 1 to 15 or the lead is beyond ±10 */
    public static function of(
        int $inning,
        Half $half,
        int $lead,
        Batter $batter,
        Count $count,
        Pitching $pitching = Pitching::Ordinary,
        ?string $pitcher = null,
        RunnerSpeed $runners = RunnerSpeed::Ordinary,
        PitchSide $pitch = PitchSide::Anywhere,
        Seen $seen = Seen::Nothing,
    ): self {
        OutOfRange::unlessBetween('inning', $inning, 1, 15, 'innings');
        OutOfRange::unlessBetween('score', $lead, -self::LARGEST_LEAD, self::LARGEST_LEAD, 'runs');

        return new self($inning, $half, $lead, $batter, $count, $pitching, $pitcher, $runners, [], $pitch, $seen);
    }

    /** Third inning, tied, an ordinary right-handed batter, no count: the base plan. */
    public static function ordinary(): self
    {
        return new self(
            3,
            Half::Top,
            0,
            Batter::ofType(BatterType::Right),
            Count::none(),
            Pitching::Ordinary,
            null,
            RunnerSpeed::Ordinary,
        );
    }

    /**
     * The same with runners whose times are known.
     *
     * @param array<int, float> $times home to first, s, by the value of their base
     *
     * @throws Problem when one cannot be a person's
     */
    public function withTimes(array $times): self
    {
        foreach ($times as $base => $seconds) {
            Quantity::HomeToFirst->check($seconds, 'home to first of the runner on ' . Base::from($base)->word());
        }

        return $this->but(times: $times);
    }

    /** The same with this pitcher on the mound. */
    public function against(Traits $pitcher): self
    {
        return $this->but(batter: $this->batter->against($pitcher->throws), pitching: $pitcher->pitching);
    }

    /** Whether the same is asked for; how the pitcher throws is his own and nobody asks for it. */
    public function isSameAs(self $other): bool
    {
        return $this->asked() === $other->asked();
    }

    /** @return array<string, mixed> every field by its name */
    private function asked(): array
    {
        /** @var array<string, mixed> $fields */
        $fields = get_object_vars($this);

        return ['batter' => $this->batter->key, 'count' => $this->count->key(), 'pitching' => null] + $fields;
    }

    /** Whether a runner of a base is known or said to be a quick one. */
    public function isQuickOn(Base $base, Bases $bases): bool
    {
        return $bases->has($base) && RunnerSpeed::Quick === $this->runners;
    }

    /** One run decides: tied, or one run either way. */
    public function isClose(): bool
    {
        return abs($this->lead) <= 1;
    }

    /** The last two innings of a game of this length, or extra innings. */
    public function isLate(int $innings): bool
    {
        return $this->inning >= $innings - 1;
    }

    /** "Up 1", "Tied", "Down 3" */
    public function scoreLabel(): string
    {
        return self::labelFor($this->lead);
    }

    public static function labelFor(int $lead): string
    {
        return match (true) {
            0 === $lead => 'Tied',
            $lead > 0 => "Up $lead",
            default => 'Down ' . -$lead,
        };
    }

    /** As a heading says it: "seventh, one ahead, batter ordinary". */
    public function words(): string
    {
        return strtolower(
            \sprintf('%s, %s, batter %s', $this->inningLabel(), $this->scoreLabel(), $this->batter->label),
        );
    }

    /** "Top 5" */
    public function inningLabel(): string
    {
        return $this->half->label() . ' ' . $this->inning;
    }
}
