<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\PositionGroup;

/** A spot by what a player sees there: the edge of the dirt, the base line, the foul line. */
final class Landmark
{
    /** ft; closer than this to a line is on it. */
    private const ON = 1.5;
    /** ft from the edge of the dirt within which it is worth naming. */
    private const NEAR_EDGE = 15.0;

    /**
     * @param float $step one step of the player, feet
     *
     * @return string "2 steps behind the dirt edge"; empty where there is nothing to go by
     */
    public static function of(Position $position, Point $point, RuleSet $rules, float $step): string
    {
        return match ($position->group()) {
            PositionGroup::Battery => '',
            PositionGroup::Middle => self::byEdge($point, $rules, $step) ?? self::byBaseLine($point, $rules, $step),
            PositionGroup::Corners => self::offLine($point, $step),
            PositionGroup::Outfield => Position::CenterField === $position
                ? self::behindSecond($point, $step)
                : self::offLine($point, $step),
        };
    }

    /** The dirt ends where the circle around the rubber does. */
    private static function byEdge(Point $point, RuleSet $rules, float $step): ?string
    {
        $beyond = $point->distanceTo($rules->diamond()->pitchersPlate()) - $rules->skinRadius;
        if (abs($beyond) > self::NEAR_EDGE) {
            return null;
        }

        return abs($beyond) < self::ON
            ? 'on the dirt edge'
            : self::steps($beyond, $step) . ($beyond > 0 ? ' behind' : ' in front of') . ' the dirt edge';
    }

    private static function byBaseLine(Point $point, RuleSet $rules, float $step): string
    {
        // The lines from second to first and to third are |x| + y = b√2.
        $behind = (abs($point->x) + $point->y - $rules->basePath * \M_SQRT2) * \M_SQRT1_2;

        return abs($behind) < self::ON
            ? 'on the base line'
            : self::steps($behind, $step) . ($behind > 0 ? ' behind' : ' in front of') . ' the base line';
    }

    private static function offLine(Point $point, float $step): string
    {
        $off = ($point->y - abs($point->x)) * \M_SQRT1_2;

        return abs($off) < self::ON
            ? 'on the foul line'
            : self::steps($off, $step) . ($off > 0 ? ' off the line' : ' foul of the line');
    }

    private static function behindSecond(Point $point, float $step): string
    {
        return abs($point->x) < 2 * self::ON
            ? 'straight behind second'
            : self::steps($point->x, $step) . ($point->x > 0 ? ' right' : ' left') . ' of second';
    }

    private static function steps(float $feet, float $step): string
    {
        $steps = (int) max(1, round(abs($feet) / $step));

        return 1 === $steps ? 'a step' : "$steps steps";
    }
}
