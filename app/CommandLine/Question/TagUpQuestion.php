<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Question;

use FoxCorner\App\CommandLine\Input\PlanInput;
use FoxCorner\App\CommandLine\Input\Question;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Family\Outfield\AirRules;
use FoxCorner\Core\Family\Outfield\OutfieldDefence;
use FoxCorner\Core\Family\Outfield\OutfieldTrial;
use FoxCorner\Core\Family\Outfield\TagUp;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** Tag-ups on caught flies: one, or by depth in left, center and right. */
final readonly class TagUpQuestion implements Question
{
    public function answer(Fields $input): array
    {
        $plan = PlanInput::read($input);
        $situation = $plan->state->situation;
        if (Outs::Two === $situation->outs || [] === $situation->bases->occupied()) {
            throw Refused::because(
                'situation',
                'nobody can tag up in ' . $situation->key(),
                'a runner on base and fewer than two out, as in R3-1',
            );
        }
        $defence = OutfieldInput::defence($input, $plan);

        return [
            'infield_fly' => AirRules::infieldFly($plan->state),
            'catches' => array_map(self::row(...), self::catches($input, $defence)),
        ];
    }

    /**
     * @return list<TagUp>
     *
     * @throws Problem
     */
    private static function catches(Fields $input, OutfieldDefence $defence): array
    {
        $boldness = OutfieldInput::boldness($input);
        if (!$input->has('caught_at')) {
            return array_merge(...array_values(TagUp::table($defence, $boldness)));
        }
        $at = OutfieldInput::point($input->within('caught_at'));
        $one = TagUp::at(OutfieldTrial::place($at->sprayDegrees()), $at, $defence, $boldness);

        return null === $one ? [] : [$one];
    }

    /** @return array<string, mixed> */
    private static function row(TagUp $one): array
    {
        return [
            'field' => $one->field,
            'feet' => round($one->feet, 1),
            'to' => $one->to->word(),
            'runner_s' => round($one->runner, 3),
            'ball_s' => round($one->ball, 3),
            'cut' => $one->isCut,
            'safe_chance' => round($one->chance, 4),
            'needs' => round($one->needs, 4),
            'goes' => $one->goes,
        ];
    }
}
