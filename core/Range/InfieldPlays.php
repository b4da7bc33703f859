<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Motion\OutChance;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Cast;
use FoxCorner\Core\Play\CastMember;

/** What an infielder makes of a ground ball: the out at first, and two by way of second. */
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

    /** @return array{float, float} the chance of an out (the better of the two bases), and of two */
    public function chances(CastMember $by, int $direction, int $speed, int $look): array
    {
        $along = GroundBalls::FIRST_LOOK + GroundBalls::STEP * $look;
        $point = Point::of($along * $this->setting->balls->sines[$direction], $along * $this->setting->balls->cosines[$direction]);
        $fielded = $this->setting->balls->seconds[$speed][$look];
        $first = $this->atFirst($by, $point, $fielded);
        if (!$this->setting->isTwoOn) {
            return [$first, 0.0];
        }
        $feed = $point->distanceTo($this->second);
        $atSecond = max($fielded + $this->setting->level->motion->exchangeSet + $this->feedSeconds($feed, $by), $this->secondCovered[$by->position->value] ?? \INF);
        $lead = $this->out($this->setting->firstAtSecond - $atSecond, $feed);

        return [max($first, $lead), $lead * $this->out($this->setting->batterAtFirst - $atSecond - $this->relay, $this->setting->rules->basePath)];
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
