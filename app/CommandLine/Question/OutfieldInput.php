<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Question;

use FoxCorner\App\CommandLine\Input\PlanInput;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Family\Outfield\Flight;
use FoxCorner\Core\Family\Outfield\OutfieldCoverages;
use FoxCorner\Core\Family\Outfield\OutfieldDefence;
use FoxCorner\Core\Family\Outfield\OutfieldTrial;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Ball\Reached;
use FoxCorner\Core\Play\Choice\Boldness;
use FoxCorner\Core\Problem\Problem;

/** The fields of a question that describe a ball to the outfield and who covers it. */
final class OutfieldInput
{
    public static function defence(Fields $input, SituationPlan $plan): OutfieldDefence
    {
        $coverages = OutfieldCoverages::for($plan->state->situation->bases, $plan->state->rules);
        $key = $input->text('coverage', $coverages[0]->key);
        foreach ($coverages as $coverage) {
            if ($coverage->key === $key) {
                return new OutfieldDefence($plan->scene(PlanInput::cost($plan)), $coverage);
            }
        }
        throw new \LogicException('The schema lets no other coverage through.');
    }

    /** @throws Problem when no ball of the kind gets there */
    public static function trial(Fields $input, RuleSet $rules): OutfieldTrial
    {
        $ball = $input->within('ball');
        $reached = $ball->textOrNull('reached');

        return OutfieldTrial::hit(
            self::point($ball),
            Flight::from($ball->text('flight', Flight::Ground->value)),
            $rules,
            null === $reached ? null : Reached::from($reached),
            self::boldness($input),
        );
    }

    public static function boldness(Fields $input): Boldness
    {
        return Boldness::from($input->text('runners_are', Boldness::Ordinary->value));
    }

    public static function point(Fields $fields): Point
    {
        return Point::of($fields->number('x_ft'), $fields->number('y_ft'));
    }
}
