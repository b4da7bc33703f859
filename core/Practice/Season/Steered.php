<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Season;

use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Practice\Need\JobNeed;
use FoxCorner\Core\Practice\Need\JobNeeds;

/**
 * The need list as the season has come: what the next stage teaches and the one after it as it is; what stands on what
 * nobody has yet weighs less. What has a floor of the week is asked for at any time.
 */
final class Steered
{
    /** Of its weight, what is to come later (ours). */
    private const LATER = 0.5;

    /**
     * @param list<JobNeed> $needs
     *
     * @return list<JobNeed> the heaviest first
     */
    public static function by(RuleSet $rules, array $needs): array
    {
        $stages = Stage::in($rules);
        $next = 0;
        while ($next < \count($stages) && Progress::stands(Progress::share($stages[$next], $needs))) {
            ++$next;
        }
        $later = \array_slice($stages, $next + 2);

        return JobNeeds::heaviestFirst(
            array_map(
                static fn(JobNeed $need): JobNeed => null === $need->work &&
                \in_array(Stage::ofSkill($need->skill), $later, true)
                    ? $need->weighing(self::LATER * $need->weight)
                    : $need,
                $needs,
            ),
        );
    }
}
