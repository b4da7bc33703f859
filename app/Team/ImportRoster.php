<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\Player;
use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Shared\Csv\CsvDownload;
use FoxCorner\App\Shared\Csv\RowProblem;
use FoxCorner\App\Shared\SentText;
use FoxCorner\App\Shared\TypedText;
use FoxCorner\App\Undo\OffersUndo;
use FoxCorner\App\Undo\Undo;
use FoxCorner\App\Undo\Watched;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** A roster from a spreadsheet: looked at first, written only when the coach says so; and back out again. */
final class ImportRoster extends AbstractController
{
    use OffersUndo;

    public function __construct(
        private readonly PlayerRepository $players,
        private readonly EntityManagerInterface $entities,
        private readonly RosterCsv $csv,
        private readonly Undo $undo,
    ) {}

    #[Route('/{team}/team/import', name: 'import_roster', methods: ['GET'])]
    public function form(Membership $membership): Response
    {
        $membership->mustBeAbleToChange();

        return $this->render('team/import.html.twig', [
            'text' => '',
            'reading' => null,
            'isOther' => false,
            'as' => [],
        ]);
    }

    #[Route('/{team}/team/import', name: 'import_roster_look', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function take(Membership $membership, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $text = SentText::of($request);
        $known = $this->byNumber($membership->team);
        /** @var array<string, string> $as */
        $as = array_filter($request->request->all('as'), is_string(...));
        $reading = $this->csv->read($text, $known, $as);
        $isMeant = [] === $reading->problems && $request->request->getBoolean('confirmed');
        if (
            $isMeant &&
            $reading->print() === $request->request->getString('seen') &&
            \count($known) + $reading->added() <= Team::MOST_PLAYERS
        ) {
            return $this->write($membership, $reading, $known);
        }
        $problems =
            [] === $reading->problems && \count($known) + $reading->added() > Team::MOST_PLAYERS
                ? [
                    new RowProblem(
                        1,
                        '',
                        \sprintf('There would be %d players on the roster', \count($known) + $reading->added()),
                        \sprintf('at most %d', Team::MOST_PLAYERS),
                    ),
                ]
                : $reading->problems;

        return $this->render(
            'team/import.html.twig',
            [
                'text' => TypedText::unicode($text),
                'reading' => new RosterReading($reading->lines, $problems, $reading->unused),
                'as' => $as,
                'isOther' => $isMeant,
            ],
            new Response(status: [] === $problems ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }

    #[Route('/{team}/team/roster.csv', name: 'export_roster', methods: ['GET'])]
    public function out(Membership $membership, Request $request): Response
    {
        $membership->mustBeAbleToChange();

        return CsvDownload::of(
            $this->csv->write($this->players->enteredFor($membership->team), $request->query->has('bom')),
            'roster.csv',
        );
    }

    /** @return array<array-key, Player> */
    private function byNumber(Team $team): array
    {
        $known = [];
        foreach ($this->players->of($team) as $player) {
            $known[$player->asRosterPlayer()->number] = $player;
        }

        return $known;
    }

    /**
     * A number that is already worn is that player, changed; any other is a new one. Nobody is removed.
     *
     * @param array<array-key, Player> $known
     */
    private function write(Membership $membership, RosterReading $reading, array $known): Response
    {
        $team = $membership->team;
        $words = \sprintf('Roster read from a list: %d new, %d changed', $reading->added(), $reading->changed());
        $step = $this->undo->record(
            $team,
            $membership->account,
            $words,
            [Watched::rowsOf('player', 'team_id', $team->id())],
            function () use ($team, $reading, $known): void {
                foreach ($reading->players as $read) {
                    $player = $known[$read->number] ?? null;
                    null === $player ? $this->entities->persist(new Player($team, $read)) : $player->change($read);
                }
            },
        );
        $this->doneOrUndone(
            null === $step ? 'The list says what the roster has already; nothing was changed.' : $words . '.',
            $step,
        );

        return $this->redirectToRoute('team', ['team' => $team->address()], Response::HTTP_SEE_OTHER);
    }
}
