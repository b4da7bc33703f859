<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Bunt;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Ball\Possession;
use FoxCorner\Core\Play\Choice\AfterPlay;
use FoxCorner\Core\Play\Errand\GroundErrands;
use FoxCorner\Core\Play\Running\Battery;
use FoxCorner\Core\Play\Running\Going;
use FoxCorner\Core\Play\Running\StealKind;
use FoxCorner\Core\Play\Running\StealRace;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Coverage;

/**
 * A bunt that is shown and not made, with a runner who goes on: the catcher has the pitch and throws to whoever the
 * coverage has at the bag by then.
 */
final readonly class BehindFake
{
    private AfterPlay $after;
    private ?Going $goer;
    private Battery $battery;
    /** s from the moment at which the pitch is caught until somebody is at the runner's next bag; INF: nobody. */
    private float $there;

    public function __construct(private Scene $scene, Coverage $coverage)
    {
        $this->after = new AfterPlay($scene->worth(), $scene->situation);
        $this->goer = self::goer($scene);
        $this->battery = Battery::onField($scene);
        $this->there = null === $this->goer ? \INF : self::there($this->goer->to(), $scene, $coverage);
    }

    /** What it costs when nobody goes. */
    public function staying(): float
    {
        return $this->after->now();
    }

    /** What it costs when a runner goes, with the pitch or once the catcher has it; as staying where nobody can. */
    public function going(StealKind $kind): float
    {
        if (null === $this->goer) {
            return $this->staying();
        }
        $safe = $this->safe($this->goer, $kind);
        $moved = $this->moved($this->goer->from);

        return $safe * $this->after->of($moved) +
            (1 - $safe) * $this->after->of([$this->goer->from->value => null] + $moved);
    }

    private function safe(Going $goer, StealKind $kind): float
    {
        [$rules, $level, $battery] = [$this->scene->rules, $this->scene->level, $this->battery];
        $race = StealRace::to($goer->to(), $battery, $rules, $level, $kind, $battery->toPlate + $this->there);

        return $race->success($goer->thief, $goer->lead);
    }

    private static function there(Base $base, Scene $scene, Coverage $coverage): float
    {
        $caught = Possession::atBag($scene->cast->at(Position::Catcher), $scene->bag(Base::Home), 0.0, 0.0);

        return GroundErrands::of(BuntKind::leaning($scene), $coverage, $caught)->takenFrom($base);
    }

    /** The foremost runner with nobody in front of him. */
    private static function goer(Scene $scene): ?Going
    {
        $bases = $scene->situation->bases;
        foreach ($scene->rules->steals ? Going::all($scene) : [] as $runner) {
            $isFree = Base::Home !== $runner->to() && !$bases->has($runner->to());
            if ($isFree) {
                return $runner;
            }
        }

        return null;
    }

    /** @return array<int, int> where that runner is when he has gone on, and one behind him with him */
    private function moved(Base $from): array
    {
        return array_filter(
            $this->after->given(1),
            static fn(int $base): bool => $base <= $from->value,
            \ARRAY_FILTER_USE_KEY,
        );
    }
}
