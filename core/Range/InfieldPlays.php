<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Motion\MotionProfile;
use FoxCorner\Core\Motion\OutChance;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Cast\Cast;
use FoxCorner\Core\Play\Cast\CastMember;
use FoxCorner\Core\Play\Clock\Delivery;
use FoxCorner\Core\Play\Clock\Possession;

/**
 * What an infielder makes of a ground ball: the out at first, two by way of second, the plate. Throws are the clock's.
 */
final readonly class InfieldPlays
{
    private MotionProfile $motion;
    private Point $first;
    private Point $second;
    private Point $home;
    /** @var array<int, float> seconds until somebody else than the fielder is at second, by the fielder's number */
    private array $secondCovered;
    private float $relay;

    public function __construct(private Setting $setting, Cast $cast)
    {
        $this->motion = $setting->level->motion;
        $diamond = $setting->rules->diamond();
        $this->first = $diamond->at(Base::First);
        $this->second = $diamond->at(Base::Second);
        $this->home = Point::home();
        $short = $cast->at(Position::Shortstop)->secondsTo($this->second);
        $base = $cast->at(Position::SecondBase)->secondsTo($this->second);
        $this->secondCovered = [1 => min($short, $base), 3 => $short, 4 => $short, 5 => $base, 6 => $base];
        $arm = Speed::ofMph($setting->level->infieldArm);
        $this->relay = $this->motion->exchangePivot + $setting->throwing->flight($setting->rules->basePath, $arm);
    }

    /**
     * Whether somebody is at second as soon as in another alignment: what others do with a ball then stays the same.
     */
    public function coversAs(self $other): bool
    {
        return !$this->setting->isTwoOn || $this->secondCovered === $other->secondCovered;
    }

    public function chances(CastMember $by, int $direction, int $speed, int $look): Chances
    {
        $balls = $this->setting->balls;
        $along = GroundBalls::FIRST_LOOK + GroundBalls::STEP * $look;
        $at = Point::of($along * $balls->sines[$direction], $along * $balls->cosines[$direction]);
        $ball = Possession::ofBall(
            $by,
            $at,
            $balls->seconds[$speed][$look],
            $balls->paces[$speed][$look],
            $this->motion,
        );

        return new Chances(
            $this->atFirst($ball),
            $this->setting->isRunOn ? $this->atHome($ball) : 0.0,
            $this->setting->isTwoOn ? $this->setting->throwing->to($ball, $this->second) : null,
        );
    }

    /**
     * What is made of the ball: of first, two by way of second, and the force at the plate the one that costs least.
     *
     * A runner on third who is not forced reads the ball: he goes when he would beat a throw home, and stays otherwise.
     */
    public function made(Position $by, int $look, Chances $chances): BallFielded
    {
        $costs = $this->setting->costs;
        [$first, $home] = [$chances->first, $chances->home];
        $stays = $this->setting->isHomeForced ? 0.0 : $home;
        $safe = $costs->safeAtFirst[0] + $stays * ($costs->safeAtFirst[1] - $costs->safeAtFirst[0]);
        $batterOut = $costs->outAtFirst[0] + $stays * ($costs->outAtFirst[1] - $costs->outAtFirst[0]);

        [$out, $two, $scores, $least] = [$first, 0.0, 1 - $stays, $safe + $first * ($batterOut - $safe)];
        if (null !== $chances->feed) {
            $atSecond = max($chances->feed->arrives, $this->secondCovered[$by->value] ?? \INF);
            $lead = $this->out($this->setting->firstAtSecond - $atSecond, $chances->feed);
            $relay = $this->relayed($this->setting->batterAtFirst - $atSecond - $this->relay);
            $second = $costs->outAtSecond[0];
            $cost =
                $costs->safeAtFirst[0] +
                $lead * ($second + $relay * ($costs->two[0] - $second) - $costs->safeAtFirst[0]);
            if ($cost < $least) {
                [$out, $two, $scores, $least] = [$lead, $lead * $relay, 1.0, $cost];
            }
        }
        if ($this->setting->isHomeForced && $this->setting->isRunOn) {
            $cost = $costs->safeAtFirst[0] + $home * ($costs->outAtHome - $costs->safeAtFirst[0]);
            if ($cost < $least) {
                [$out, $two, $scores, $least] = [$home, 0.0, 1 - $home, $cost];
            }
        }

        return new BallFielded($by, $look, $chances, $out, $two, $scores, $least);
    }

    /** The throw home against a runner who goes with the crack of the bat; a tag unless he is forced. */
    private function atHome(Possession $ball): float
    {
        $throw = $this->setting->throwing->to($ball, $this->home);
        $tag = $this->setting->isHomeForced ? 0.0 : $this->motion->tag;

        return $this->out($this->setting->thirdAtHome - $throw->arrives - $tag, $throw);
    }

    /** The chance of the relay to first, with so many seconds to spare. */
    private function relayed(float $margin): float
    {
        return OutChance::ofMargin($margin, $this->motion->forceSpread) *
            OutChance::clean($this->setting->rules->basePath, $this->setting->level->executionFactor, $margin);
    }

    /** The first baseman runs to the bag himself when that is quicker. */
    private function atFirst(Possession $ball): float
    {
        $throw = $this->setting->throwing->to($ball, $this->first);
        if (Position::FirstBase === $ball->by->position) {
            $own = $this->setting->throwing->carried($ball, $this->first);
            $throw = $own->arrives < $throw->arrives ? $own : $throw;
        }

        return $this->out($this->setting->batterAtFirst - $throw->arrives, $throw);
    }

    private function out(float $margin, Delivery $throw): float
    {
        return OutChance::ofMargin($margin, $this->motion->forceSpread) *
            $this->setting->throwing->clean($throw, $margin);
    }
}
