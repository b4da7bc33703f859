<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range;

use FoxCorner\Core\Alignment\Alignment;
use FoxCorner\Core\Alignment\Depth\DepthSpot;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Cast\Cast;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;

/**
 * Looks for small moves of infielders that lower what a ground ball costs.
 *
 * The single move is tried out in full. The joint one starts from the best single moves, tries them in pairs, and then
 * lets one fielder after the other better his own while the others stay. What is found is then walked half a pace at a
 * time for as long as that gains. Nobody is moved to where a ball hit hard is there before he can react.
 */
final class Improver
{
    /** Moves of each fielder that are tried in pairs. */
    private const PAIRED = 3;
    /** Times that everybody may better his move. */
    private const ROUNDS = 2;

    /** @var list<Tried>|null once tried */
    private ?array $singles = null;

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
        private readonly float $closest,
        private readonly array $fixed = [],
        private readonly int $farthest = 4,
    ) {
        OutOfRange::unlessBetween('reach', $farthest / 2, 0.5, 4, 'paces');
    }

    /** @return Improvement|null null when no move of one fielder gains anything worth saying */
    public function single(): ?Improvement
    {
        $best = null;
        foreach ($this->singles() as $tried) {
            $best = null === $best || $tried->cost < $best->cost ? $tried : $best;
        }

        return $this->worthSaying(null === $best ? null : $this->walked($best));
    }

    /** @return Improvement|null null when nothing better than standing still was found */
    public function joint(): ?Improvement
    {
        $byPosition = [];
        foreach ($this->singles() as $tried) {
            $byPosition[$tried->steps[0]->position->value][] = $tried;
        }
        $best = null;
        foreach ($byPosition as $number => $own) {
            usort($own, static fn(Tried $a, Tried $b): int => $a->cost <=> $b->cost);
            $byPosition[$number] = \array_slice($own, 0, self::PAIRED);
            $best = null === $best || $own[0]->cost < $best->cost ? $own[0] : $best;
        }
        foreach ($byPosition as $number => $own) {
            foreach ($byPosition as $other => $others) {
                foreach ($other > $number ? $own : [] as $one) {
                    foreach ($others as $two) {
                        $tried = $this->with($one, $two->steps[0]);
                        $best = null === $best || $tried->cost < $best->cost ? $tried : $best;
                    }
                }
            }
        }

        return $this->worthSaying(null === $best ? null : $this->walked($this->bettered($best)));
    }

    /** Every fielder of the move half a pace on, in whichever direction gains, until none does. */
    private function walked(Tried $best): Tried
    {
        foreach ($best->steps as $step) {
            $others = $this->without($best, $step->position);
            do {
                $before = $best->cost;
                foreach ($this->next($this->stepOf($best, $step->position)) as $next) {
                    $tried = $this->with($others, $next);
                    $best = $tried->cost < $best->cost ? $tried : $best;
                }
            } while ($best->cost < $before);
        }

        return $best;
    }

    /** @return list<Step> within the reach */
    private function next(Step $step): array
    {
        $steps = [];
        foreach ([[1, 0], [-1, 0], [0, 1], [0, -1]] as [$off, $back]) {
            [$toOff, $toBack] = [$step->off + $off, $step->back + $back];
            if (max(abs($toOff), abs($toBack)) <= $this->farthest && [0, 0] !== [$toOff, $toBack]) {
                $steps[] = $this->step($step->position, $toOff, $toBack);
            }
        }

        return array_values(array_filter($steps, $this->maySet(...)));
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
            foreach ([[$step->off, 0], [0, $step->back]] as [$off, $back]) {
                if (abs($off + $back) < $this->farthest) {
                    continue;
                }
                $on = $this->step($step->position, $step->off + ($off <=> 0), $step->back + ($back <=> 0));
                if (
                    $this->maySet($on) &&
                    $this->with($this->without($best, $step->position), $on)->cost < $best->cost
                ) {
                    return true;
                }
            }
        }

        return false;
    }

    private function maySet(Step $step): bool
    {
        $home = Point::home();

        return $step->to->distanceTo($home) >=
            min($this->closest, $this->cast->at($step->position)->start->distanceTo($home));
    }

    private function bettered(Tried $best): Tried
    {
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $before = $best->cost;
            foreach ($this->movable() as $position) {
                $others = $this->without($best, $position);
                if ($others->cost <= $best->cost) {
                    $best = $others;
                }
                foreach ($this->steps($position) as $step) {
                    $tried = $this->with($others, $step);
                    $best = $tried->cost < $best->cost ? $tried : $best;
                }
            }
            if ($best->cost >= $before) {
                break;
            }
        }

        return $best;
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

    /** Before anybody moves. */
    private function standing(): Tried
    {
        return new Tried($this->map, $this->cast, []);
    }

    /** @return list<Tried> every step of everybody who may move */
    private function singles(): array
    {
        if (null !== $this->singles) {
            return $this->singles;
        }
        $standing = $this->standing();
        $tried = [];
        foreach ($this->movable() as $position) {
            foreach ($this->steps($position) as $step) {
                $tried[] = $this->with($standing, $step);
            }
        }

        return $this->singles = $tried;
    }

    /** @return list<Position> */
    private function movable(): array
    {
        return array_values(
            array_filter(
                Position::INFIELDERS,
                fn(Position $position): bool => !\in_array($position, $this->fixed, true),
            ),
        );
    }

    /** @return list<Step> */
    private function steps(Position $position): array
    {
        $steps = [];
        foreach (array_unique([1, (int) ceil($this->farthest / 2), $this->farthest]) as $far) {
            foreach ([[$far, 0], [-$far, 0], [0, $far], [0, -$far]] as [$off, $back]) {
                $steps[] = $this->step($position, $off, $back);
            }
        }

        return array_values(array_filter($steps, $this->maySet(...)));
    }

    /** So many half paces from where he stands. */
    private function step(Position $position, int $off, int $back): Step
    {
        $who = $this->cast->at($position);
        $diamond = $this->rules->diamond();
        $now = DepthSpot::at($position, $who->start, $diamond);
        $half = $who->player->traits->pace() / 2;

        return new Step(
            $position,
            $off,
            $back,
            DepthSpot::of($position, $now->off + $off * $half, $now->back + $back * $half, $diamond)->point(),
        );
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
        if ([] === $steps) {
            return $this->standing();
        }
        $cast = $tried->cast->moved($position, $this->cast->at($position)->start);

        return new Tried($tried->map->moved($cast, $position), $cast, $steps);
    }
}
