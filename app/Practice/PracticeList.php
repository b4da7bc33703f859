<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Practice\Setup\SetupCodec;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
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
    public function show(Membership $membership): Response
    {
        $now = $this->clock->now();
        $coming = $past = [];
        foreach ($this->practices->of($membership->team) as $practice) {
            $row = [
                'practice' => $practice,
                'sheet' => $this->codec->read($practice),
                'setup' => $this->setups->read($practice),
            ];
            $practice->endsAt() >= $now ? array_unshift($coming, $row) : ($past[] = $row);
        }

        return $this->render('practice/list.html.twig', ['coming' => $coming, 'past' => $past]);
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
}
