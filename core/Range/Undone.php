<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range;

use FoxCorner\Core\Alignment\Alignment;
use FoxCorner\Core\Field\RuleSet;

/** What steps take back of the plan: who goes towards where he would stand without the rule or the shade. */
final class Undone
{
    /** Of the way that the rule or the shade moves a fielder, what must be taken back to be said (ours). */
    private const SHARE = 0.25;
    /** ft that a rule must move somebody to be undone. */
    private const LEAST = 1.0;

    /**
     * @param list<Step> $steps
     *
     * @return list<string> rules by name, shades by their reason; each once
     */
    public static function by(array $steps, Alignment $alignment, RuleSet $rules): array
    {
        $undone = [];
        foreach ($steps as $step) {
            $now = $alignment->point($step->position);
            foreach ($alignment->without($step->position, $rules) as $words => $point) {
                [$x, $y] = [$point->x - $now->x, $point->y - $now->y];
                $far = hypot($x, $y);
                $back = ($x * ($step->to->x - $now->x) + $y * ($step->to->y - $now->y)) / max($far, self::LEAST);
                if ($far >= self::LEAST && $back >= self::SHARE * $far) {
                    $undone[$words] = $words;
                }
            }
        }

        return array_values($undone);
    }
}
