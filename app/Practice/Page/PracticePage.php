<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Page;

use FoxCorner\App\Arms\RestingArm;
use FoxCorner\App\Arms\RestingArms;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Book\PracticeSetup;
use FoxCorner\App\Practice\Book\SetupCodec;
use FoxCorner\App\Practice\Drills\DrillShelf;
use FoxCorner\App\Practice\Live\RunRepository;
use FoxCorner\App\Practice\Order\PracticeOrder;
use FoxCorner\App\Practice\Order\PracticeSolver;
use FoxCorner\App\Practice\Sheet\Pdf;
use FoxCorner\App\Practice\Sheet\PracticeCalendar;
use FoxCorner\App\Practice\Sheet\Sheet;
use FoxCorner\App\Practice\Sheet\SheetCodec;
use FoxCorner\App\Practice\Sheet\StationDrawing;
use FoxCorner\App\Practice\Sheet\TimelineDrawing;
use FoxCorner\App\Shared\Drawing\FieldDrawing;
use FoxCorner\App\Shared\Drawing\Window;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Showing\Repetition;
use FoxCorner\Core\Problem\OutOfRange;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** One practice: the sheet on the screen, for the printer, as PDF, as cards for the stations and for a calendar. */
final class PracticePage extends AbstractController
{
    /** Numbers of stations are drawn so many times as large as on the field: the map is small. */
    private const LARGE = 1.9;

    public function __construct(
        private readonly SheetCodec $codec,
        private readonly SetupCodec $setups,
        private readonly DrillShelf $shelf,
        private readonly RunRepository $runs,
        private readonly RestingArms $resting,
        private readonly ClockInterface $clock,
    ) {}

    #[Route('/{team}/practice/{practice}', name: 'practice', methods: ['GET'])]
    public function show(Membership $membership, Practice $practice, PracticeSolver $solver): Response
    {
        $rules = $membership->team->rules();
        $shown = $this->sheetOf($practice);
        $drawing = new FieldDrawing($rules, Window::practiceGround($rules));
        $unit = $drawing->window->feetPerPixel() * self::LARGE;

        return $this->render('practice/show.html.twig', [
            ...$shown,
            'drawing' => $drawing,
            'zoom' => self::LARGE,
            'unit' => $unit,
            'rules' => $rules,
            'stations' => StationDrawing::all($shown['sheet'], $shown['drills'], $rules->diamond(), $unit),
            'run' => $this->runs->of($practice),
            'resting' => array_filter(
                $this->resting->on($membership->team, $practice->startsAt()),
                static fn(RestingArm $arm): bool => $membership->seesAllOf($arm->player->id) &&
                    \in_array($arm->player->id, $practice->comes(), true),
            ),
            'throws' => $shown['sheet']->throws($shown['drills']),
            'addable' => $membership->canChange() ? $this->addable($practice, $solver) : [],
        ]);
    }

    #[Route('/{team}/practice/{practice}/sheet.pdf', name: 'practice_pdf', methods: ['GET'])]
    public function pdf(Membership $membership, Practice $practice, Pdf $pdf): Response
    {
        return $this->document(
            $pdf->of(
                $this->renderView('practice/pdf.html.twig', [
                    ...$this->sheetOf($practice),
                    'team' => $membership->team,
                ]),
            ),
            'practice',
        );
    }

    #[Route('/{team}/practice/{practice}/cards.pdf', name: 'practice_cards', methods: ['GET'])]
    public function cards(Membership $membership, Practice $practice, Pdf $pdf): Response
    {
        $shown = $this->sheetOf($practice);
        [$rules, $profile] = [$membership->team->rules(), $membership->team->profile()];

        return $this->document(
            $pdf->of(
                $this->renderView('practice/cards.html.twig', [
                    ...$shown,
                    'told' => array_map(
                        static fn(Drill $drill): string => Repetition::of($drill, $rules, $profile)?->words() ?? '',
                        array_intersect_key($shown['drills'], array_flip($shown['sheet']->drills())),
                    ),
                ]),
            ),
            'station-cards',
        );
    }

    #[Route('/{team}/practice/{practice}/practice.ics', name: 'practice_ics', methods: ['GET'])]
    public function calendar(Membership $membership, Practice $practice): Response
    {
        return new Response(
            (new PracticeCalendar($this->clock))->of($practice, $this->codec->read($practice)),
            headers: [
                'Content-Type' => 'text/calendar; charset=utf-8',
                'Content-Disposition' => 'attachment; filename="practice.ics"',
            ],
        );
    }

    /** @return array<string, string|null> drills that are no station yet, with what hinders each */
    private function addable(Practice $practice, PracticeSolver $solver): array
    {
        try {
            $hindrances = $solver->hindrances(PracticeOrder::of($practice, $this->setups->read($practice)));
        } catch (OutOfRange) {
            // Nobody helps: no drill can be added.
            return [];
        }
        foreach ($this->codec->read($practice)->choices as $choice) {
            unset($hindrances[$choice->drill]);
        }

        return $hindrances;
    }

    /**
     * @return array{
     *     practice: Practice,
     *     sheet: Sheet,
     *     setup: PracticeSetup,
     *     timeline: TimelineDrawing,
     *     drills: array<string, Drill>,
     * }
     */
    private function sheetOf(Practice $practice): array
    {
        $sheet = $this->codec->read($practice);
        $setup = $this->setups->read($practice);

        return [
            'practice' => $practice,
            'sheet' => $sheet,
            'setup' => $setup,
            'timeline' => new TimelineDrawing($sheet, $practice->startsAt(), $setup->locks),
            'drills' => $this->shelf->ever($practice->team),
        ];
    }

    private function document(string $pdf, string $name): Response
    {
        return new Response(
            $pdf,
            headers: ['Content-Type' => 'application/pdf', 'Content-Disposition' => "inline; filename=\"$name.pdf\""],
        );
    }
}
