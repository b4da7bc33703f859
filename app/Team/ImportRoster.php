<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use FoxCorner\App\Shared\Csv\CsvTable;
use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Membership;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** A roster from a spreadsheet: looked at first, written only when the coach says so; and back out again. */
final class ImportRoster extends AbstractController
{
    public function __construct(private readonly PlayerRepository $players, private readonly EntityManagerInterface $entities, private readonly RosterCsv $csv)
    {
    }

    #[Route('/{team}/team/import', name: 'import_roster', methods: ['GET'])]
    public function form(Membership $membership): Response
    {
        $membership->mustBeAbleToChange();

        return $this->render('team/import.html.twig', ['text' => '', 'reading' => null, 'known' => []]);
    }

    #[Route('/{team}/team/import', name: 'import_roster_look', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function take(Membership $membership, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $file = $request->files->get('file');
        $text = $file instanceof UploadedFile && $file->isValid() ? $file->getContent() : $request->request->getString('text');
        $reading = $this->csv->read($text);
        $known = $this->byNumber($membership->team);
        if ([] === $reading->problems && $request->request->getBoolean('confirmed')) {
            $this->write($membership->team, $reading, $known);
            $this->addFlash('done', \sprintf('%d players are on the roster from the file.', \count($reading->players)));

            return $this->redirectToRoute('team', ['team' => $membership->team->id()], Response::HTTP_SEE_OTHER);
        }

        return $this->render('team/import.html.twig', ['text' => CsvTable::unicode($text), 'reading' => $reading, 'known' => $known],
            new Response(status: [] === $reading->problems ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY));
    }

    #[Route('/{team}/team/roster.csv', name: 'export_roster', methods: ['GET'])]
    public function out(Membership $membership): Response
    {
        return new Response($this->csv->write($this->players->enteredFor($membership->team)), headers: [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="roster.csv"',
        ]);
    }

    /** @return array<int, Player> */
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
     * @param array<int, Player> $known
     */
    private function write(Team $team, RosterReading $reading, array $known): void
    {
        foreach ($reading->players as $read) {
            $player = $known[$read->number] ?? null;
            null === $player ? $this->entities->persist(new Player($team, $read)) : $player->change($read);
        }
        $this->entities->flush();
    }
}
