<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Shared\Drawing\FieldDrawing;
use FoxCorner\App\Shared\Drawing\Window;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\People\NoLineup;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The roster, what is measured and what is estimated, and the field the team plays on. */
final class TeamPage extends AbstractController
{
    public function __construct(private readonly PlayerRepository $players) {}

    #[Route('/{team}/team', name: 'team', methods: ['GET'])]
    public function show(Membership $membership): Response
    {
        $roster = $this->players->rosterOf($membership->team);
        $rules = $membership->team->rules();

        return $this->render('team/show.html.twig', [
            'roster' => $roster,
            'problem' => $this->lineupProblem($roster),
            'rules' => $rules,
            'level' => $membership->team->level()->profile(),
            'drawing' => new FieldDrawing($rules, Window::wholeField($rules)),
        ]);
    }

    /** @param list<\FoxCorner\Core\People\RosterPlayer> $roster */
    private function lineupProblem(array $roster): ?NoLineup
    {
        try {
            Lineup::choose($roster);
        } catch (NoLineup $problem) {
            return $problem;
        }

        return null;
    }
}
