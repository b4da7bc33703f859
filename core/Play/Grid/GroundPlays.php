<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\Play\Ball\Hands;

/**
 * What whoever has a ground ball can make of it: every aim, by hand or on his own feet, with what it costs.
 *
 * @phpstan-import-type Tried from Attempt
 */
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
    /** s from contact: the earliest at which a throw was at its bag, of all tried since this was set back. */
    public float $soonest = \INF;
    /** @var array<int, non-empty-list<AimedBy>> by fielder, as far as asked */
    private array $aims = [];

    public function __construct(private readonly GroundSetting $setting)
    {
        $this->pivotKept = Hands::pivotKept($setting->level->skills);
        $this->turnThrow = $setting->level->motion->turnThrow;
    }

    /**
     * What was tried, so that it can be drawn and chosen from.
     *
     * @param non-empty-list<Tried> $tried by one fielder
     *
     * @return non-empty-list<Attempt>
     */
    public function drawn(int $fielder, array $tried): array
    {
        return array_map(
            static fn(AimedBy $aimed, array $one): Attempt => new Attempt($aimed->aim, ...$one),
            $this->aims($fielder),
            $tried,
        );
    }

    /** @return non-empty-list<AimedBy> what a fielder can want, first base first */
    public function aims(int $fielder): array
    {
        return $this->aims[$fielder] ??= AimedBy::all($this->setting, $fielder);
    }

    /**
     * What can be done with a ball as plain numbers, in the order of {@see Attempt}'s: it is asked some thousand times
     * for a map, so that it makes nothing and calls little.
     *
     * @param float $delay s lost in picking up a ball that was misplayed
     *
     * @return non-empty-list<Tried>
     */
    public function tried(Met $met, float $delay): array
    {
        $by = $met->by;
        $has = $met->seconds + $delay;
        $moving = $delay > 0.0 ? 0.0 : $met->moving;
        $tried = [];
        foreach ($this->aims($by->number) as $aimed) {
            $x = $aimed->x - $met->x;
            $y = $aimed->y - $met->y;
            $feet = sqrt($x * $x + $y * $y);
            $released =
                $has + ($feet < Giving::THROWN_FROM ? $met->exchange * Giving::exchangeShare($feet) : $met->exchange);
            if ($feet > 0.0) {
                $released +=
                    ($this->turnThrow * $moving * (1 - ($met->onX * $x + $met->onY * $y) / $feet)) / 2 +
                    ($x * $by->armSide > 0.0 ? $by->handTurn($x / $feet, $feet) : 0.0);
            }
            $ball = $released + $by->flight($feet);
            $this->soonest = $ball < $this->soonest ? $ball : $this->soonest;
            $outAt = ($ball > $aimed->coverAt ? $ball : $aimed->coverAt) + $aimed->tag;
            $caught = $by->caught($aimed->aim->bag, $feet, $moving);
            $first = 0 === $aimed->cover ? 0.0 : $caught / (1 + exp(($outAt - $aimed->runner) / $aimed->spread));
            $best = $this->ending($aimed, 0, $feet, $released, $ball, $outAt, $first, $caught);
            if ($feet < self::CARRIES) {
                $own = $has + $by->run->seconds($feet);
                $alone = 1 / (1 + exp(($own + $aimed->tag - $aimed->runner) / $aimed->spread));
                if ($alone >= $first - self::GIVEN_UP) {
                    $carried = $this->ending($aimed, $by->number, 0.0, $has, $own, $own + $aimed->tag, $alone, 1.0);
                    $best = $carried[1] < $best[1] ? $carried : $best;
                }
            }
            $tried[] = $best;
        }

        return $tried;
    }

    /**
     * With the first out so likely: whether the ball goes on, and what it all costs.
     *
     * @param int $alone his number when he takes the bag himself; 0: he throws
     *
     * @return Tried
     */
    private function ending(
        AimedBy $aimed,
        int $alone,
        float $feet,
        float $released,
        float $there,
        float $outAt,
        float $first,
        float $caught,
    ): array {
        $aim = $aimed->aim;
        [$none, $byFirst, $byBoth, $byWild, $byPast] = $aim->terms[1];
        $again = $second = $both = $wild = $kept = 0.0;
        $receiver = 0;
        $on = 0 === $alone ? $aimed->onward : $aimed->own;
        if (null !== $on && $first >= self::NO_OUT) {
            $kept = 0 === $alone ? $first * $this->pivotKept : $first;
            $again = $outAt + (0 === $alone ? $on->pivot : $on->offTheBag);
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
        $cover = 0 === $alone ? $aimed->cover : $alone;
        $past = 0 === $cover ? 0.0 : (1 - $caught) * Giving::PAST;
        $goes = $none + $byFirst * $first + $byBoth * $both + $byWild * $wild + $byPast * $past;
        $stays = $goes;
        if (!$aim->isFixed) {
            [$none, $byFirst, $byBoth, $byWild, $byPast] = $aim->terms[0];
            $stays = $none + $byFirst * $first + $byBoth * $both + $byWild * $wild + $byPast * $past;
        }
        $coverAt = 0 === $alone ? $aimed->coverAt : $there;

        return [
            $stays,
            $goes,
            $first,
            $both,
            $caught,
            $past,
            $alone,
            $feet,
            $released,
            $there,
            $cover,
            $coverAt,
            $again,
            $second,
            $receiver,
        ];
    }
}
