<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Fielding;

use FoxCorner\Core\Level\Skills;
use FoxCorner\Core\Motion\Giving;

/** What whoever has a ground ball can make of it: every aim, by hand or on his own feet, with what it costs. */
final class GroundPlays
{
    /** ft; farther from a bag nobody runs there with the ball. */
    public const CARRIES = 75.0;
    /** Chance of the first out that nobody gives up to take the bag himself. */
    private const GIVEN_UP = 0.3;
    /** Chance of the first out under which nobody thinks of a second. */
    private const NO_OUT = 1e-6;
    /** Pivots that come to a throw: e^(−.14 bag) (fitted to the level's twos). */
    private const PIVOT_LOST = 0.14;

    private readonly float $pivotKept;
    private readonly float $turnThrow;
    /** @var array<int, non-empty-list<AimedBy>> by fielder, as far as asked */
    private array $aims = [];

    public function __construct(private readonly GroundSetting $setting)
    {
        $this->pivotKept = self::pivotKept($setting->level->skills);
        $this->turnThrow = $setting->level->motion->turnThrow;
    }

    public static function pivotKept(Skills $skills): float
    {
        return $skills->perfect ? 1.0 : exp(-self::PIVOT_LOST * $skills->bag);
    }

    /**
     * @param float $delay s lost in picking up a ball that was misplayed
     *
     * @return non-empty-list<Attempt> in the order of the aims, first base first
     */
    public function attempts(Met $met, float $delay = 0.0): array
    {
        $number = $met->by->number;
        $attempts = [];
        foreach ($this->aims[$number] ??= AimedBy::all($this->setting, $number) as $aimed) {
            $attempts[] = $this->attempt($met, $aimed, $delay);
        }

        return $attempts;
    }

    private function attempt(Met $met, AimedBy $aimed, float $delay): Attempt
    {
        $by = $met->by;
        $x = $aimed->x - $met->x;
        $y = $aimed->y - $met->y;
        $feet = sqrt($x * $x + $y * $y);
        $has = $met->seconds + $delay;
        $moving = $delay > 0.0 ? 0.0 : $met->moving;
        $released = $has + $met->exchange * ($feet <= Giving::FEED_UP_TO ? Giving::FEED_EXCHANGE : 1.0);
        if ($feet > 0.0) {
            $released +=
                ($this->turnThrow * $moving * (1 - ($met->onX * $x + $met->onY * $y) / $feet)) / 2 +
                ($x * $by->armSide > 0.0 ? $by->handTurn($x / $feet, $feet) : 0.0);
        }
        $ball = $released + $by->flight($feet);
        $outAt = ($ball > $aimed->coverAt ? $ball : $aimed->coverAt) + $aimed->tag;
        $caught = $by->caught($aimed->aim->bag, $feet, $moving);
        $first = 0 === $aimed->cover ? 0.0 : $caught / (1 + exp(($outAt - $aimed->runner) / $aimed->spread));
        if ($feet >= self::CARRIES) {
            return $this->thrown($aimed, $feet, $released, $ball, $outAt, $first, $caught);
        }
        $own = $has + $by->run->seconds($feet);
        $alone = 1 / (1 + exp(($own + $aimed->tag - $aimed->runner) / $aimed->spread));
        $thrown = $this->thrown($aimed, $feet, $released, $ball, $outAt, $first, $caught);
        if ($alone < $first - self::GIVEN_UP) {
            return $thrown;
        }
        $carried = $this->carried($aimed, $by->number, $has, $own, $alone);

        return $carried->costs[1] < $thrown->costs[1] ? $carried : $thrown;
    }

    private function thrown(
        AimedBy $aimed,
        float $feet,
        float $released,
        float $there,
        float $outAt,
        float $first,
        float $caught,
    ): Attempt {
        $on = $aimed->onward;
        $again = $second = $both = $wild = 0.0;
        if (null !== $on && $first >= self::NO_OUT) {
            $again = $outAt + $on->pivot;
            $second = $again + $on->flight;
            $both = $first * $this->pivotKept * $on->out($second);
            $wild = $first * $this->pivotKept * $on->wild;
        }
        $past = 0 === $aimed->cover ? 0.0 : (1 - $caught) * Giving::PAST;

        return $this->ending(
            $aimed->aim,
            false,
            $feet,
            $released,
            $there,
            $aimed->cover,
            $aimed->coverAt,
            $first,
            $caught,
            $past,
            $again,
            $second,
            $both,
            $wild,
            $on,
        );
    }

    /** @param float $there s at which he is on the bag himself */
    private function carried(AimedBy $aimed, int $fielder, float $has, float $there, float $first): Attempt
    {
        $on = $aimed->own;
        $again = $second = $both = $wild = 0.0;
        if (null !== $on && $first >= self::NO_OUT) {
            $again = $there + $aimed->tag + $on->offTheBag;
            $second = $again + $on->flight;
            $both = $first * $on->out($second);
            $wild = $first * $on->wild;
        }

        return $this->ending(
            $aimed->aim,
            true,
            0.0,
            $has,
            $there,
            $fielder,
            $there,
            $first,
            1.0,
            0.0,
            $again,
            $second,
            $both,
            $wild,
            $on,
        );
    }

    /** Whether the ball goes on, and what it all costs. */
    private function ending(
        Aim $aim,
        bool $carried,
        float $feet,
        float $released,
        float $there,
        int $cover,
        float $coverAt,
        float $first,
        float $caught,
        float $past,
        float $again,
        float $second,
        float $both,
        float $wild,
        ?Onward $on,
    ): Attempt {
        [$none, $byFirst, $byBoth, $byWild, $byPast] = $aim->terms[1];
        $receiver = null === $on ? 0 : $on->receiver;
        // He throws on only when that costs less than to hold the ball.
        if ($byBoth * $both + $byWild * $wild >= 0.0) {
            $again = $second = $both = $wild = 0.0;
            $receiver = 0;
        }
        $goes = $none + $byFirst * $first + $byBoth * $both + $byWild * $wild + $byPast * $past;
        $stays = $goes;
        if (!$aim->isFixed) {
            [$none, $byFirst, $byBoth, $byWild, $byPast] = $aim->terms[0];
            $stays = $none + $byFirst * $first + $byBoth * $both + $byWild * $wild + $byPast * $past;
        }

        return new Attempt(
            $aim,
            $carried,
            $feet,
            $released,
            $there,
            $cover,
            $coverAt,
            $first,
            $caught,
            $past,
            $again,
            $second,
            $both,
            $receiver,
            [$stays, $goes],
        );
    }
}
