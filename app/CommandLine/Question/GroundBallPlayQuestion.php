<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Question;

use FoxCorner\App\CommandLine\Input\PlanInput;
use FoxCorner\App\CommandLine\Input\Question;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Family\GroundBall\Afterwards;
use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Clock\Because;
use FoxCorner\Core\Play\Clock\Leg;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Runs\CostUnit;

/** One ground ball: who has it, what is done with it, and what it comes to. */
final readonly class GroundBallPlayQuestion implements Question
{
    public function answer(Fields $input): array
    {
        $plan = PlanInput::read($input);
        $cost = PlanInput::cost($plan);
        [$play, $scene] = GroundBallInput::play($input, $plan, $cost);
        $timeline = $play->timeline();
        $comes = $play->fielding->comes;
        $called = $timeline->called();
        $isGone = null === $play->fielding->met;

        return [
            'fielded_by' => $timeline->fieldedBy()->value,
            'fielded_s' => round($timeline->fieldedAt(), 3),
            'goes_through' => $isGone,
            'clean_chance' => round($play->fielding->met->clean ?? 0.0, 4),
            'runner_goes' => 1 === $play->fielding->goes,
            'legs' => array_map(static fn(Leg $leg): array => self::leg($leg, $scene), $isGone ? [] : $timeline->legs),
            'outs' => (object) [
                '0' => round(1 - $comes->out, 4),
                '1' => round($comes->out - $comes->two, 4),
                '2' => round($comes->two, 4),
            ],
            'options' => array_map(
                static fn(ThrowOption $option): array => self::option($option, $cost->unit),
                $isGone ? [] : $timeline->options(),
            ),
            'called' => $isGone
                ? 'none'
                : $called->base->word() .
                    (isset($timeline->legs[1]) ? '-' . $timeline->legs[1]->made->base->word() : ''),
            'because' => $isGone ? null : Because::of($timeline),
            'besides' => $isGone ? null : Afterwards::of($timeline)?->words(),
            'cost' => round($comes->cost, 4),
            'cost_unit' => CostUnit::Runs === $cost->unit ? 'runs' : 'chance to lose',
        ];
    }

    /** @return array<string, mixed> */
    private static function leg(Leg $leg, Scene $scene): array
    {
        $made = $leg->made;
        $isOwn = $made->cover === $leg->from->by->position;
        $feet = $leg->from->at->distanceTo($scene->bag($made->base));

        return [
            'kind' => match (true) {
                $isOwn => $made->isForce ? 'step' : 'tag',
                $feet <= Giving::FEED_UP_TO => 'feed',
                default => 'throw',
            },
            'by' => $leg->from->by->position->value,
            'to' => $made->cover?->value,
            'base' => $made->base->word(),
            'from_s' => round($leg->from->seconds, 3),
            'released_s' => round($made->released, 3),
            'there_s' => round($made->ballThere, 3),
            'cover_there_s' => is_finite($made->coverThere) ? round($made->coverThere, 3) : null,
            'runner_there_s' => round($made->runnerThere, 3),
            'margin_s' => is_finite($made->margin()) ? round($made->margin(), 3) : null,
            'out_chance' => round($made->inHand, 4),
        ];
    }

    /** @return array<string, mixed> */
    private static function option(ThrowOption $option, CostUnit $unit): array
    {
        return [
            'base' => $option->base->word(),
            'out_chance' => round($option->chance, 4),
            'two_chance' => round($option->two, 4),
            $unit->costName() => round($option->cost ?? 0.0, 4),
            'margin_s' => is_finite($option->margin()) ? round($option->margin(), 3) : null,
        ];
    }
}
