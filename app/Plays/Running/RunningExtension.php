<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\Running;

use FoxCorner\App\Plays\Drills\DrillsOfJobs;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Skill\SkillFamily;
use Twig\Extension\AbstractExtension;
use Twig\TwigFunction;

final class RunningExtension extends AbstractExtension
{
    private const ABOUT_RUNNERS = [SkillFamily::Holding, SkillFamily::Runners, SkillFamily::Two];

    public function getFunctions(): array
    {
        return [
            new TwigFunction(
                'drills_about_runners',
                static fn(Timeline $play): array => DrillsOfJobs::of($play, ...self::ABOUT_RUNNERS),
            ),
        ];
    }
}
