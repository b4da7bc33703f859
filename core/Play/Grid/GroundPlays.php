<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\Play\Ball\Hands;

/** What whoever has a ground ball can make of it: every aim, by hand or on his own feet, with what it costs. */
final class GroundPlays
{
    /** ft; farther from a bag nobody runs there with the ball. */
    public const CARRIES = 75.0;
    /** Chance of the first out that nobody gives up to take the bag himself. */
    private const GIVEN_UP = 0.3;
    /** Chances of a second out, the first made, under which nobody throws, and from which all do (ours). */
    private const NEVER = 0.05;
    private const ALWAYS = 0.15;
    /** How often he throws for it to be said and drawn. */
    private const MOSTLY = 0.5;
    /** Chance of the first out under which nobody thinks of a second. */
    private const NO_OUT = 1e-6;

    private readonly float $pivotKept;
    private readonly float $turnThrow;
    /** @var array<int, non-empty-list<AimedBy>> by fielder, as far as asked */
    private array $aims = [];

    public function __construct(private readonly GroundSetting $setting)
    {
        $this->pivotKept = Hands::pivotKept($setting->level->skills);
        $this->turnThrow = $setting->level->motion->turnThrow;
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
        $released = $has + $met->exchange * Giving::exchangeShare($feet);
        if ($feet > 0.0) {
            $released +=
                ($this->turnThrow * $moving * (1 - ($met->onX * $x + $met->onY * $y) / $feet)) / 2 +
                ($x * $by->armSide > 0.0 ? $by->handTurn($x / $feet, $feet) : 0.0);
        }
        $ball = $released + $by->flight($feet);
        $outAt = ($ball > $aimed->coverAt ? $ball : $aimed->coverAt) + $aimed->tag;
        $caught = $by->caught($aimed->aim->bag, $feet, $moving);
        $first = 0 === $aimed->cover ? 0.0 : $caught / (1 + exp(($outAt - $aimed->runner) / $aimed->spread));
        $cover = $aimed->cover;
        $coverAt = $aimed->coverAt;
        $thrown = $this->ending($aimed, false, $feet, $released, $ball, $cover, $coverAt, $outAt, $first, $caught);
        if ($feet >= self::CARRIES) {
            return $thrown;
        }
        $own = $has + $by->run->seconds($feet);
        $ownOut = $own + $aimed->tag;
        $alone = 1 / (1 + exp(($ownOut - $aimed->runner) / $aimed->spread));
        if ($alone < $first - self::GIVEN_UP) {
            return $thrown;
        }
        $carried = $this->ending($aimed, true, 0.0, $has, $own, $by->number, $own, $ownOut, $alone, 1.0);

        return $carried->costs[1] < $thrown->costs[1] ? $carried : $thrown;
    }

    /** With the first out so likely: whether the ball goes on, and what it all costs. */
    private function ending(
        AimedBy $aimed,
        bool $carried,
        float $feet,
        float $released,
        float $there,
        int $cover,
        float $coverAt,
        float $outAt,
        float $first,
        float $caught,
    ): Attempt {
        $aim = $aimed->aim;
        [$none, $byFirst, $byBoth, $byWild, $byPast] = $aim->terms[1];
        $again = $second = $both = $wild = $kept = 0.0;
        $receiver = 0;
        $on = $carried ? $aimed->own : $aimed->onward;
        if (null !== $on && $first >= self::NO_OUT) {
            $kept = $carried ? $first : $first * $this->pivotKept;
            $again = $outAt + ($carried ? $on->offTheBag : $on->pivot);
            $second = $again + $on->flight;
            $both = $kept * $on->out($second);
            $wild = $kept * $on->wild;
            $receiver = $on->receiver;
        }
        // He throws on only when that costs less than to hold the ball, and the oftener the more he can hope for it.
        $tries = $kept > 0.0 ? min(1.0, max(0.0, ($both / $kept - self::NEVER) / (self::ALWAYS - self::NEVER))) : 0.0;
        if ($byBoth * $both + $byWild * $wild >= 0.0) {
            $tries = 0.0;
        }
        $both *= $tries;
        $wild *= $tries;
        if ($tries < self::MOSTLY) {
            $again = $second = 0.0;
            $receiver = 0;
        }
        $past = 0 === $cover ? 0.0 : (1 - $caught) * Giving::PAST;
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
