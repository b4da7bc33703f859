<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

use FoxCorner\Core\Field\Base;

/** What a fielder can want of a ground ball: an out at a bag, and from there another. */
final readonly class Aim
{
    /**
     * The cost is linear in what happens: with nothing, and what it changes by for each chance of the first out, of
     * both, of the second throw and of the first one gone past. By whether the free runner goes.
     *
     * @var list<array{float, float, float, float, float}>
     */
    public array $terms;
    /** Nothing of it depends on whether a runner goes. */
    public bool $isFixed;

    /**
     * Costs and runs are by whether the runner who need not go stays (0) or goes (1), then by outs made.
     *
     * @param bool              $isForce     at the first bag; else a tag
     * @param Base|null         $then        where the ball goes next; null: nowhere
     * @param bool              $isThenForce at that bag
     * @param bool              $needsGoing  there is nobody to get unless that runner goes
     * @param list<list<float>> $costs       with none, one and both of the outs
     * @param list<list<float>> $wild        the first throw goes past, and the second after an out
     * @param list<list<float>> $third       whether the runner on third scores: with none, one and both of the outs
     */
    public function __construct(
        public Base $bag,
        public bool $isForce,
        public ?Base $then,
        public bool $isThenForce,
        public bool $needsGoing,
        public array $costs,
        public array $wild,
        public array $third,
    ) {
        $terms = [];
        foreach ($costs as $goes => [$none, $one, $both]) {
            $terms[] = [$none, $one - $none, $both - $one, $wild[$goes][1] - $one, $wild[$goes][0] - $none];
        }
        $this->terms = $terms;
        $this->isFixed = $terms[0] === $terms[1];
    }

    /**
     * Whether a fielder goes for it: the bag first and on behind the runner is the first baseman's, third and on to
     * another bag for those on that side.
     */
    public function isFor(int $fielder): bool
    {
        return match (true) {
            null === $this->then => true,
            Base::First === $this->bag => 3 === $fielder,
            Base::Third === $this->bag => 5 === $fielder || 6 === $fielder,
            default => true,
        };
    }

    /**
     * What it comes to, played with such chances.
     *
     * @param int   $goes 1 when the runner who need not go does
     * @param float $cost of it all
     *
     * @return list<float> out, two, a runner alone, the run from third, an out while the free runner moves up; the
     *                     throw missed that would have had him; cost
     */
    public function comes(int $goes, float $first, float $both, float $caught, float $cost): array
    {
        $one = $first - $both;
        [$none, $after, $afterBoth] = $this->third[$goes];

        return [
            $first,
            $both,
            Base::First === $this->bag ? 0.0 : $one,
            (1 - $first) * $none + $one * $after + $both * $afterBoth,
            0 === $goes || $this->needsGoing ? 0.0 : $first,
            $first > 0.0 ? $first / $caught - $first : 0.0,
            $cost,
        ];
    }

    /** "first", "second and first" */
    public function words(): string
    {
        return $this->bag->word() . (null === $this->then ? '' : ' and ' . $this->then->word());
    }
}
