<?php

declare(strict_types=1);

namespace FoxCorner\App\Archive;

use FoxCorner\App\Club\Team;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\App\Plan\ReadPlan;
use FoxCorner\App\Shared\Drawing\FieldDrawing;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\People\NoLineup;
use FoxCorner\Core\Runs\RunChain;
use Twig\Environment;

/** The 24 situations of a team as drawings that stand for themselves. */
final readonly class TeamDrawings
{
    public function __construct(private PlanReader $plans, private Environment $twig) {}

    /** @return array<string, string> SVG by the situation's key; none while the roster does not make nine */
    public function of(Team $team): array
    {
        try {
            $plans = $this->plans->plans($team, RunChain::situations(), Context::ordinary());
        } catch (NoLineup) {
            return [];
        }
        $drawing = FieldDrawing::whole($team->rules());
        $drawings = [];
        foreach ($plans as $read) {
            $drawings[$read->plan->state->situation->key()] = $this->drawn($read, $drawing);
        }

        return $drawings;
    }

    private function drawn(ReadPlan $read, FieldDrawing $drawing): string
    {
        return $this->twig->render('archive/situation.svg.twig', ['plan' => $read->plan, 'drawing' => $drawing]);
    }
}
