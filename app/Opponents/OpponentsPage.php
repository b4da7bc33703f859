<?php

declare(strict_types=1);

namespace FoxCorner\App\Opponents;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Shared\Csv\CsvDownload;
use FoxCorner\App\Shared\Csv\CsvRow;
use FoxCorner\App\Shared\Csv\RowProblem;
use FoxCorner\App\Shared\Markup\Counted;
use FoxCorner\App\Shared\TypedText;
use FoxCorner\App\Undo\OffersUndo;
use FoxCorner\App\Undo\Undo;
use FoxCorner\App\Undo\Watched;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** The teams we play, and what we know of their batters and runners. */
final class OpponentsPage extends AbstractController
{
    use OffersUndo;

    /** Empty lines at the end of the table. */
    private const ROOM = 3;
    private const MOST = 80;
    private const MOST_BATTERS = 60;

    public function __construct(
        private readonly OpponentRepository $opponents,
        private readonly EntityManagerInterface $entities,
        private readonly BatterCsv $csv,
        private readonly Undo $undo,
    ) {}

    #[Route('/{team}/team/opponents', name: 'opponents', methods: ['GET'])]
    public function list(Membership $membership): Response
    {
        $membership->mustBeAbleToChange();

        return $this->render('opponents/list.html.twig', [
            'opponents' => $this->opponents->of($membership->team),
            'typed' => '',
            'problem' => null,
        ]);
    }

