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
    private ?Going $goer;
    private Battery $battery;
    /** s from the moment at which the pitch is caught until somebody is at the runner's next bag; INF: nobody. */
    private float $there;

    public function __construct(private PlaySetting $setting, Coverage $coverage)
    {
        $this->cost = $setting->cost ?? throw new \LogicException('Nothing was asked of cost.');
        $this->goer = self::goer($setting);
        $this->battery = Battery::onField($setting);
        $this->there = null === $this->goer ? \INF : self::there($this->goer->to(), $setting, $coverage);
    }

    /** What it costs when nobody goes. */
    public function staying(): float
    {
        return $this->cost->now($this->setting->situation);
    }

    /** What it costs when a runner goes, with the pitch or once the catcher has it; as staying where nobody can. */
    public function going(StealKind $kind): float
    {
        if (null === $this->goer) {
            return $this->staying();
        }
        $safe = $this->safe($this->goer, $kind);
        $on = $this->setting->situation->bases->mask();
        $moved = self::moved($this->goer->from, $on);
        $outs = $this->setting->situation->outs->value;

        return $safe * $this->cost->after($moved, $outs, 0) +
            (1 - $safe) * $this->cost->after($moved & ~(1 << ($this->goer->to()->value - 1)), $outs + 1, 0);
    }

    private function safe(Going $goer, StealKind $kind): float
    {
        [$rules, $level, $battery] = [$this->setting->rules, $this->setting->level, $this->battery];
        $race = StealRace::to($goer->to(), $battery, $rules, $level, $kind, $battery->toPlate + $this->there);

        return $race->success($goer->thief, $goer->lead);
    }

    private static function there(Base $base, PlaySetting $setting, Coverage $coverage): float
    {
        $caught = Possession::atBag($setting->cast->at(Position::Catcher), $setting->bag(Base::Home), 0.0, 0.0);
        $paths = new Paths($setting->expecting(), $coverage, $caught);

        return Receiving::at($base, $coverage->jobs(Branch::fieldedBy(Position::Catcher)), $paths)->there;
    }

    /** The foremost runner with nobody in front of him. */
    private static function goer(PlaySetting $setting): ?Going
    {
        $bases = $setting->situation->bases;
        foreach ($setting->rules->steals ? Going::all($setting) : [] as $runner) {
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
