<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Shared\Csv\CsvDownload;
use FoxCorner\App\Shared\Csv\RowProblem;
use FoxCorner\App\Shared\SentText;
use FoxCorner\App\Shared\TypedText;
use FoxCorner\Core\Level\FieldingRecord;
use FoxCorner\Core\Problem\Meanwhile;
use FoxCorner\Core\Problem\Problem;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** What the team's own infield has made of its chances; every ground ball is played by it. */
final class RecordPage extends AbstractController
{
    public function __construct(private readonly RecordCsv $csv, private readonly EntityManagerInterface $entities) {}

    #[Route('/{team}/team/record', name: 'record', methods: ['GET'])]
    public function show(Membership $membership): Response
    {
        return $this->page($membership, RecordForm::of($membership->team->record()), null);
    }

    #[Route('/{team}/team/record', name: 'save_record', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function save(Membership $membership, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $form = RecordForm::typed($request);
        try {
            if ((string) $membership->team->version() !== $request->request->getString('seen')) {
                throw Meanwhile::changedUnder('record');
            }
            $record = $form->record();
        } catch (Problem $problem) {
            return $this->page($membership, $form, $problem);
        }

        return $this->written($membership, $record);
    }

    #[Route('/{team}/team/record.csv', name: 'take_record', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function take(Membership $membership, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $text = SentText::of($request);
        [$record, $problems] = $this->csv->read($text);

        return null === $record
            ? $this->page($membership, RecordForm::of($membership->team->record()), null, $text, $problems)
            : $this->written($membership, $record);
    }

    #[Route('/{team}/team/record.csv', name: 'export_record', methods: ['GET'])]
    public function out(Membership $membership): Response
    {
        return CsvDownload::of($this->csv->write($membership->team->record()), 'record.csv');
    }

    private function written(Membership $membership, FieldingRecord $record): Response
    {
        $membership->team->recordChances($record);
        $this->entities->flush();
        $this->addFlash(
            'done',
            [] === $record->counts
                ? 'Back to what the level makes of its chances.'
                : 'The record is in. Every ground ball is played by it from now on.',
        );

        return $this->redirectToRoute('record', ['team' => $membership->team->address()], Response::HTTP_SEE_OTHER);
    }

    /** @param list<RowProblem> $problems of a file */
    private function page(
        Membership $membership,
        RecordForm $form,
        ?Problem $problem,
        string $text = '',
        array $problems = [],
    ): Response {
        return $this->render(
            'team/record.html.twig',
            [
                'form' => $form,
                'lines' => RecordLine::all($membership->team->profile()),
                'problem' => $problem,
                'text' => TypedText::unicode($text),
                'problems' => $problems,
            ],
            new Response(
                status: null === $problem && [] === $problems ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY,
            ),
        );
    }
}
