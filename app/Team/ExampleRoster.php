<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\Player;
use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Undo\OffersUndo;
use FoxCorner\App\Undo\Undo;
use FoxCorner\App\Undo\Watched;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Invented players to play with, for a team that has none yet. */
final class ExampleRoster extends AbstractController
{
    use OffersUndo;

    public function __construct(
        private readonly PlayerRepository $players,
        private readonly RosterCsv $csv,
        private readonly EntityManagerInterface $entities,
        private readonly Undo $undo,
    ) {}

    #[Route('/{team}/team/example', name: 'example_roster', methods: ['POST'], priority: 1)]
    #[IsCsrfTokenValid('change')]
    public function take(Membership $membership): Response
    {
        $membership->mustBeAbleToChange();
        $team = $membership->team;
        if ([] !== $this->players->of($team)) {
            $this->addFlash('problem', 'The example is for a roster on which nobody is yet. Allowed: an empty roster.');
        } else {
            $softball = $team->rules()->sport->isSoftball();
            $reading = $this->csv->read($softball ? ExampleRosters::KITES : ExampleRosters::TERNS);
            $step = $this->undo->record(
                $team,
                $membership->account,
                'An example roster was taken',
                [Watched::rowsOf('player', 'team_id', $team->id())],
                function () use ($team, $reading): void {
                    foreach ($reading->players as $player) {
                        $this->entities->persist(new Player($team, $player));
                    }
                },
            );
            $this->doneOrUndone('An invented roster is there to play with.', $step);
        }

        return $this->redirectToRoute('team', ['team' => $team->address()], Response::HTTP_SEE_OTHER);
    }
}
