<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range;

use FoxCorner\Core\Alignment\Alignment;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Cast\Cast;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;

/**
 * Looks for small moves of infielders that lower what a ground ball costs.
 *
 * All steps are tried roughly, against a few balls, and only the best of them in full. The joint move starts from
 * the best single ones, tries them in pairs, and then lets one fielder after the other better his own while the others
 * stay. What is found is then walked in full, half a pace at a time, for as long as that gains.
 */
final class Improver
{
    /** Moves of each fielder that are tried in pairs. */
    private const PAIRED = 3;
    /** Times that everybody may better his move. */
    private const ROUNDS = 2;
    /** Of the moves that were tried roughly, those that are tried in full. */
    private const IN_FULL = 5;
    /** And of a fielder's steps, where others have gone already. */
    private const PROMISING = 3;

    private readonly StepChoice $choice;
    /** @var list<Tried>|null once tried roughly, the best first */
    private ?array $singles = null;
    private ?Tried $rough = null;
    /** @var array<string, float> what was tried in full, by its steps; only its cost, since maps are large */
    private array $costs = [];
    /** @var array<string, list<Step>> by what others do, and who is asked */
    private array $promising = [];

    /**
     * @param Alignment      $alignment by whose rules everybody stands
     * @param float          $closest   ft from home plate, nearer than which nobody is moved
     * @param list<Position> $fixed     who stays, because somebody put them there or they hold a runner
     * @param int            $farthest  half paces that anybody may be moved along one direction, 1 to 8
     *
     * @throws Problem
     */
    public function __construct(
        private readonly RangeMap $map,
        private readonly Cast $cast,
        private readonly RuleSet $rules,
        private readonly Alignment $alignment,
        float $closest,
        array $fixed = [],
        int $farthest = 4,
    ) {
        OutOfRange::unlessBetween('reach', $farthest / 2, 0.5, 4, 'paces');
        $this->choice = new StepChoice($cast, $rules->diamond(), $closest, $fixed, $farthest);
    }

    /** @return Improvement|null null when no move of one fielder gains anything worth saying */
    public function single(): ?Improvement
    {
        $best = $this->bestInFull(\array_slice($this->singles(), 0, self::IN_FULL));

        return $this->worthSaying(null === $best ? null : $this->walked($best));
    }

    /** @return Improvement|null null when nothing better than standing still was found */
    public function joint(): ?Improvement
    {
        $byPosition = [];
        foreach ($this->singles() as $tried) {
            $byPosition[$tried->steps[0]->position->value][] = $tried;
        }
        $pairs = [];
        foreach ($byPosition as $number => $own) {
            foreach ($byPosition as $other => $others) {
                foreach ($other > $number ? \array_slice($own, 0, self::PAIRED) : [] as $one) {
                    foreach (\array_slice($others, 0, self::PAIRED) as $two) {
                        $pairs[] = $this->with($one, $two->steps[0]);
                    }
                }
            }
        }
        $best = self::bestFirst([...\array_slice($this->singles(), 0, self::IN_FULL), ...$pairs]);
        $best = $this->bestInFull(\array_slice($best, 0, self::IN_FULL));

        return $this->worthSaying(null === $best ? null : $this->walked($this->bettered($best)));
    }

    /** @param list<Tried> $tried roughly */
    private function bestInFull(array $tried): ?Tried
    {
        $best = null;
        foreach ($tried as $rough) {
            $full = $this->walking(new Tried($this->map, $this->cast, []), $rough->steps);
            $best = null === $best || $full->cost < $best->cost ? $full : $best;
        }

        return $best;
    }

    /**
     * @param list<Tried> $tried
     *
     * @return list<Tried>
     */
    private static function bestFirst(array $tried): array
    {
        usort($tried, static fn(Tried $a, Tried $b): int => $a->cost <=> $b->cost);

        return $tried;
    }

    /** Every fielder of the move half a pace on, in whichever direction gains, until none does. */
    private function walked(Tried $best): Tried
    {
        do {
            $from = $best->cost;
            foreach ($best->steps as $step) {
                $others = $this->without($best, $step->position);
                do {
                    $before = $best->cost;
                    foreach ($this->choice->next($this->stepOf($best, $step->position)) as $next) {
                        $best = $this->better($best, $others, $next);
                    }
                } while ($best->cost < $before);
            }
        } while ($best->cost < $from && \count($best->steps) > 1);

        return $best;
    }

