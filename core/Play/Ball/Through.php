<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Ball;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Motion\BattedBall;
use FoxCorner\Core\Motion\OutChance;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Cast\BatterRunner;
use FoxCorner\Core\Play\Cast\Cast;

/**
 * How far the batter gets on a ground ball that is through: by where it goes and how hard it is hit, which outfielder
 * has
 * it when, and whether his throw, or a relay, would have the batter at second or third.
 *
 * Reckoned at knots, as they are asked for, and even in between.
 */
final class Through
{
    /** Degrees between the knots, and the outermost. */
    private const KNOT = 4.0;
    public const OUTERMOST = 44.0;
    /** Of the level's ordinary speed off the bat: the knots. */
    private const SPEEDS = [0.5, 0.8, 1.0, 1.15, 1.4];
    /** s that a batter wants to have to spare (ours). */
    private const TO_SPARE = 0.2;
    /** Of the way, from the ball: where a cutoff man stands. */
    private const CUT = 0.55;
    /** Outfields that are remembered. */
    private const KNOWN = 24;

    /** @var array<string, self> */
    private static array $known = [];
    /** @var array<int, array<int, array{float, float}>> by direction and speed */
    private array $knots = [];
    private readonly Throwing $throwing;
    /** @var array<int, float> s at which the batter is at a base */
    private readonly array $arrivals;
    /** @var array<int, float> s */
    private readonly array $spreads;
    /** @var array<int, Point> */
    private readonly array $bags;

    private function __construct(
        private readonly Cast $cast,
        private readonly RuleSet $rules,
        private readonly LevelProfile $level,
        BatterRunner $batter,
        bool $isKnown,
    ) {
        $this->throwing = Throwing::at($level, $rules->sport);
        $arrivals = $spreads = $bags = [];
        foreach ([Base::Second, Base::Third] as $base) {
            $arrivals[$base->value] = $batter->secondsOver($base->value, $rules->basePath, $level->motion);
            $spreads[$base->value] = OutChance::spread(
                $level->motion->tagSpread,
                $level->scatter * sqrt($base->value),
                $isKnown,
            );
            $bags[$base->value] = $rules->diamond()->at($base);
        }
        [$this->arrivals, $this->spreads, $this->bags] = [$arrivals, $spreads, $bags];
    }

    public static function of(
        Cast $cast,
        RuleSet $rules,
        LevelProfile $level,
        BatterRunner $batter,
        bool $isKnown = false,
    ): self {
        $key = [$rules->key, $rules->fence->feet, $rules->surface, $rules->basePath, $level->level, $level->motion];
        $key[] = [$batter->legs, $batter->startDelay, $isKnown, $level->scatter];
        foreach ([...Position::OUTFIELD, Position::SecondBase] as $position) {
            $who = $cast->at($position);
            $key[] = [$who->start, $who->legs, $who->arm, $who->exchangeMore];
        }
        $name = hash('xxh128', serialize($key));
        if (!isset(self::$known[$name]) && \count(self::$known) >= self::KNOWN) {
            array_shift(self::$known);
        }

        return self::$known[$name] ??= new self($cast, $rules, $level, $batter, $isKnown);
    }

    /**
     * @param float $mph off the bat
     *
     * @return array{float, float} the chances of two bases, and of three
     */
    public function extraBases(float $degrees, float $mph): array
    {
        $across = (min(self::OUTERMOST, max(-self::OUTERMOST, $degrees)) + self::OUTERMOST) / self::KNOT;
        $left = (int) min($across, (2 * self::OUTERMOST) / self::KNOT - 1);
        [$slow, $share] = self::between($mph / $this->level->groundBallSpeed);
        $double = $triple = 0.0;
        foreach ([[$left, 1 - ($across - $left)], [$left + 1, $across - $left]] as [$direction, $near]) {
            foreach ([[$slow, 1 - $share], [$slow + 1, $share]] as [$speed, $weight]) {
                if ($near * $weight > 0.0) {
                    [$two, $three] = $this->knot($direction, $speed);
                    $double += $near * $weight * $two;
                    $triple += $near * $weight * $three;
                }
            }
        }

        return [$double, $triple];
    }

    /** @return array{int, float} the knot below, and how far it is to the next one */
    private static function between(float $of): array
    {
        $knot = 0;
        foreach (\array_slice(self::SPEEDS, 1, -1) as $index => $next) {
            $knot = $next < $of ? $index + 1 : $knot;
        }
        $below = self::SPEEDS[$knot];

        return [$knot, min(1.0, max(0.0, ($of - $below) / max(0.01, self::SPEEDS[$knot + 1] - $below)))];
    }

    /** @return array{float, float} */
    private function knot(int $direction, int $speed): array
    {
        return $this->knots[$direction][$speed] ??= $this->reckoned(
            self::KNOT * $direction - self::OUTERMOST,
            self::SPEEDS[$speed] * $this->level->groundBallSpeed,
        );
    }

    /** @return array{float, float} */
    private function reckoned(float $degrees, float $mph): array
    {
        $ball = BattedBall::hitOnTheGround(Speed::ofMph($mph), $degrees, $this->rules);
        $has = Retrieval::of($ball, $this->cast, $this->level->motion);
        $from = $has->possession();
        $reaches = [];
        foreach ($this->bags as $base => $bag) {
            $throw = $this->throwing->to($from, $bag);
            $arms = new RelayArms(
                $this->throwing->throws,
                $has->by->arm,
                $throw->released - $has->seconds,
                $this->cast->at(Position::SecondBase)->arm,
                $this->level->motion->exchangeRelay,
            );
            $arrives = min($throw->arrives, $has->seconds + $arms->relay($throw->feet, self::CUT * $throw->feet));
            $spare = $arrives + $this->level->motion->tag - $this->arrivals[$base];
            $reaches[$base] = OutChance::ofMargin($spare - self::TO_SPARE, $this->spreads[$base]);
        }
        $triple = $reaches[Base::Second->value] * $reaches[Base::Third->value];

        return [$reaches[Base::Second->value] - $triple, $triple];
    }
}
