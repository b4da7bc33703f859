<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Shared\Drawing\FieldDrawing;
use FoxCorner\App\Shared\Drawing\Window;
use FoxCorner\Core\Practice\Drill\ShippedDrills;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** One practice: the sheet on the screen, for the printer, as PDF and for a calendar. */
final class PracticePage extends AbstractController
{
    public function __construct(private readonly PracticeRepository $practices, private readonly SheetCodec $codec, private readonly ClockInterface $clock)
    {
    }

    #[Route('/{team}/practice/{practice}', name: 'practice', methods: ['GET'])]
    public function show(Membership $membership, string $practice): Response
    {
        $rules = $membership->team->rules();

        return $this->render('practice/show.html.twig', [...$this->sheetOf($membership, $practice), 'drawing' => new FieldDrawing($rules, Window::practiceGround($rules)), 'rules' => $rules]);
    }

    #[Route('/{team}/practice/{practice}/sheet.pdf', name: 'practice_pdf', methods: ['GET'])]
    public function pdf(Membership $membership, string $practice, Pdf $pdf): Response
    {
        return new Response($pdf->of($this->renderView('practice/pdf.html.twig', [...$this->sheetOf($membership, $practice), 'team' => $membership->team])), headers: [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="practice.pdf"',
        ]);
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

    /** @return array<string, mixed> */
    private function sheetOf(Membership $membership, string $practice): array
    {
        $found = $this->find($membership, $practice);

        $sheet = $this->codec->read($found);

        return ['practice' => $found, 'sheet' => $sheet, 'timeline' => new TimelineDrawing($sheet, $found->startsAt()), 'drills' => ShippedDrills::all()];
    }

    private function find(Membership $membership, string $practice): Practice
    {
        return $this->practices->inTeam($membership->team, $practice) ?? throw $this->createNotFoundException();
    }
}
