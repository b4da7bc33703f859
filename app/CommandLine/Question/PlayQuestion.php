<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Question;

use FoxCorner\App\CommandLine\Input\PlanInput;
use FoxCorner\App\CommandLine\Input\Question;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Clock\Because;
use FoxCorner\Core\Play\Clock\Event;
use FoxCorner\Core\Play\Clock\Keyframe;
use FoxCorner\Core\Play\Clock\Move;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Contract\PlayFamilies;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Problem\Unknown;
use FoxCorner\Core\Runs\CostUnit;

/** One play of any family against one coverage. */
final readonly class PlayQuestion implements Question
{
    public function __construct(private PlayFamilies $families) {}

    public function answer(Fields $input): array
    {
        $play = PlanInput::play($input, $this->families->get($input->text('family')));
        $trial = [];
        foreach ($input->within('trial')->all() as $name => $value) {
            if (!\in_array($name, $play->family->trialFields(), true)) {
                throw Unknown::notOneOf('trial', $name, $play->family->trialFields());
            }
            $trial[$name] = \is_int($value) || \is_float($value) ? (float) $value : (\is_string($value) ? $value : '');
        }

        $cost = PlanInput::cost($play->plan);

        return self::describe($play->run($play->family->trial($trial, $play->plan->scene()), $cost), $cost->unit);
    }

    /** @return array<string, mixed> */
    public static function describe(Timeline $play, CostUnit $unit): array
    {
        [$called, $reasons] = [$play->called(), $play->reasons()];

        return [
            'coverage' => $play->coverage->key,
            'fielded_by' => $play->fieldedBy()->value,
            'fielded_s' => round($play->fieldedAt(), 3),
            'released_s' => round($called->released, 3),
            'call' => $called->base->word(),
            'held' => $play->isHeld(),
            'policy' => $play->setting->scene->policy->value,
            'because' => Because::of($play),
            'call_costs_more' => round($reasons->more($called), 4),
            'options' => array_map(
                static fn(ThrowOption $option): array => [
                    ...self::option($option, $unit),
                    'reason' => $reasons->of($option),
                ],
                $play->options(),
            ),
            'break_even' => round($play->setting->after?->breakEven($play->options()[0]->base) ?? 1.0, 4),
            'jobs' => array_map(self::move(...), array_values($play->moves)),
            'events' => array_map(
                static fn(Event $event): array => [
                    'kind' => $event->kind->value,
                    's' => round($event->seconds, 3),
                    'words' => $event->words,
                ],
                $play->events,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function option(ThrowOption $option, CostUnit $unit): array
    {
        return [
            'base' => $option->base->word(),
            'cover' => $option->cover?->value,
            'ball_there_s' => round($option->ballThere, 3),
            'cover_there_s' => is_finite($option->coverThere) ? round($option->coverThere, 3) : null,
            'out_at_s' => is_finite($option->outAt) ? round($option->outAt, 3) : null,
            'runner_there_s' => round($option->runnerThere, 3),
            'margin_s' => is_finite($option->margin()) ? round($option->margin(), 3) : null,
            'out_chance' => round($option->chance, 4),
            'is_force' => $option->isForce,
            $unit->costName() => round($option->cost ?? 0.0, 4),
        ];
    }

    /** @return array<string, mixed> */
    private static function move(Move $move): array
    {
        return [
            'position' => $move->position()->value,
            'jobs' => array_map(static fn(Job $job): string => $job->words, $move->jobs),
            'there_s' => round($move->there(), 3),
            'keyframes_s_ft' => array_map(
                static fn(Keyframe $frame): array => [
                    round($frame->seconds, 3),
                    round($frame->point->x, 2),
                    round($frame->point->y, 2),
                ],
                $move->track->keyframes,
            ),
        ];
    }
}
