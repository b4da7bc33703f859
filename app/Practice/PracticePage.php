<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Practice\Drills\DrillShelf;
use FoxCorner\App\Practice\Live\RunRepository;
use FoxCorner\App\Practice\Setup\SetupCodec;
use FoxCorner\App\Shared\Drawing\FieldDrawing;
use FoxCorner\App\Shared\Drawing\Window;
use FoxCorner\Core\InvalidValue;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** One practice: the sheet on the screen, for the printer, as PDF, as cards for the stations and for a calendar. */
final class PracticePage extends AbstractController
{
    public function __construct(
        private readonly PracticeRepository $practices,
        private readonly SheetCodec $codec,
        private readonly SetupCodec $setups,
        private readonly DrillShelf $shelf,
        private readonly RunRepository $runs,
        private readonly ClockInterface $clock,
    ) {
    }

    #[Route('/{team}/practice/{practice}', name: 'practice', methods: ['GET'])]
    public function show(Membership $membership, string $practice, PracticeSolver $solver): Response
    {
        $rules = $membership->team->rules();
        $shown = $this->sheetOf($membership, $practice);

        return $this->render('practice/show.html.twig', [
            ...$shown, 'drawing' => new FieldDrawing($rules, Window::practiceGround($rules)), 'rules' => $rules,
            'stations' => StationDrawing::all($shown['sheet'], $shown['drills'], $rules->diamond()),
            'run' => $this->runs->of($shown['practice']),
            'addable' => $membership->canChange() ? $this->addable($shown['practice'], $solver) : [],
        ]);
    }

    #[Route('/{team}/practice/{practice}/sheet.pdf', name: 'practice_pdf', methods: ['GET'])]
    public function pdf(Membership $membership, string $practice, Pdf $pdf): Response
    {
        return $this->document($pdf->of($this->renderView('practice/pdf.html.twig', [...$this->sheetOf($membership, $practice), 'team' => $membership->team])), 'practice');
    }

    #[Route('/{team}/practice/{practice}/cards.pdf', name: 'practice_cards', methods: ['GET'])]
    public function cards(Membership $membership, string $practice, Pdf $pdf): Response
    {
        $rules = $membership->team->rules();

        return $this->document($pdf->of($this->renderView('practice/cards.html.twig', [...$this->sheetOf($membership, $practice), 'rules' => $rules])), 'station-cards');
    }

    #[Route('/{team}/practice/{practice}/practice.ics', name: 'practice_ics', methods: ['GET'])]
    public function calendar(Membership $membership, string $practice): Response
    {
        $found = $this->find($membership, $practice);

        return new Response((new PracticeCalendar($this->clock))->of($found, $this->codec->read($found)), headers: [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="practice.ics"',
        ]);
    }

    /** @return array<string, string|null> drills that are no station yet, with what hinders each */
    private function addable(Practice $practice, PracticeSolver $solver): array
    {
        try {
            $hindrances = $solver->hindrances(PracticeOrder::of($practice, $this->setups->read($practice)));
        } catch (InvalidValue) {
            return [];
        }
        foreach ($this->codec->read($practice)->choices as $choice) {
            unset($hindrances[$choice->drill]);
        }

        return $hindrances;
    }

    /** @return array{practice: Practice, sheet: Sheet\Sheet, setup: Setup\PracticeSetup, timeline: TimelineDrawing, drills: array<string, \FoxCorner\Core\Practice\Drill>} */
    private function sheetOf(Membership $membership, string $practice): array
    {
        $found = $this->find($membership, $practice);
        $sheet = $this->codec->read($found);
        $setup = $this->setups->read($found);

        return ['practice' => $found, 'sheet' => $sheet, 'setup' => $setup, 'timeline' => new TimelineDrawing($sheet, $found->startsAt(), $setup->locks), 'drills' => $this->shelf->ever($membership->team)];
    }

    private function document(string $pdf, string $name): Response
    {
        return new Response($pdf, headers: ['Content-Type' => 'application/pdf', 'Content-Disposition' => "inline; filename=\"$name.pdf\""]);
    }

    private function find(Membership $membership, string $practice): Practice
    {
        return $this->practices->inTeam($membership->team, $practice) ?? throw $this->createNotFoundException();
    }
}
