<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Question;

use FoxCorner\App\CommandLine\Input\Question;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Family\Outfield\CutZone;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\MotionProfile;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Motion\Throws;
use FoxCorner\Core\Play\Ball\Cutoff;
use FoxCorner\Core\Play\Ball\RelayArms;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/**
 * Straight in, or over a cutoff man: the seconds of both from the moment at which the outfielder has the ball, and
 * where the cutoff man stands.
 */
final readonly class RelayQuestion implements Question
{
    /** ft off the line for which the cost of a foot is told: a stride. */
    private const STRIDE = 3.0;
    /** ft off the line that are told. */
    private const OFF = [1.0, 3.0, 6.0, 9.0];

    public function answer(Fields $input): array
    {
        $rules = ShippedRuleSets::get($input->text('rule_set'));
        $ball = OutfieldInput::point($input->within('ball'));
        $target = self::target($input, $rules);
        $feet = $ball->distanceTo($target);
        $throws = Throws::of(Ball::for($rules->sport));
        $arms = self::arms($input, $throws);
        $best = $arms->best($feet);
        $at = $ball->toward($target, $best->fromBall);
        $direct = $arms->direct($feet);

        return [
            'feet' => round($feet, 1),
            'direct_s' => round($direct, 4),
            'direct_bounces' => $throws->over($feet, $arms->outfield)->bounces,
            'direct_in_the_air_s' => self::inTheAir($throws, $arms, $feet),
            'relay_s' => round($best->seconds, 4),
            'cutoff' => [
                'x_ft' => round($at->x, 1),
                'y_ft' => round($at->y, 1),
                'from_ball_ft' => round($best->fromBall, 1),
            ],
            'relay_bounces' => [
                $throws->over($best->fromBall, $arms->outfield)->bounces,
                $throws->over($feet - $best->fromBall, $arms->cutoff)->bounces,
            ],
            'quicker' => $direct <= $best->seconds ? 'direct' : 'relay',
            'relay_pays_from_ft' => $arms->relayPaysFrom(),
            'zone_ft' => self::zone($arms, $feet, $best),
            'line_off_cost_s_per_ft' => round(
                ($arms->offLine($feet, $best->fromBall, self::STRIDE, false) +
                    $arms->offLine($feet, $best->fromBall, self::STRIDE, true)) /
                    (2 * self::STRIDE),
                4,
            ),
            'off_line' => array_map(
                static fn(float $off): array => [
                    'feet' => $off,
                    'glove_side_s' => round($arms->offLine($feet, $best->fromBall, $off, false), 4),
                    'arm_side_s' => round($arms->offLine($feet, $best->fromBall, $off, true), 4),
                ],
                self::OFF,
            ),
            'let_through_misses_ft_per_ft' => round(RelayArms::missesBy($feet, $best->fromBall, 1.0), 3),
        ];
    }

    private static function inTheAir(Throws $throws, RelayArms $arms, float $feet): ?float
    {
        $seconds = $throws->inTheAir($feet, $arms->outfield);

        return null === $seconds ? null : round($arms->exchange + $seconds, 4);
    }

    /** @return array<string, float> */
    private static function zone(RelayArms $arms, float $feet, Cutoff $best): array
    {
        [$near, $far] = $arms->within($feet, $best, CutZone::TOLERATED);

        return [
            'from_ball' => round($near, 1),
            'to_ball' => round($far, 1),
            'glove_side' => $arms->beside($feet, $best->fromBall, CutZone::TOLERATED, false),
            'arm_side' => $arms->beside($feet, $best->fromBall, CutZone::TOLERATED, true),
        ];
    }

    private static function arms(Fields $input, Throws $throws): RelayArms
    {
        $motion = new MotionProfile();
        $exchanges = $input->within('exchanges');

        return new RelayArms(
            $throws,
            Speed::ofMph($input->within('arms')->number('outfield_mph')),
            $exchanges->number('outfield_s', $motion->exchangeOutfield),
            Speed::ofMph($input->within('arms')->number('cutoff_mph')),
            $exchanges->number('relay_s', $motion->exchangeRelay),
        );
    }

    /** @throws Problem when ball and target are one place */
    private static function target(Fields $input, RuleSet $rules): Point
    {
        $target = $input->within('target');
        $point = match (true) {
            $target->has('x_ft') => OutfieldInput::point($target),
            default => $rules
                ->diamond()
                ->at(
                    Base::ofWord($input->text('target')) ??
                        throw new \LogicException('The schema lets no other base through.'),
                ),
        };
        if ($point->distanceTo(OutfieldInput::point($input->within('ball'))) < 1.0) {
            throw Refused::because('target', 'the ball is there already', 'a place away from the ball');
        }

        return $point;
    }
}