    private function stepOf(Tried $tried, Position $position): Step
    {
        foreach ($tried->steps as $step) {
            if ($step->position === $position) {
                return $step;
            }
        }

        throw new \LogicException($position->label() . ' does not move.');
    }

    /** Whether who stands at the reach would gain by going on. */
    private function wouldGoOn(Tried $best): bool
    {
        foreach ($best->steps as $step) {
            foreach ($this->choice->beyond($step) as $on) {
                if ($this->better($best, $this->without($best, $step->position), $on) !== $best) {
                    return true;
                }
            }
        }

        return false;
    }

    private function bettered(Tried $best): Tried
    {
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $before = $best->cost;
            foreach ($this->choice->movable as $position) {
                $others = $this->without($best, $position);
                if ($others->cost <= $best->cost) {
                    $best = $others;
                }
                foreach ($this->promising($others, $position) as $step) {
                    $best = $this->better($best, $others, $step);
                }
            }
            if ($best->cost >= $before) {
                break;
            }
        }

        return $best;
    }

    /** @return list<Step> of a fielder who has not moved, those that look best beside what others do */
    private function promising(Tried $others, Position $position): array
    {
        return $this->promising[Tried::key($others->steps) . "/$position->value"] ??= $this->ranked($others, $position);
    }

    /** @return list<Step> */
    private function ranked(Tried $others, Position $position): array
    {
        $rough = $this->walking($this->roughly(), $others->steps);
        $tried = array_map(fn(Step $step): Tried => $this->with($rough, $step), $this->choice->of($position));

        return array_map(
            static fn(Tried $one): Step => $one->steps[\count($others->steps)],
            \array_slice(self::bestFirst($tried), 0, self::PROMISING),
        );
    }

    /** @param list<Step> $steps */
    private function walking(Tried $from, array $steps): Tried
    {
        foreach ($steps as $step) {
            $from = $this->with($from, $step);
        }

        return $from;
    }

    /** Before anybody moves, against a few balls. */
    private function roughly(): Tried
    {
        return $this->rough ??= new Tried($this->map->coarse($this->cast), $this->cast, []);
    }

    private function worthSaying(?Tried $best): ?Improvement
    {
        if (null === $best || [] === $best->steps) {
            return null;
        }
        $gain = $this->map->summary->gainOf($best->map->summary);

        return $gain > $this->map->summary->unit->worthSaying()
            ? Improvement::between(
                $this->map->summary,
                $best->map->summary,
                $best->steps,
                Undone::by($best->steps, $this->alignment, $this->rules),
                $this->wouldGoOn($best),
            )
            : null;
    }

    /** @return list<Tried> every step of everybody who may move, tried roughly, the best first */
    private function singles(): array
    {
        if (null !== $this->singles) {
            return $this->singles;
        }
        $standing = $this->roughly();
        $tried = [];
        foreach ($this->choice->movable as $position) {
            foreach ($this->choice->of($position) as $step) {
                $tried[] = $this->with($standing, $step);
            }
        }

        return $this->singles = self::bestFirst($tried);
    }

    /** The best so far, or a step more where that costs less; what cost more before is not played again. */
    private function better(Tried $best, Tried $from, Step $step): Tried
    {
        $key = Tried::key([...$from->steps, $step]);
        if (($this->costs[$key] ?? -\INF) >= $best->cost) {
            return $best;
        }
        $tried = $this->with($from, $step);
        $this->costs[$key] = $tried->cost;

        return $tried->cost < $best->cost ? $tried : $best;
    }

    private function with(Tried $tried, Step $step): Tried
    {
        $cast = $tried->cast->moved($step->position, $step->to);

        return new Tried($tried->map->moved($cast, $step->position), $cast, [...$tried->steps, $step]);
    }

    private function without(Tried $tried, Position $position): Tried
    {
        $steps = array_values(
            array_filter($tried->steps, static fn(Step $step): bool => $step->position !== $position),
        );
        if (\count($steps) === \count($tried->steps)) {
            return $tried;
        }
        $cast = $tried->cast->moved($position, $this->cast->at($position)->start);

        return new Tried($tried->map->moved($cast, $position), $cast, $steps);
    }
}
