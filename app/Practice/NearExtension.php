<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice;

use FoxCorner\App\Club\Team;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Live\RunRepository;
use Psr\Clock\ClockInterface;
use Twig\Extension\AbstractExtension;
use Twig\TwigFunction;

/** Templates: the practice of a team that goes on or begins soon, `practice_near(team)`. */
final class NearExtension extends AbstractExtension
{
    public function __construct(private readonly RunRepository $runs, private readonly ClockInterface $clock) {}

    public function getFunctions(): array
    {
        return [new TwigFunction('practice_near', $this->near(...))];
    }

    private function near(Team $team): ?Practice
    {
        return $this->runs->near($team, $this->clock->now());
    }
}
