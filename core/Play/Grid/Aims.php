<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Play\Choice\AfterPlay;
use FoxCorner\Core\Runs\CostUnit;
use FoxCorner\Core\Runs\PlateAppearance;
use FoxCorner\Core\Runs\PlayCost;

/**
 * All that can be wanted of a ground ball in a situation, and what each end of it costs; looked up once, so that what
 * is asked of every ball only multiplies.
 *
 * On a ground ball runners go one base. With fewer than two out, the foremost runner who need not go may stay; who runs
 * in front of him is none, and one behind him who need not go either does as he does.
 */
final readonly class Aims
{
    /** @var list<Aim> first base is the first of them */
    public array $all;
    /** The runner who need not go, by his base; null when there is none or two are out. */
    public ?Base $free;
    /** @var array{float, float, float} what gets through: a single, a double, a triple */
    public array $through;
    public CostUnit $unit;
    private bool $hasThird;
    private AfterPlay $after;

    public function __construct(PlayCost $cost, private Situation $situation, PlateAppearance $appearance)
    {
        $this->after = new AfterPlay($cost, $situation);
        $this->unit = $cost->unit;
        $this->free = self::free($situation);
        $this->hasThird = $situation->bases->has(Base::Third);
        $this->through = [
            $cost->ofOutcomes($appearance->singles($situation), $situation->outs),
            $cost->ofOutcomes($appearance->doubles($situation), $situation->outs),
            $cost->ofOutcomes($appearance->triples($situation), $situation->outs),
        ];
        $this->all = array_map(
            fn(array $one): Aim => $this->aim($one[0], $one[1]),
            self::wanted($situation->bases, $situation->outs, $this->free),
        );
    }

    /** Whether a runner on third can be kept from scoring on the ground. */
    public function hasRunOn(): bool
    {
        return $this->hasThird && Outs::Two !== $this->situation->outs;
    }

    /** @return list<array{Base, Base|null}> */
    private static function wanted(Bases $bases, Outs $outs, ?Base $free): array
    {
        $more = Outs::Two !== $outs;
        $aims = [[Base::First, null]];
        if ($bases->has(Base::First)) {
            $aims[] = [Base::Second, $more ? Base::First : null];
            if ($more) {
                $aims[] = [Base::First, Base::Second];
            }
        }
        if ($bases->forces(Base::Second)) {
            $aims[] = [Base::Third, $more ? Base::First : null];
            if ($more) {
                $aims[] = [Base::Third, Base::Second];
            }
        }
        if (Bases::Loaded === $bases) {
            $aims[] = [Base::Home, $more ? Base::First : null];
        }
        if (null !== $free) {
            $aims[] = [$free->next() ?? Base::Home, null];
        }

        return $aims;
    }

    private static function free(Situation $situation): ?Base
    {
        if (Outs::Two === $situation->outs) {
            return null;
        }
        foreach ([Base::Third, Base::Second] as $base) {
            if ($situation->bases->has($base)) {
                return $situation->bases->forces($base) ? null : $base;
            }
        }

        return null;
    }

    private function aim(Base $bag, ?Base $then): Aim
    {
        $costs = $wild = $third = [];
        foreach ([false, true] as $goes) {
            [$none, $one] = [$this->end($goes, [], false), $this->end($goes, [$bag], false)];
            $both = null === $then ? $one : $this->end($goes, [$bag, $then], false);
            $costs[] = [$none[0], $one[0], $both[0]];
            $third[] = [$none[1], $one[1], $both[1]];
            $wild[] = [$this->end($goes, [], true)[0], $this->end($goes, [$bag], true)[0]];
        }

        return new Aim(
            $bag,
            $this->isForce($bag, false),
            $then,
            null !== $then && $this->isForce($then, Base::First === $bag),
            ($this->free?->next() ?? Base::First) === $bag && null !== $this->free,
            $costs,
            $wild,
            $third,
        );
    }

    /** @param bool $batterIsOut he no longer forces anybody */
    private function isForce(Base $bag, bool $batterIsOut): bool
    {
        return Base::First === $bag || (!$batterIsOut && $this->situation->bases->forces(Base::from($bag->value - 1)));
    }

    /**
     * @param bool       $goes   whether the runner who need not go does
     * @param list<Base> $outsAt in order
     * @param bool       $past   a throw has gone past its bag: everybody goes one base more
     *
     * @return array{float, float} the cost, and whether the runner on third has scored
     */
    private function end(bool $goes, array $outsAt, bool $past): array
    {
        $ends = [];
        foreach ([Base::Third->value, Base::Second->value, Base::First->value, AfterPlay::BATTER] as $from) {
            $base = AfterPlay::BATTER === $from ? null : Base::from($from);
            if (null !== $base && !$this->situation->bases->has($base)) {
                continue;
            }
            $isFree = null !== $base && !$this->situation->bases->forces($base);
            $moves = !$isFree || $goes || null === $this->free;
            $isOut = $moves && \in_array(Base::from($from + 1), $outsAt, true);
            $ends[$from] = $isOut ? null : $from + (int) $moves + (int) $past;
        }
        $noRun = $this->endsOnForce($outsAt);
        $scores = ($ends[Base::Third->value] ?? Base::First->value) >= Base::Home->value;

        return [$this->after->of($ends, $noRun), $scores && !$noRun ? 1.0 : 0.0];
    }

    /**
     * No run counts when the third out is a force or the batter before first.
     *
     * @param list<Base> $outsAt
     */
    private function endsOnForce(array $outsAt): bool
    {
        $last = 2 - $this->situation->outs->value;

        return isset($outsAt[$last]) && $this->isForce($outsAt[$last], 1 === $last && Base::First === $outsAt[0]);
    }
}
