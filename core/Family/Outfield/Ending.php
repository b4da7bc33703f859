<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\Play\Choice\AfterPlay;
use FoxCorner\Core\Play\Choice\Odds;
use FoxCorner\Core\Play\Choice\Race;
use FoxCorner\Core\Play\Choice\ThrowOption;

/** One throw that can be made, and where everybody is after it. */
final readonly class Ending
{
    /** A runner who is out less often is in: the ball goes ahead of the next one. */
    private const WORTH_A_THROW = 0.02;

    /**
     * @param OnTheBases|null $runner at whom it is thrown; null: nobody goes on, and the ball comes in ahead of them
     * @param float           $chance of the out
     * @param float           $onTime the same if whoever takes the throw had been waiting
     * @param array<int, int> $ends   the base where each is then, by the base he came from, if nobody is out
     * @param float           $cost   on average
     * @param OnTheBases|null $next   whoever could be thrown at there, had he gone on
     */
    private function __construct(
        public WayIn $way,
        public ?OnTheBases $runner,
        public float $chance,
        public float $onTime,
        public array $ends,
        public float $cost,
        public ?OnTheBases $next = null,
    ) {}

    /**
     * @param list<OnTheBases> $runners lead runner first
     * @param Base             $ahead   where the ball comes in when nobody goes on
     *
     * @return non-empty-list<self> lead base first
     */
    public static function all(array $runners, Advance $advance, WaysIn $ways, AfterPlay $worth, Base $ahead): array
    {
        $endings = [];
        foreach ($runners as $index => $runner) {
            if ($advance->ends[$runner->from] > $advance->sure[$runner->from]) {
                $ending = self::at($index, $runners, $advance, $ways, $worth);
                if ($ending->chance >= self::WORTH_A_THROW) {
                    $endings[] = $ending;
                }
            }
        }

        return [] === $endings ? [self::ahead($runners, $advance, $ways, $worth, $ahead)] : $endings;
    }

    public function option(float $tag): ThrowOption
    {
        $base = $this->way->base;

        return new ThrowOption(
            $base,
            $this->way->cover,
            Race::to(
                $this->way->released,
                $this->way->arrives,
                $this->way->there,
                $tag,
                $this->runner->arrivals[$base->value] ?? ($this->next->arrivals[$base->value] ?? \INF),
            ),
            new Odds($this->chance, $this->onTime, $this->chance),
            $this->cost,
        );
    }

    /**
     * @param list<OnTheBases> $runners
     */
    private static function at(int $index, array $runners, Advance $advance, WaysIn $ways, AfterPlay $worth): self
    {
        $runner = $runners[$index];
        $base = Base::from($advance->ends[$runner->from]);
        $way = $ways->to($base);
        $chance = $advance->out($runner, $way);
        $ends = self::onTheThrow(\array_slice($runners, $index + 1), $advance, $ways, $way, $base->value);
        $astray = Giving::PAST * (1 - $way->caught) * ($ways->isBackedUp($way) ? 0.0 : 1.0);
        $astray = min($astray, 1 - $chance);

        return new self(
            $way,
            $runner,
            $chance,
            $advance->out($runner, $way, $way->arrives),
            $ends,
            $chance * $worth->of([$runner->from => null] + $ends) +
                $astray * $worth->of(self::past($ends)) +
                (1 - $chance - $astray) * $worth->of($ends),
        );
    }

    /**
     * The throw has gone past: everybody has a base more.
     *
     * @param array<int, int> $ends
     *
     * @return array<int, int>
     */
    public static function past(array $ends): array
    {
        return array_map(static fn(int $base): int => $base + 1, $ends);
    }

    /**
     * Who is behind the runner that is thrown at goes on when even a cut would not have him.
     *
     * @param list<OnTheBases> $behind
     *
     * @return array<int, int>
     */
    private static function onTheThrow(array $behind, Advance $advance, WaysIn $ways, WayIn $way, int $front): array
    {
        $ends = $advance->ends;
        foreach ($behind as $runner) {
            $next = $ends[$runner->from] + 1;
            if ($next < $front && $next < Base::Home->value) {
                $out = $advance->out($runner, $ways->after($way, Base::from($next)));
                if (1 - $out >= $advance->needs($runner, $next, $ends)) {
                    $ends[$runner->from] = $next;
                }
            }
            $front = $ends[$runner->from];
        }

        return $ends;
    }

    /** @param list<OnTheBases> $runners */
    private static function ahead(array $runners, Advance $advance, WaysIn $ways, AfterPlay $worth, Base $base): self
    {
        $next = null;
        foreach ($runners as $runner) {
            // The first who has not scored could have gone on.
            $end = $advance->ends[$runner->from];
            if (null === $next && $end < Base::Home->value) {
                [$next, $base] = [$runner, Base::from($end + 1)];
            }
        }

        return new self($ways->ahead($base), null, 0.0, 0.0, $advance->ends, $worth->of($advance->ends), $next);
    }
}
