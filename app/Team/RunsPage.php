<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\RunTables;
use FoxCorner\App\Shared\Csv\CsvDownload;
use FoxCorner\App\Shared\Csv\RowProblem;
use FoxCorner\App\Shared\SentText;
use FoxCorner\App\Shared\TypedText;
use FoxCorner\Core\Runs\EventRates;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** What a situation is worth in runs, and the season's line that it rests on. */
final class RunsPage extends AbstractController
{
    public function __construct(
        private readonly RunTables $tables,
        private readonly SeasonCsv $csv,
        private readonly EntityManagerInterface $entities,
    ) {}

    #[Route('/{team}/team/scoring', name: 'runs', methods: ['GET'])]
    public function show(Membership $membership): Response
    {
        return $this->page($membership, $membership->team->rates(), '', [], false);
    }

    #[Route('/{team}/team/scoring', name: 'season_line', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function take(Membership $membership, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $team = $membership->team;
        if ($request->request->getBoolean('estimates')) {
            $team->measureBy(null);

            return $this->written($membership, 'Back to the estimates of the level.');
        }
        $text = SentText::of($request);
        [$rates, $problems] = $this->csv->read($text);
        if (null === $rates) {
            return $this->page($membership, $team->rates(), $text, $problems, false);
        }
        if (!$request->request->getBoolean('confirmed')) {
            return $this->page($membership, $rates, $text, [], true);
        }
        $team->measureBy($rates);

        return $this->written($membership, 'The season’s line is in. Every advice is valued by it from now on.');
    }

    #[Route('/{team}/team/rates.csv', name: 'export_rates', methods: ['GET'])]
    public function out(Membership $membership): Response
    {
        return CsvDownload::of($this->csv->write($membership->team->rates()), 'rates.csv');
    }

    private function written(Membership $membership, string $words): Response
    {
        $this->entities->flush();
        $this->addFlash('done', $words);

        return $this->redirectToRoute('runs', ['team' => $membership->team->address()], Response::HTTP_SEE_OTHER);
    }

    /** @param list<RowProblem> $problems */
    private function page(
        Membership $membership,
        EventRates $rates,
        string $text,
        array $problems,
        bool $isTrial,
    ): Response {
        return $this->render(
            'team/runs.html.twig',
            [
                'chain' => $this->tables->chain($rates, $membership->team->level()),
                'rates' => $rates,
                'text' => TypedText::unicode($text),
                'problems' => $problems,
                'isTrial' => $isTrial,
            ],
            new Response(status: [] === $problems ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }
}
