<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Motion\OutChance;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Cast\Cast;
use FoxCorner\Core\Play\Cast\CastMember;

/** What an infielder makes of a ground ball: the out at first, two by way of second, the plate. */
final readonly class InfieldPlays
{
    /** mph and ft of the shorter feeds to second. Source: the project's model. */
    private const UNDERHAND = 28.0;
    private const UNDERHAND_UP_TO = 20.0;
    private const DART = 45.0;
    private const DART_UP_TO = 45.0;

    private Point $first;
    private Point $second;
    /** @var array<int, float> seconds until somebody else than the fielder is at second, by the fielder's number */
    private array $secondCovered;
    private float $relay;

    public function __construct(private Setting $setting, Cast $cast)
    {
        $diamond = $setting->rules->diamond();
        $this->first = $diamond->at(Base::First);
        $this->second = $diamond->at(Base::Second);
        $short = $cast->at(Position::Shortstop)->secondsTo($this->second);
        $base = $cast->at(Position::SecondBase)->secondsTo($this->second);
        $this->secondCovered = [1 => min($short, $base), 3 => $short, 4 => $short, 5 => $base, 6 => $base];
        $this->relay = $setting->level->motion->exchangePivot + $setting->throws->seconds($setting->rules->basePath, Speed::ofMph($setting->level->infieldArm));
    }

    /** Whether somebody is at second as soon as in another alignment: what others do with a ball then stays the same. */
    public function coversAs(self $other): bool
    {
        return !$this->setting->isTwoOn || $this->secondCovered === $other->secondCovered;
    }

    /**
     * What the fielder makes of the ball: of first, two by way of second, and the force at the plate the one that costs least.
     *
     * A runner on third who is not forced reads the ball: he goes when he would beat a throw home, and stays otherwise.
     *
     * @return array{float, float, float, float} the chance of an out, of two, of the run from third, and what it costs
     */
    public function play(CastMember $by, int $direction, int $speed, int $look): array
    {
        $along = GroundBalls::FIRST_LOOK + GroundBalls::STEP * $look;
        $point = Point::of($along * $this->setting->balls->sines[$direction], $along * $this->setting->balls->cosines[$direction]);
        $fielded = $this->setting->balls->seconds[$speed][$look] + $by->exchangeMore;
        $costs = $this->setting->costs;
        $home = $this->setting->isRunOn ? $this->atHome($by, $point, $fielded) : 0.0;
        $stays = $this->setting->isHomeForced ? 0.0 : $home;
        $safe = $costs->safeAtFirst[0] + $stays * ($costs->safeAtFirst[1] - $costs->safeAtFirst[0]);
        $batterOut = $costs->outAtFirst[0] + $stays * ($costs->outAtFirst[1] - $costs->outAtFirst[0]);

        $first = $this->atFirst($by, $point, $fielded);
        $best = [$first, 0.0, 1 - $stays, $safe + $first * ($batterOut - $safe)];
        if ($this->setting->isTwoOn) {
            [$lead, $relay] = $this->bySecond($by, $point, $fielded);
            $second = $costs->outAtSecond[0];
            $cost = $costs->safeAtFirst[0] + $lead * ($second + $relay * ($costs->two[0] - $second) - $costs->safeAtFirst[0]);
            $best = $cost < $best[3] ? [$lead, $lead * $relay, 1.0, $cost] : $best;
        }
        if ($this->setting->isHomeForced && $this->setting->isRunOn) {
            $cost = $costs->safeAtFirst[0] + $home * ($costs->outAtHome - $costs->safeAtFirst[0]);
            $best = $cost < $best[3] ? [$home, 0.0, 1 - $home, $cost] : $best;
        }

        return $best;
    }

    /** The throw home against a runner who goes with the crack of the bat; a tag unless he is forced. */
    private function atHome(CastMember $by, Point $point, float $fielded): float
    {
        $feet = $point->distanceTo(Point::home());
        $motion = $this->setting->level->motion;
        $there = $fielded + $motion->exchangeSet + $this->setting->throws->seconds($feet, $by->arm);

        return $this->out($this->setting->thirdAtHome - $there - ($this->setting->isHomeForced ? 0.0 : $motion->tag), $feet);
    }

    /** @return array{float, float} the chance of the force at second, and of the relay to first after it */
    private function bySecond(CastMember $by, Point $point, float $fielded): array
    {
        $feed = $point->distanceTo($this->second);
        $atSecond = max($fielded + $this->setting->level->motion->exchangeSet + $this->feedSeconds($feed, $by), $this->secondCovered[$by->position->value] ?? \INF);

        return [$this->out($this->setting->firstAtSecond - $atSecond, $feed), $this->out($this->setting->batterAtFirst - $atSecond - $this->relay, $this->setting->rules->basePath)];
    }

    /** The first baseman runs to the bag himself when that is quicker. */
    private function atFirst(CastMember $by, Point $point, float $fielded): float
    {
        $feet = $point->distanceTo($this->first);
        $thrown = $fielded + $this->setting->level->motion->exchangeSet + $this->setting->throws->seconds($feet, $by->arm);
        if (Position::FirstBase === $by->position) {
            return $this->out($this->setting->batterAtFirst - min($thrown, $fielded + $by->legs->secondsFor($feet)), min($feet, 30.0));
        }

        return $this->out($this->setting->batterAtFirst - $thrown, $feet);
    }

    private function feedSeconds(float $feet, CastMember $by): float
    {
        return $this->setting->throws->seconds($feet, match (true) {
            $feet <= self::UNDERHAND_UP_TO => Speed::ofMph(self::UNDERHAND),
            $feet <= self::DART_UP_TO => Speed::ofMph(self::DART),
            default => $by->arm,
        });
    }

    private function out(float $margin, float $feet): float
    {
        return OutChance::ofMargin($margin, $this->setting->level->motion->forceSpread) * OutChance::clean($feet, $this->setting->level->executionFactor, $margin);
    }
}
