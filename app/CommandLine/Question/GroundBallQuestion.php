<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Question;

use FoxCorner\App\CommandLine\Input\Question;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Field\Surface;
use FoxCorner\Core\Motion\RollingBall;
use FoxCorner\Core\Motion\Speed;

/** Seconds is null for a ball that stops before it gets there. */
final readonly class GroundBallQuestion implements Question
{
    public function answer(Fields $input): array
    {
        $ball = RollingBall::groundBall(
            Speed::ofMph($input->number('exit_speed_mph')),
            Surface::from($input->text('surface')),
        );
        $seconds = $ball->secondsTo($input->number('distance_ft'));

        return [
            'seconds' => null === $seconds ? null : round($seconds, 4),
            'rests_ft' => round($ball->restDistance(), 1),
        ];
    }
}
