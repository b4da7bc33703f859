<?php

declare(strict_types=1);

namespace FoxCorner\App\Fox\Question;

use FoxCorner\App\Fox\PlanInput;
use FoxCorner\App\Fox\Input;
use FoxCorner\App\Fox\Question;
use FoxCorner\Core\Play\Bunt\BuntGrid;
use FoxCorner\Core\Play\Event;
use FoxCorner\Core\Play\Job;
use FoxCorner\Core\Play\Keyframe;
use FoxCorner\Core\Play\Move;
use FoxCorner\Core\Play\ThrowOption;
use FoxCorner\Core\Play\Timeline;

/** One bunt against one coverage. */
final readonly class BuntQuestion implements Question
{
    public function answer(Input $input): array
    {
        $plan = PlanInput::covered($input);

        return self::describe($plan->play(BuntGrid::restingAt($input->number('rest_ft', 30.0), $input->number('degrees'), $plan->state->rules->buntSurface()), PlanInput::cost($plan)));
    }

    /** @return array<string, mixed> */
    private static function describe(Timeline $play): array
    {
        return [
            'coverage' => $play->question->coverage->key(),
            'fielded_by' => $play->fieldedBy->value,
            'fielded_s' => round($play->fieldedAt, 3),
            'released_s' => round($play->releasedAt, 3),
            'call' => $play->called->base->word(),
            'options' => array_map(static fn(ThrowOption $option): array => [
                'base' => $option->base->word(),
                'cover' => $option->cover?->value,
                'ball_there_s' => round($option->ballThere, 3),
                'cover_there_s' => is_finite($option->coverThere) ? round($option->coverThere, 3) : null,
                'runner_there_s' => round($option->runnerThere, 3),
                'margin_s' => is_finite($option->margin()) ? round($option->margin(), 3) : null,
                'out_chance' => round($option->chance, 4),
                'is_force' => $option->isForce,
                'cost_runs' => round($option->cost ?? 0.0, 4),
            ], $play->options),
            'break_even' => round($play->after?->breakEven($play->options[0]->base) ?? 1.0, 4),
            'jobs' => array_map(static fn(Move $move): array => [
                'position' => $move->position()->value,
                'jobs' => array_map(static fn(Job $job): string => $job->words, $move->jobs),
                'there_s' => round($move->there(), 3),
                'keyframes_s_ft' => array_map(static fn(Keyframe $frame): array => [round($frame->seconds, 3), round($frame->point->x, 2), round($frame->point->y, 2)], $move->track->keyframes),
            ], array_values($play->moves)),
            'events' => array_map(static fn(Event $event): array => ['kind' => $event->kind->value, 's' => round($event->seconds, 3), 'words' => $event->words], $play->events),
        ];
    }
}