    #[Route('/{team}/team/opponents', name: 'add_opponent', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function add(Membership $membership, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $typed = $request->request->getString('name');
        try {
            OutOfRange::unlessBetween(
                'name',
                $this->opponents->count(['team' => $membership->team]),
                0,
                self::MOST - 1,
                'opponents are on the list already',
            );
            $opponent = new Opponent($membership->team, $typed);
        } catch (Problem $problem) {
            return $this->render(
                'opponents/list.html.twig',
                ['opponents' => $this->opponents->of($membership->team), 'typed' => $typed, 'problem' => $problem],
                new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY),
            );
        }
        $this->entities->persist($opponent);
        $this->entities->flush();

        return $this->redirectToRoute(
            'opponent',
            ['team' => $membership->team->address(), 'opponent' => $opponent->id()],
            Response::HTTP_SEE_OTHER,
        );
    }

    #[Route('/{team}/team/opponents/{opponent}', name: 'opponent', methods: ['GET'])]
    public function show(Membership $membership, string $opponent): Response
    {
        $membership->mustBeAbleToChange();
        $found = $this->find($membership, $opponent);

        return $this->page(
            $found,
            array_map(static fn(OpponentBatter $batter): array => self::cells($batter->scouted()), $found->batters()),
            [],
        );
    }

    #[Route('/{team}/team/opponents/{opponent}', name: 'save_opponent', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function save(Membership $membership, string $opponent, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $found = $this->find($membership, $opponent);
        $pasted = $request->request->getString('text');
        if ('' !== trim($pasted)) {
            return $this->look($found, $pasted);
        }
        $rows = self::typed($request);
        [$batters, $problems] = $this->csv->make(
            array_map(
                static fn(int $index, array $cells): CsvRow => new CsvRow($index + 1, $cells),
                array_keys($rows),
                $rows,
            ),
        );
        if ((string) $found->version() !== $request->request->getString('seen')) {
            $problems[] = new RowProblem(
                0,
                '',
                'Somebody else has changed this list since you opened it; what you typed is still here',
                'open it again and compare',
            );
        }
        if (\count($rows) > self::MOST_BATTERS) {
            $problems[] = new RowProblem(
                0,
                '',
                \sprintf('There are %d batters', \count($rows)),
                \sprintf('at most %d', self::MOST_BATTERS),
            );
        }
        $name = $request->request->getString('name');
        try {
            Opponent::checkName($name);
        } catch (Problem $problem) {
            $problems[] = new RowProblem(0, 'team', $problem->wrong(), $problem->allowed());
        }
        if ([] !== $problems) {
            return $this->page($found, $rows, $problems, name: $name);
        }
        $found->rename($name);
        $found->bats($batters);
        $this->entities->flush();
        $this->addFlash('done', $found->name() . ': ' . Counted::of(\count($batters), 'batter') . ' saved.');

        return $this->redirectToRoute(
            'opponent',
            ['team' => $membership->team->address(), 'opponent' => $found->id()],
            Response::HTTP_SEE_OTHER,
        );
    }

    #[Route('/{team}/team/opponents/{opponent}/remove', name: 'remove_opponent', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function remove(Membership $membership, string $opponent): Response
    {
        $membership->mustBeHeadCoach();
        $found = $this->find($membership, $opponent);
        $step = $this->undo->record(
            $membership->team,
            $membership->account,
            $found->name() . ' is off the list of opponents',
            [Watched::row('opponent', $found->id()), Watched::rowsOf('opponent_batter', 'opponent_id', $found->id())],
            fn() => $this->entities->remove($found),
        );
        $this->doneOrUndone($found->name() . ' is off the list.', $step);

        return $this->redirectToRoute('opponents', ['team' => $membership->team->address()], Response::HTTP_SEE_OTHER);
    }

    #[Route('/{team}/team/opponents/{opponent}/batters.csv', name: 'export_batters', methods: ['GET'])]
    public function out(Membership $membership, string $opponent, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $batters = array_map(
            static fn(OpponentBatter $batter): ScoutedBatter => $batter->scouted(),
            $this->find($membership, $opponent)->batters(),
        );

        return CsvDownload::of($this->csv->write($batters, $request->query->has('bom')), 'batters.csv');
    }

    /** What was pasted goes into the table, where it is looked at before it is saved. */
    private function look(Opponent $opponent, string $pasted): Response
    {
        [$batters, $problems] = $this->csv->read($pasted);
        if ([] !== $problems) {
            return $this->page(
                $opponent,
                array_map(
                    static fn(OpponentBatter $batter): array => self::cells($batter->scouted()),
                    $opponent->batters(),
                ),
                $problems,
                TypedText::unicode($pasted),
            );
        }
        $this->addFlash('done', Counted::of(\count($batters), 'batter') . ' in the table, nothing is saved yet.');

        return $this->page($opponent, array_map(self::cells(...), $batters), []);
    }

    /**
     * @param list<array<string, string|null>> $rows     cells by column
     * @param list<RowProblem>                 $problems
     */
    private function page(
        Opponent $opponent,
        array $rows,
        array $problems,
        string $pasted = '',
        ?string $name = null,
    ): Response {
        return $this->render(
            'opponents/show.html.twig',
            [
                'opponent' => $opponent,
                'rows' => [...$rows, ...array_fill(0, self::ROOM, array_fill_keys(BatterCsv::COLUMNS, ''))],
                'problems' => $problems,
                'pasted' => $pasted,
                'name' => $name ?? $opponent->name(),
            ],
            new Response(status: [] === $problems ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }

    private function find(Membership $membership, string $opponent): Opponent
    {
        return $this->opponents->inTeam($membership->team, $opponent) ?? throw $this->createNotFoundException();
    }

    /** @return array<string, string> */
    private static function cells(ScoutedBatter $batter): array
    {
        $flag = static fn(bool $is): string => $is ? 'yes' : '';

        return [
            'number' => $batter->number,
            'name' => $batter->name,
            'order' => (string) $batter->place,
            'bats' => $batter->bats->value,
            'home_to_first_s' => (string) $batter->homeToFirst,
            'tendency' => $batter->tendency->value,
            'power' => $flag($batter->power),
            'bunts' => $flag($batter->bunts),
            'goes' => $flag($batter->goes),
        ];
    }

    /** @return list<array<string, string|null>> the lines of the table in which something was typed */
    private static function typed(Request $request): array
    {
        $rows = [];
        foreach ($request->request->all('row') as $row) {
            $cells = [];
            foreach (BatterCsv::COLUMNS as $column) {
                $cell = \is_array($row) ? $row[$column] ?? '' : '';
                $cells[$column] = \is_string($cell) ? $cell : '';
            }
            if ('' !== trim($cells['number'] . $cells['name'])) {
                $rows[] = $cells;
            }
        }

        return $rows;
    }
}
