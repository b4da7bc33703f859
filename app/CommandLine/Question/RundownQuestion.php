<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Question;

use FoxCorner\App\CommandLine\Input\PlanInput;
use FoxCorner\App\CommandLine\Input\Question;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Family\Rundown\RundownCoverages;
use FoxCorner\Core\Family\Rundown\RundownPlay;
use FoxCorner\Core\Family\Rundown\RundownTrial;
use FoxCorner\Core\Family\Rundown\Watched;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** A runner caught between two bases: the best chance of the out, when the ball is thrown, who does what. */
final readonly class RundownQuestion implements Question
{
    /** Throws that are told apart. */
    private const THROWS = [1, 2, 3];

    public function answer(Fields $input): array
    {
        $from = self::from($input);
        $plan = PlanInput::read($input, $input->text('situation', "R$from->value-0"));
        $bases = $plan->state->situation->bases;
        if (!$bases->has($from)) {
            throw Refused::because(
                'situation',
                "nobody came from {$from->word()} in {$plan->state->situation->key()}",
                "a situation with a runner on {$from->word()}",
            );
        }
        $coverages = RundownCoverages::for($bases);
        $key = $input->text('coverage', $coverages[0]->key);
        $coverage = array_values(array_filter($coverages, static fn($one): bool => $one->key === $key))[0];
        $play = new RundownPlay(
            $plan->scene(PlanInput::cost($plan)),
            $coverage,
            self::trial($input, $from, $plan->state->rules->basePath),
        );
        $chances = [];
        foreach (self::THROWS as $throws) {
            $chances[] = [
                'throws' => $throws,
                'out_chance' => round($play->chase->with($throws, $play->toGo(), $play->gap)->out, 4),
            ];
        }

        return [
            'run_toward' => $play->ahead()->word(),
            'out_chance' => round($play->end->out, 4),
            'throws' => round($play->end->throws, 3),
            'throw_at_ft' => null === $play->end->throwAt ? null : round($play->end->throwAt, 1),
            'throw_after_s' => null === $play->end->after ? null : round($play->end->after, 2),
            'planned_throws' => $chances,
            'cost' => round($play->made()->cost ?? 0.0, 4),
            'second_out_chance' => round($play->two(), 4),
            'lead_runners' => array_map(
                static fn(Watched $one): array => [
                    'runner' => $one->name,
                    'to' => $one->to->word(),
                    'runner_s' => round($one->there, 3),
                    'tag_s' => round($one->tag, 3),
                    'out_chance' => round($one->out, 4),
                    'out_on_the_throw_chance' => round($one->later, 4),
                    'theirs' => $one->theirs(),
                ],
                $play->watched(),
            ),
            'jobs' => self::jobs($play),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function jobs(RundownPlay $play): array
    {
        $jobs = [];
        foreach (Position::cases() as $position) {
            foreach ($play->jobs[$position->value] ?? [] as $job) {
                $jobs[] = [
                    'position' => $position->value,
                    'job' => $job->kind->value,
                    'base' => $job->base?->word(),
                    'words' => $job->words,
                ];
            }
        }

        return $jobs;
    }

    /** @throws Problem when the two bases are not next to each other */
    private static function from(Fields $input): Base
    {
        [$one, $other] = [...array_values($input->within('between')->all()), '', ''];
        $from = \is_string($one) ? Base::ofWord($one) : null;
        if (null === $from || null === $from->next() || $from->next()->word() !== $other) {
            throw Refused::because(
                'between',
                'they are not two bases next to each other, the one he comes from first',
                'first and second, second and third, or third and home',
            );
        }

        return $from;
    }

    /** @throws Problem when runner or ball are not on the line, or in one place */
    private static function trial(Fields $input, Base $from, float $path): RundownTrial
    {
        $runner = OutOfRange::unlessBetween(
            'runner_ft',
            $input->number('runner_ft', $path / 2),
            6.0,
            $path - 3.0,
            'feet off the base that he comes from',
        );
        if (!$input->has('ball_ft')) {
            return RundownTrial::caught($from, $runner);
        }
        $ball = OutOfRange::unlessBetween(
            'ball_ft',
            $input->number('ball_ft'),
            0.0,
            $path,
            'feet off the base that he comes from',
        );
        if (abs($ball - $runner) < 1.0) {
            throw Refused::because('ball_ft', 'the ball is where the runner is', 'a foot or more from him');
        }

        return RundownTrial::caught($from, $runner, abs($ball - $runner), $ball < $runner);
    }
}
