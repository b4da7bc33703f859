<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Page;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Book\PracticeRepository;
use FoxCorner\App\Practice\Book\PracticeSetup;
use FoxCorner\App\Practice\Book\SetupCodec;
use FoxCorner\App\Practice\Sheet\PracticeCalendar;
use FoxCorner\App\Practice\Sheet\Sheet;
use FoxCorner\App\Practice\Sheet\SheetCodec;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The practices to come and those that were. */
final class PracticeList extends AbstractController
{
    public function __construct(
        private readonly PracticeRepository $practices,
        private readonly SheetCodec $codec,
        private readonly SetupCodec $setups,
        private readonly ClockInterface $clock,
    ) {}

    #[Route('/{team}/practice', name: 'practices', methods: ['GET'])]
    public function show(Membership $membership, Request $request): Response
    {
        $now = $this->clock->now();
        $page = max(1, (int) $request->query->getString('page'));
        [$past, $pages] = $this->practices->past($membership->team, $now, $page);

        return $this->render('practice/list.html.twig', [
            'coming' => array_map($this->row(...), $this->practices->coming($membership->team, $now)),
            'past' => array_map($this->row(...), $past),
            'page' => min($page, $pages),
            'pages' => $pages,
        ]);
    }

    #[Route('/{team}/practice/practices.ics', name: 'practices_ics', methods: ['GET'], priority: 1)]
    public function calendar(Membership $membership): Response
    {
        return new Response(
            (new PracticeCalendar($this->clock))->ofAll(
                array_map(
                    fn(Practice $practice): array => [$practice, $this->codec->read($practice)],
                    $this->practices->of($membership->team),
                ),
            ),
            headers: [
                'Content-Type' => 'text/calendar; charset=utf-8',
                'Content-Disposition' => 'attachment; filename="practices.ics"',
            ],
        );
    }

    /** @return array{practice: Practice, sheet: Sheet, setup: PracticeSetup} */
    private function row(Practice $practice): array
    {
        return [
            'practice' => $practice,
            'sheet' => $this->codec->read($practice),
            'setup' => $this->setups->read($practice),
        ];
    }
}
