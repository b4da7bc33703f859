<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Bunt;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Clock\Paths;
use FoxCorner\Core\Play\Clock\PlaySetting;
use FoxCorner\Core\Play\Clock\Possession;
use FoxCorner\Core\Play\Clock\Receiving;
use FoxCorner\Core\Play\Running\Battery;
use FoxCorner\Core\Play\Running\Going;
use FoxCorner\Core\Play\Running\StealKind;
use FoxCorner\Core\Play\Running\StealRace;
use FoxCorner\Core\Play\Scheme\Branch;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Runs\PlayCost;

/**
 * A bunt that is shown and not made, with a runner who goes on: the catcher has the pitch and throws to whoever the
 * coverage has at the bag by then.
 */
final readonly class BehindFake
{
    private PlayCost $cost;

    public function __construct(private PlaySetting $setting, private Coverage $coverage)
    {
        $this->cost = $setting->cost ?? throw new \LogicException('Nothing was asked of cost.');
    }

    /** What it costs when nobody goes. */
    public function staying(): float
    {
        return $this->cost->now($this->setting->situation);
    }

    /** What it costs when a runner goes, with the pitch or once the catcher has it; as staying where nobody can. */
    public function going(StealKind $kind): float
    {
        $goer = $this->goer();
        $safe = null === $goer ? null : $this->safe($goer, $kind);
        if (null === $goer || null === $safe) {
            return $this->staying();
        }
        $on = $this->setting->situation->bases->mask();
        $moved = self::moved($goer->from, $on);
        $outs = $this->setting->situation->outs->value;

        return $safe * $this->cost->after($moved, $outs, 0) +
            (1 - $safe) * $this->cost->after($moved & ~(1 << ($goer->to()->value - 1)), $outs + 1, 0);
    }

    /** The chance that the foremost runner who can go gets there; null when nobody can. */
    public function safeBy(StealKind $kind): ?float
    {
        $goer = $this->goer();

        return null === $goer ? null : $this->safe($goer, $kind);
    }

    private function safe(Going $goer, StealKind $kind): float
    {
        [$rules, $level] = [$this->setting->rules, $this->setting->level];
        $battery = Battery::onField($this->setting);
        $race = StealRace::to($goer->to(), $battery, $rules, $level, $kind, $battery->toPlate + $this->there($goer));

        return $race->success($goer->thief, $goer->lead);
    }

    /** s from the moment at which the pitch is caught until somebody is at the runner's next bag; INF: nobody. */
    private function there(Going $goer): float
    {
        $catcher = $this->setting->cast->at(Position::Catcher);
        $caught = Possession::atBag($catcher, $this->setting->bag(Base::Home), 0.0, 0.0);
        $paths = new Paths($this->setting->expecting(), $this->coverage, $caught);

        return Receiving::at($goer->to(), $this->coverage->jobs(Branch::fieldedBy(Position::Catcher)), $paths)->there;
    }

    /** The foremost runner with nobody in front of him. */
    private function goer(): ?Going
    {
        $bases = $this->setting->situation->bases;
        foreach ($this->setting->rules->steals ? Going::all($this->setting) : [] as $runner) {
            $isFree = Base::Home !== $runner->to() && !$bases->has($runner->to());
            if ($isFree) {
                return $runner;
            }
        }

        return null;
    }

    /** Who is on when that runner has gone on, and one behind him with him. */
    private static function moved(Base $from, int $on): int
    {
        $upTo = (1 << $from->value) - 1;

        return (($on & $upTo) << 1) | ($on & ~$upTo);
    }
}
