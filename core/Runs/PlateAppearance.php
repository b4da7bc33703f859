<?php

declare(strict_types=1);

namespace FoxCorner\Core\Runs;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\Situation;

/** All that one plate appearance can do to a situation. */
final readonly class PlateAppearance
{
    private const FIRST = 1;
    private const SECOND = 2;
    private const THIRD = 4;

    public function __construct(private EventRates $rates, private Advancement $advancement) {}

    /** @return list<Outcome> whose chances sum to one */
    public function outcomes(Situation $situation): array
    {
        [$r1, $r2, $r3] = [
            $situation->bases->has(Base::First),
            $situation->bases->has(Base::Second),
            $situation->bases->has(Base::Third),
        ];
        $outs = $situation->outs;
        $on = ($r1 ? self::FIRST : 0) + ($r2 ? self::SECOND : 0) + ($r3 ? self::THIRD : 0);
        $ground = $this->rates->outInPlay() * $this->advancement->groundShare;
        $everybody = (int) $r1 + (int) $r2 + (int) $r3;

        return [
            $this->walk($r1, $r2, $r3),
            ...$this->single($r1, $r2, $r3, $outs),
            ...$this->double($r1, $r2, $r3, $outs),
            new Outcome($this->rates->triple, self::THIRD, 0, $everybody),
            new Outcome($this->rates->homeRun, 0, 0, $everybody + 1),
            new Outcome($this->rates->strikeout, $on, 1, 0),
            // Everybody moves up one.
            new Outcome(
                $this->rates->error,
                self::FIRST + ($r1 ? self::SECOND : 0) + ($r2 ? self::THIRD : 0),
                0,
                (int) $r3,
            ),
            ...Outs::Two === $outs
                ? [new Outcome($this->rates->outInPlay(), 0, 1, 0)]
                : [
                    ...$r1
                        ? $this->groundWithForce($r2, $r3, $outs, $ground)
                        : $this->groundWithoutForce($r2, $r3, $ground),
                    ...$this->air($r1, $r2, $r3, $this->rates->outInPlay() - $ground),
                ],
        ];
    }

    /** @return list<Outcome> what a single does, with the share of plate appearances */
    public function singles(Situation $situation): array
    {
        return $this->single(
            $situation->bases->has(Base::First),
            $situation->bases->has(Base::Second),
            $situation->bases->has(Base::Third),
            $situation->outs,
        );
    }

    /** @return list<Outcome> what a double does, likewise */
    public function doubles(Situation $situation): array
    {
        return $this->double(
            $situation->bases->has(Base::First),
            $situation->bases->has(Base::Second),
            $situation->bases->has(Base::Third),
            $situation->outs,
        );
    }

    /** @return list<Outcome> what a triple does, likewise */
    public function triples(Situation $situation): array
    {
        return [new Outcome($this->rates->triple, self::THIRD, 0, \count($situation->bases->occupied()))];
    }

    private function walk(bool $r1, bool $r2, bool $r3): Outcome
    {
        $on = self::FIRST + ($r1 || $r2 ? self::SECOND : 0) + ($r3 || ($r1 && $r2) ? self::THIRD : 0);

        return new Outcome($this->rates->walk, $on, 0, (int) ($r1 && $r2 && $r3));
    }

    /** @return list<Outcome> */
    private function single(bool $r1, bool $r2, bool $r3, Outs $outs): array
    {
        $scores = $r2 ? $this->advancement->secondScoresOnSingle($outs) : 0.0;
        $takesThird = $r1 ? $this->advancement->firstToThirdOnSingle($outs) : 0.0;
        $base = self::FIRST;
        $second = $r1 ? self::SECOND : 0;
        $third = $r1 ? self::THIRD : 0;
        $free = $r2 ? $scores : 1.0;

        return [
            // The runner from second stops at third: the one from first at second.
            new Outcome($this->rates->single * (1 - $free), $base + self::THIRD + $second, 0, (int) $r3),
            // Third is free for the runner from first, who takes it or not.
            new Outcome($this->rates->single * $free * $takesThird, $base + $third, 0, (int) $r3 + (int) $r2),
            new Outcome($this->rates->single * $free * (1 - $takesThird), $base + $second, 0, (int) $r3 + (int) $r2),
        ];
    }

    /** @return list<Outcome> */
    private function double(bool $r1, bool $r2, bool $r3, Outs $outs): array
    {
        $scores = $r1 ? $this->advancement->firstScoresOnDouble($outs) : 1.0;
        $in = (int) $r2 + (int) $r3;

        return [
            new Outcome($this->rates->double * $scores, self::SECOND, 0, $in + (int) $r1),
            new Outcome($this->rates->double * (1 - $scores), self::SECOND + self::THIRD, 0, $in),
        ];
    }

    /** @return list<Outcome> a runner on first, fewer than two out */
    private function groundWithForce(bool $r2, bool $r3, Outs $outs, float $chance): array
    {
        $two = $chance * $this->advancement->doublePlay;
        $force = $chance * $this->advancement->forceOut;
        $batter = $chance - $two - $force;
        $home = $r3 ? $this->advancement->thirdScoresOnGround : 1.0;
        $third = $r2 ? self::THIRD : 0;
        // The lead of two forced runners is taken as often as he would not have moved up otherwise.
        $leadForced = $r2 && !$r3 ? $force * (1 - $this->advancement->secondToThirdOnGround) : 0.0;
        $homeForced = $r2 && $r3 ? ($force + $batter) * (1 - $home) : 0.0;
        $stays = !$r2 && $r3 ? 1 - $home : 0.0;
        $moves = $r2 && $r3 ? $home : 1 - $stays;

        return [
            // Batter and runner from first are out; with nobody out before, the others move up.
            new Outcome($two, Outs::None === $outs ? $third : 0, 2, Outs::None === $outs ? (int) $r3 : 0),
            new Outcome($leadForced, self::FIRST + self::SECOND, 1, 0),
            new Outcome($homeForced, self::FIRST + self::SECOND + self::THIRD, 1, 0),
            // The runner from first is forced at second: who throws there lets the one on third go …
            new Outcome($force * ($r2 && $r3 ? $home : 1.0) - $leadForced, self::FIRST + $third, 1, (int) $r3),
            // … or only the batter is out.
            new Outcome($batter * $moves, self::SECOND + $third, 1, (int) $r3),
            new Outcome($batter * $stays, self::SECOND + self::THIRD, 1, 0),
        ];
    }

    /** @return list<Outcome> first base empty, fewer than two out */
    private function groundWithoutForce(bool $r2, bool $r3, float $chance): array
    {
        $home = $r3 ? $this->advancement->thirdScoresOnGround : 1.0;
        $up = $r2 ? $this->advancement->secondToThirdOnGround : 0.0;

        return [
            new Outcome($chance * $home * $up, self::THIRD, 1, (int) $r3),
            new Outcome($chance * $home * (1 - $up), $r2 ? self::SECOND : 0, 1, (int) $r3),
            new Outcome($chance * (1 - $home), self::THIRD + ($r2 ? self::SECOND : 0), 1, 0),
        ];
    }

    /** @return list<Outcome> fewer than two out */
    private function air(bool $r1, bool $r2, bool $r3, float $chance): array
    {
        $home = $r3 ? $this->advancement->thirdScoresOnAir : 1.0;
        $up = $r2 ? $this->advancement->secondToThirdOnAir : 0.0;
        $first = $r1 ? self::FIRST : 0;

        return [
            new Outcome($chance * $home * $up, $first + self::THIRD, 1, (int) $r3),
            new Outcome($chance * $home * (1 - $up), $first + ($r2 ? self::SECOND : 0), 1, (int) $r3),
            new Outcome($chance * (1 - $home), $first + ($r2 ? self::SECOND : 0) + self::THIRD, 1, 0),
        ];
    }
}
