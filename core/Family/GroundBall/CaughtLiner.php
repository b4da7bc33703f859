<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\GroundBall;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\LeadRule;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Motion\OutChance;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Cast\BaseRunner;
use FoxCorner\Core\Play\Grid\GroundFielder;
use FoxCorner\Core\Play\Grid\GroundPlays;
use FoxCorner\Core\Play\Grid\GroundSetting;
use FoxCorner\Core\Play\Grid\Onward;
use FoxCorner\Core\Play\Scene\PlaySetting;

/** A line drive that an infielder catches, hit as hard as the level hits: which runners are not back in time. */
final readonly class CaughtLiner
{
    /** s before contact at which a runner goes with the pitch, where he may lead, and where he must wait (ours). */
    private const WITH_PITCH = 1.2;
    private const ON_RELEASE = 0.45;

    private GroundFielder $fielder;
    /** s from contact. */
    private float $caught;
    private float $spread;

    private function __construct(private PlaySetting $setting, private GroundSetting $ground, public Position $at)
    {
        $this->fielder = $ground->fielders[$at->value];
        $this->caught = $setting->level->hardHitSeconds(
            $this->fielder->who->start->distanceTo(Point::home()),
            $setting->rules->sport,
        );
        $this->spread = OutChance::spread($setting->level->motion->forceSpread, $setting->level->scatter);
    }

    /** @return list<self> one for each infielder that balls are hit at */
    public static function all(GroundDefence $defence): array
    {
        $setting = PlaySetting::onTheGround($defence->scene);

        return array_map(static fn(Position $at): self => new self($setting, $defence->ground, $at), Starter::WHO);
    }

    /** @return list<Base> whose runners can be off */
    public function runners(): array
    {
        return $this->setting->situation->bases->occupied();
    }

    /** The chance that a runner is off who waited on the line drive, as he is taught. */
    public function waiting(Base $base): float
    {
        $runner = $this->runner($base);

        return $this->out($base, $this->caught + BaseRunner::TURNS + self::back($runner, $runner->lead));
    }

    /** The chance that a runner is off who went with the crack of the bat. */
    public function gone(Base $base): float
    {
        return $this->out($base, $this->backAfterGoing($base, $this->runner($base)->startDelay));
    }

    /** Whether he takes the bag himself. */
    public function isAlone(Base $base): bool
    {
        return $this->own($base) <= $this->thrown($base);
    }

    /** The chance that two runners are off who both went with the pitch: with nobody out, three on one ball. */
    public function both(Base $first, Base $then): float
    {
        $taker = $this->isAlone($first) ? $this->fielder->number : $this->cover($first)[0];
        [$receiver, $coverAt] = $this->cover($then);
        if ($receiver === $taker || 0 === $receiver) {
            return 0.0;
        }
        $motion = $this->setting->level->motion;
        $feet = $this->setting->bag($first)->distanceTo($this->setting->bag($then));
        $thrower = $this->ground->fielders[$taker];
        $there =
            $this->there($first) +
            ($this->isAlone($first) ? $motion->exchangeSet * Onward::OFF_THE_BAG : $motion->exchangePivot) +
            $thrower->flight($feet);

        $started = LeadRule::Anytime === $this->setting->rules->leads ? -self::WITH_PITCH : -self::ON_RELEASE;

        return $this->out($first, $this->backAfterGoing($first, $started)) *
            $thrower->caught($then, $feet) *
            $this->late(max($there, $coverAt), $this->backAfterGoing($then, $started));
    }

    private function out(Base $base, float $back): float
    {
        $feet = $this->feetTo($base);
        $sure = $this->isAlone($base) ? 1.0 : $this->fielder->caught($base, $feet);

        return $sure * $this->late($this->there($base), $back);
    }

    /** The chance that ball and foot are there first. */
    private function late(float $there, float $back): float
    {
        return OutChance::ofMargin($back - $there, $this->spread);
    }

    private function feetTo(Base $base): float
    {
        return $this->fielder->who->start->distanceTo($this->setting->bag($base));
    }

    /** s from contact at which ball and foot are at a bag. */
    private function there(Base $base): float
    {
        return min($this->own($base), $this->thrown($base));
    }

    private function own(Base $base): float
    {
        $feet = $this->feetTo($base);

        return $feet < GroundPlays::CARRIES ? $this->caught + $this->fielder->run->seconds($feet) : \INF;
    }

    private function thrown(Base $base): float
    {
        [$cover, $coverAt] = $this->cover($base);
        $feet = $this->feetTo($base);

        return 0 === $cover
            ? \INF
            : max($this->caught + $this->fielder->exchange + $this->fielder->flight($feet), $coverAt);
    }

    /** @return array{int, float} who takes his throw at a bag, and s from contact at which he is there */
    private function cover(Base $base): array
    {
        return $this->ground->covering->there[$base->value][$this->at->value];
    }

    /** @param float $started s from contact at which he went */
    private function backAfterGoing(Base $base, float $started): float
    {
        $runner = $this->runner($base);
        $off = $runner->lead + $runner->legs->distanceAfter(max(0.0, $this->caught - $started));

        return $this->caught + BaseRunner::TURNS + BaseRunner::STOPS + self::back($runner, $off);
    }

    private static function back(BaseRunner $runner, float $feet): float
    {
        return $runner->legs->secondsFor(max(0.0, $feet - BaseRunner::DIVES));
    }

    private function runner(Base $base): BaseRunner
    {
        foreach ($this->setting->runners as $runner) {
            if ($runner->base === $base) {
                return $runner;
            }
        }

        throw new \LogicException('Only who is on can be doubled off.');
    }
}
