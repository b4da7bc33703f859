<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Question;

use FoxCorner\App\CommandLine\Input\Question;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Motion\Throws;

final readonly class ThrowQuestion implements Question
{
    public function answer(Fields $input): array
    {
        $flight = Throws::of(Ball::from($input->text('ball')))->over(
            $input->number('distance_ft'),
            Speed::ofMph($input->number('speed_mph')),
        );

        return [
            'flight_s' => round($flight->seconds, 4),
            'launch_deg' => round($flight->launchDegrees, 2),
            'bounces' => $flight->bounces,
        ];
    }
}
