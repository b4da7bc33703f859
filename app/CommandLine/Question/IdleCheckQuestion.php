<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Question;

use FoxCorner\App\CommandLine\Input\PlanInput;
use FoxCorner\App\CommandLine\Input\Question;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Family\Outfield\IdleCheck;
use FoxCorner\Core\Family\Outfield\OutfieldDefence;
use FoxCorner\Core\Family\Outfield\Simpler;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Runs\RunChain;

/** Whether anybody stands still on sixty balls in each situation, and how many different jobs each has. */
final readonly class IdleCheckQuestion implements Question
{
    public function answer(Fields $input): array
    {
        $defences = self::defences($input);
        $checks = array_map(IdleCheck::of(...), $defences);
        $idle = [];
        foreach ($checks as $situation => $check) {
            foreach ($check->idle as [$who, $ball]) {
                $idle[] = ['situation' => $situation, 'who' => $who, 'ball' => $ball];
            }
        }
        $all = IdleCheck::together(array_values($checks));
        $answer = [
            'balls' => $all->balls,
            'idle' => $idle,
            'jobs' => self::jobs($all->jobs),
        ];

        return $input->has('limit')
            ? $answer + ['simpler' => self::simpler($defences, $input->whole('limit', 3))]
            : $answer;
    }

    /**
     * @return non-empty-array<string, OutfieldDefence> by the situation's key
     *
     * @throws Problem
     */
    private static function defences(Fields $input): array
    {
        $keys = $input->has('situations')
            ? $input->texts('situations')
            : array_map(static fn(Situation $one): string => $one->key(), RunChain::situations());
        $defences = [];
        foreach ($keys as $key) {
            $defences[$key] = OutfieldInput::defence($input, PlanInput::read($input, $key));
        }

        return [] === $defences ? throw new \LogicException('The schema asks for one at least.') : $defences;
    }

    /**
     * @param array<int, array<string, int>> $jobs
     *
     * @return list<array<string, mixed>>
     */
    private static function jobs(array $jobs): array
    {
        $rows = [];
        foreach ($jobs as $number => $counts) {
            arsort($counts);
            $rows[] = ['who' => $number, 'count' => \count($counts), 'jobs' => (object) $counts];
        }

        return $rows;
    }

    /**
     * @param non-empty-array<string, OutfieldDefence> $defences
     *
     * @return array<string, mixed>
     */
    private static function simpler(array $defences, int $limit): array
    {
        $simpler = Simpler::of(array_values($defences), $limit);

        return [
            'limit' => $limit,
            'dropped' => array_map(
                static fn(array $one): array => [
                    'who' => $one[0],
                    'job' => $one[1],
                    'instead' => $one[2],
                    'balls' => $one[3],
                ],
                $simpler->dropped,
            ),
            'lost_a_ball' => round($simpler->lost, 5),
            'uncovered' => $simpler->uncovered,
        ];
    }
}
