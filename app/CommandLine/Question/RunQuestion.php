<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Question;

use FoxCorner\App\CommandLine\Input\Question;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Motion\Legs;
use FoxCorner\Core\Motion\MotionProfile;
use FoxCorner\Core\People\Bats;

final readonly class RunQuestion implements Question
{
    public function answer(Fields $input): array
    {
        $motion = new MotionProfile();
        $delay = Bats::from($input->text('bats'))->startDelay($motion);
        $legs = Legs::fromHomeToFirst(
            $input->number('home_to_first_s'),
            $delay,
            $input->number('base_path_ft'),
            $motion->accelerationTime,
        );
        $start = match ($input->text('start')) {
            'steal' => $motion->stealStart,
            'batter' => $delay,
            default => 0.0,
        };

        return [
            'seconds' => round($start + $legs->secondsFor($input->number('distance_ft')), 4),
            'top_speed_fps' => round($legs->topSpeed, 3),
        ];
    }
}
