<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Ball\Cutoff;
use FoxCorner\Core\Play\Ball\Possession;
use FoxCorner\Core\Play\Ball\RelayArms;
use FoxCorner\Core\Play\Cast\CastMember;
use FoxCorner\Core\Play\Scene\PlaySetting;

/** The cutoff man of a play: where he stands on the line, when he is there, and what standing elsewhere would lose. */
final readonly class CutMan
{
    /** ft that a middle infielder keeps from the ball; of the base path, from the base. */
    private const FROM_BALL = 25.0;
    private const FROM_BASE = 0.3;
    /**
     * Of the base path, from the base: where a corner cuts, inside the infield, so that he can throw anywhere (ours).
     */
    private const CORNER = [0.45, 0.95];
    /** ft that he leaves between himself and whoever comes to second (ours). */
    private const BESIDE_SECOND = 12.0;
    /** ft between the places that are looked at when the best one is too far away. */
    private const STRIDE = 4.0;

    /**
     * @param float  $feet  from the ball to the base
     * @param Cutoff $best  the quickest place of all on the line, whoever could be there
     * @param Cutoff $place where he stands: as near to it as he can be in time
     * @param float  $there s from contact at which he is there
     */
    private function __construct(
        public CastMember $who,
        public Base $base,
        public Point $at,
        public float $feet,
        public Cutoff $best,
        public Cutoff $place,
        public float $there,
        public RelayArms $arms,
    ) {}

    /** @param float $exchange s of whoever has the ball, the turn toward the base included */
    public static function of(
        PlaySetting $setting,
        CastMember $who,
        Base $base,
        Possession $ball,
        float $exchange,
    ): self {
        $bag = $setting->bag($base);
        $relays = $setting->level->motion->exchangeRelay + $who->exchangeMore;
        $arms = new RelayArms($setting->throwing->throws, $ball->by->arm, $exchange, $who->arm, $relays);
        $feet = $ball->at->distanceTo($bag);
        [$from, $to] = self::stretch($who->position, $feet, $setting->rules->basePath);
        // The shortstop who goes out for a ball to right does not pass second: somebody comes to it.
        if (Position::Shortstop === $who->position && $ball->at->x > 0.0) {
            $second = $setting->bag(Base::Second);
            $from = min($to, max($from, $ball->at->distanceTo($second) + self::BESIDE_SECOND));
        }
        [$best, $place, $there] = self::inTime($who, $ball, $bag, $arms, [$from, $to]);

        return new self($who, $base, $ball->at->toward($bag, $place->fromBall), $feet, $best, $place, $there, $arms);
    }

    /** Where the last cutoff man stands, on the line from farther out: inside the infield. */
    public static function lastOn(Point $ball, Point $bag, float $basePath): Point
    {
        $feet = $ball->distanceTo($bag);

        return $ball->toward($bag, max(0.0, $feet - $basePath * ((self::CORNER[0] + self::CORNER[1]) / 2)));
    }

    /** @return array{float, float} ft from the ball, from and to */
    private static function stretch(Position $position, float $feet, float $basePath): array
    {
        $isMiddle = Position::SecondBase === $position || Position::Shortstop === $position;

        return $isMiddle
            ? [min(self::FROM_BALL, $feet / 2), max($feet / 2, $feet - self::FROM_BASE * $basePath)]
            : [
                max($feet / 2, $feet - self::CORNER[1] * $basePath),
                max($feet / 2, $feet - self::CORNER[0] * $basePath),
            ];
    }

    /**
     * The place at which the ball is sooner at the base than over any other that he can reach, waiting for him
     * included.
     *
     * @param array{float, float} $stretch
     *
     * @return array{Cutoff, Cutoff, float} the best place of all, his, and when he is there
     */
    private static function inTime(
        CastMember $who,
        Possession $ball,
        Point $bag,
        RelayArms $arms,
        array $stretch,
    ): array {
        $feet = $ball->at->distanceTo($bag);
        $best = $arms->bestWithin($feet, ...$stretch);
        $there = $who->secondsTo($ball->at->toward($bag, $best->fromBall));
        if ($there <= $ball->seconds + $arms->exchange + $arms->out($best->fromBall)) {
            return [$best, $best, $there];
        }
        [$found, $at] = [$best, $there];
        $least = \INF;
        for ($from = $stretch[0]; $from <= $stretch[1]; $from += self::STRIDE) {
            $here = $who->secondsTo($ball->at->toward($bag, $from));
            $seconds = $arms->relay($feet, $from);
            $late = max(0.0, $here - $ball->seconds - $arms->exchange - $arms->out($from));
            if ($seconds + $late < $least) {
                [$least, $found, $at] = [$seconds + $late, new Cutoff($from, $seconds), $here];
            }
        }

        return [$best, $found, $at];
    }
}
