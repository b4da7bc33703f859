<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Showing;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Practice\Drill\Drill;

/**
 * One repetition of a drill on the clock of a field: who has the ball, where it goes, and when the next one begins.
 *
 * A drill writes it as legs, "H~6, 6>1B": who, how ({@see Way}), to whom. Who is a sign of the drawing ("6", "H";
 * "a" and "b" are those without one; a second one of a sign is "R2"), a bag ("1B", "HP"), or a spot in shares of the
 * base path ("0.1/0.42"). A leg with a plus begins with the one before it; any other when its ball is in hand. A throw
 * waits for whoever runs to where it goes.
 */
final readonly class Repetition
{
    /** ft within which two spots are one. */
    private const SPOT = 1.0;

    /**
     * @param non-empty-list<Leg> $legs  in order
     * @param float               $again s from the beginning of one player's to that of his next, in the smallest group
     *                                   in which all work
     */
    private function __construct(public array $legs, public float $again) {}

    /** @return self|null null: the drill does not say it */
    public static function of(Drill $drill, RuleSet $rules, LevelProfile $profile): ?self
    {
        $spots = Spots::of($drill, $rules->diamond());
        $pace = new LegPace($profile, Ball::for($rules->sport));
        $legs = [];
        foreach ($drill->legs() as $text) {
            $legs[] = self::leg($text, $legs, $spots, $pace);
        }

        return [] === $legs ? null : new self($legs, $drill->secondsPerRep * AgeGroup::of($profile->level)->slow());
    }

    /** s from the first move to the last. */
    public function seconds(): float
    {
        return max(array_map(static fn(Leg $leg): float => $leg->ends, $this->legs));
    }

    /** As a sentence: "The helper rolls it; the pitcher runs to the ball; the pitcher throws to first." */
    public function words(): string
    {
        return ucfirst(implode('; ', array_map(static fn(Leg $leg): string => $leg->words(), $this->legs))) . '.';
    }

    /** @param list<Leg> $before */
    private static function leg(string $text, array $before, Spots $spots, LegPace $pace): Leg
    {
        [$isWith, $from, $way, $to] = self::read($text);
        $last = [] === $before ? null : $before[array_key_last($before)];
        $start = self::standing($from, $before) ?? $spots->at($from);
        $end = self::standing($to, $before) ?? $spots->at($to);
        $seconds = $pace->seconds($way, $from, $start->distanceTo($end));
        $begins = $isWith ? $last->begins ?? 0.0 : self::free($from, $way->isOfTheBall(), $before, $pace);
        if ($way->isOfTheBall()) {
            foreach ($before as $leg) {
                $isFor = Way::Runs === $leg->way && $leg->end->distanceTo($end) < self::SPOT;
                $begins = $isFor ? max($begins, $leg->ends - $seconds) : $begins;
            }
        }

        return new Leg(
            $way,
            $from,
            str_contains($to, '/') ? self::spot($way, $end, $before) : $to,
            $start,
            $end,
            $begins,
            $begins + $seconds,
            LegPace::isHit($way, $from, $start->distanceTo($end)),
        );
    }

    /**
     * What is on a spot where somebody runs: the ball, or nothing.
     *
     * @param list<Leg> $before
     */
    private static function spot(Way $way, Point $end, array $before): string
    {
        foreach (Way::Runs === $way ? $before : [] as $leg) {
            if ($leg->way->isOfTheBall() && $leg->end->distanceTo($end) < self::SPOT) {
                return Who::BALL;
            }
        }

        return '';
    }

    /**
     * @return array{bool, string, Way, string}
     *
     * @throws \OutOfBoundsException when it is none
     */
    private static function read(string $text): array
    {
        if (1 !== preg_match('~^(\+?)([^\~^>:]+)([\~^>:])(.+)$~', trim($text), $parts)) {
            throw new \OutOfBoundsException("\"$text\" is no leg");
        }

        return ['+' === $parts[1], $parts[2], Way::from($parts[3]), $parts[4]];
    }

    /**
     * Where somebody has run to; null: he stands where he stood.
     *
     * @param list<Leg> $before
     */
    private static function standing(string $sign, array $before): ?Point
    {
        foreach (array_reverse($before) as $leg) {
            if (Way::Runs === $leg->way && $leg->from === $sign) {
                return $leg->end;
            }
        }

        return null;
    }

    /**
     * When somebody can begin: the ball that came to him, or to which he ran, is in hand; or his run is over.
     *
     * @param bool      $isBall whether he throws or rolls it then
     * @param list<Leg> $before
     *
     * @return float s
     */
    private static function free(string $sign, bool $isBall, array $before, LegPace $pace): float
    {
        $free = 0.0;
        foreach ($before as $leg) {
            $hasPickedUp = $leg->way->isOfTheBall() || $isBall;
            if ($leg->way->isOfTheBall() || $leg->from === $sign) {
                $free = max($free, $leg->ends + ($hasPickedUp ? $pace->exchange() : 0.0));
            }
        }

        return $free;
    }
}
