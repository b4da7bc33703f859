<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Question;

use FoxCorner\App\CommandLine\Input\Question;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Family\GroundBall\FeedChoice;
use FoxCorner\Core\Family\GroundBall\Feeder;
use FoxCorner\Core\Family\GroundBall\Feeds;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\Traits;
use FoxCorner\Core\Play\Cast\Cast;
use FoxCorner\Core\Problem\Unknown;

/** How a ball fielded at a spot is best given to a bag. */
final readonly class FeedQuestion implements Question
{
    public function answer(Fields $input): array
    {
        $rules = ShippedRuleSets::get($input->text('rule_set'));
        $level = Level::from($input->text('level'))->profile();
        $position = Position::ofNumber($input->whole('position', 6));
        $from = $input->within('from');
        $feeds = (new Feeds(
            new Feeder(
                $position,
                Hand::from($input->text('throws', 'R')),
                Speed::ofMph($input->numberOrNull('arm_mph') ?? $level->armAt($position)),
                $level
                    ->fieldingLegs(Cast::runningLegs(Traits::unknown(), $rules, $level))
                    ->at($level->motion->infieldSpeedShare),
            ),
            Point::of($from->number('x_ft'), $from->number('y_ft')),
            self::base($input->text('base', 'second')),
            $rules,
            $level,
        ))->all();
        $told = array_map(
            static fn(FeedChoice $feed): array => [
                'feed' => $feed->kind->value,
                'seconds' => round($feed->seconds, 3),
                'reliability' => round($feed->reliability, 4),
            ],
            $feeds,
        );

        return [
            ...$told[0],
            'distance_ft' => round($feeds[0]->feet, 1),
            'how' => $feeds[0]->kind->how(),
            'others' => \array_slice($told, 1),
        ];
    }

    private static function base(string $word): Base
    {
        foreach (Base::cases() as $base) {
            if ($base->word() === $word) {
                return $base;
            }
        }

        throw Unknown::notOneOf(
            'base',
            $word,
            array_map(static fn(Base $base): string => $base->word(), Base::cases()),
        );
    }
}
