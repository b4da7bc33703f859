<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Page;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Book\PracticeDraft;
use FoxCorner\App\Practice\Book\PracticeRepository;
use FoxCorner\App\Practice\Book\PracticeWish;
use FoxCorner\App\Practice\Book\SetupCodec;
use FoxCorner\App\Practice\Book\TakenField;
use FoxCorner\App\Practice\Live\RunRepository;
use FoxCorner\App\Practice\Order\PracticeOrder;
use FoxCorner\App\Practice\Order\PracticeSolver;
use FoxCorner\App\Practice\Solving\SolveJob;
use FoxCorner\App\Practice\Solving\SolveJobs;
use FoxCorner\App\Practice\Solving\SolveKind;
use FoxCorner\App\Shared\ProblemOnForm;
use FoxCorner\App\Undo\OffersUndo;
use FoxCorner\App\Undo\Undo;
use FoxCorner\App\Undo\Watched;
use FoxCorner\Core\Problem\Meanwhile;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Makes a practice from the plan, solves it again with other people or minutes, takes it off. */
final class EditPractice extends AbstractController
{
    use OffersUndo;

    /** The form's fields by the core's names. */
    private const FIELDS = [
        'day and time' => 'startsAt',
        'who comes' => 'comes',
        'helpers' => 'whoHelps',
        'warm-up' => 'warmUp',
        'daily core' => 'core',
        'counted arms' => 'counted',
        'team defence' => 'teamDefence',
    ];
    private const EVENING = '17:30';

    public function __construct(
        private readonly PracticeRepository $practices,
        private readonly PlayerRepository $players,
        private readonly PracticeSolver $solver,
        private readonly SetupCodec $setups,
        private readonly RunRepository $runs,
        private readonly SolveJobs $jobs,
        private readonly TakenField $field,
        private readonly Undo $undo,
        private readonly EntityManagerInterface $entities,
        private readonly ClockInterface $clock,
    ) {}

    #[Route('/{team}/practice/new', name: 'new_practice', methods: ['GET', 'POST'], priority: 1)]
    public function make(Membership $membership, Request $request): Response
    {
        return $this->edit($membership, null, $request);
    }

    #[Route('/{team}/practice/{practice}/change', name: 'edit_practice', methods: ['GET', 'POST'])]
    public function change(Membership $membership, Practice $practice, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        if (true === $this->runs->of($practice)?->clock()->isStarted()) {
            $this->addFlash('problem', 'The practice has begun: who is late or leaves, next and skip are here.');

            return $this->redirectToRoute(
                'run_practice',
                ['team' => $membership->team->address(), 'practice' => $practice->address()],
                Response::HTTP_SEE_OTHER,
            );
        }

        return $this->edit($membership, $practice, $request);
    }

    #[Route('/{team}/practice/{practice}/remove', name: 'remove_practice', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function remove(Membership $membership, Practice $practice): Response
    {
        $membership->mustBeAbleToChange();
        $run = $this->runs->of($practice);
        if (true === $run?->clock()->isStarted()) {
            // What was counted and graded goes with it.
            $membership->mustBeHeadCoach();
        }
        $step = $this->undo->record(
            $membership->team,
            $membership->account,
            'Taken off: ' . $practice->words(),
            [
                Watched::row('practice', $practice->id()),
                Watched::rowsOf('practice_run', 'practice_id', $practice->id()),
                Watched::rowsOf('turn_record', 'practice_id', $practice->id()),
            ],
            function () use ($practice, $run): void {
                null === $run ? null : $this->entities->remove($run);
                $this->entities->remove($practice);
            },
        );
        $this->doneOrUndone('The practice is taken off.', $step);

        return $this->redirectToRoute('practices', ['team' => $membership->team->address()], Response::HTTP_SEE_OTHER);
    }

    private function edit(Membership $membership, ?Practice $practice, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $form = $this->createForm(PracticeForm::class, $this->draft($membership, $practice, $request), [
            'roster' => $this->players->rosterOf($membership->team),
        ]);
        $form->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            $draft = $form->getData();
            $known = null === $practice ? $this->pressedBefore($membership, $draft) : null;
            $job = null === $known ? $this->asked($form, $membership, $practice, $draft, $request) : null;
            if (null !== $known) {
                return $this->redirectToRoute(
                    'practice',
                    ['team' => $membership->team->address(), 'practice' => $known->address()],
                    Response::HTTP_SEE_OTHER,
                );
            }
            if (null !== $job && null !== $job->outcome()?->problem()) {
                ProblemOnForm::show($form, $job->outcome()->problem(), self::FIELDS);
            } elseif (null !== $job) {
                return $this->redirectToRoute(
                    'solving',
                    ['team' => $membership->team->address(), 'job' => $job->id()],
                    Response::HTTP_SEE_OTHER,
                );
            }
        }

        return $this->render('practice/edit.html.twig', ['form' => $form, 'practice' => $practice]);
    }

    /** What the form begins with: what was wanted before and could not be, the practice as it is, or a free evening. */
    private function draft(Membership $membership, ?Practice $practice, Request $request): PracticeDraft
    {
        $again = $this->jobs->inTeam($membership->team, $request->query->getString('again'));
        if (null !== $again && \in_array($again->kind, [SolveKind::Make, SolveKind::Change], true)) {
            $wish = PracticeWish::read($again->request);

            return PracticeDraft::wished($wish, $this->setups->read($wish), $practice?->version() ?? 0);
        }
        if (null !== $practice) {
            return PracticeDraft::of($practice, $this->setups->read($practice));
        }
        $last = $this->practices->latest($membership->team);
        $draft = PracticeDraft::at(
            $this->field->firstFree($membership->team, $this->clock->now(), self::EVENING),
            $this->players->of($membership->team),
            null === $last ? null : $this->setups->read($last),
            $last?->place() ?? '',
        );
        $draft->isWatched = null === $last ? $membership->team->level()->isYouth() : $draft->isWatched;
        $hour = \DateTimeImmutable::createFromFormat('!Y-m-d\TH:i', $request->query->getString('at'));
        if (false !== $hour) {
            $draft->startsAt = $hour;
        }

        return $draft;
    }

    /** A second press of the same form. */
    private function pressedBefore(Membership $membership, PracticeDraft $draft): ?Practice
    {
        return $this->practices->inTeam($membership->team, $draft->once);
    }

    /** @param FormInterface<PracticeDraft> $form */
    private function asked(
        FormInterface $form,
        Membership $membership,
        ?Practice $practice,
        PracticeDraft $draft,
        Request $request,
    ): ?SolveJob {
        try {
            if (null !== $practice && $draft->version !== $practice->version()) {
                throw Meanwhile::changedUnder('practice');
            }
            $setup = null === $practice ? $draft->setup() : $draft->setup()->decidedAs($this->setups->read($practice));
            $wish = PracticeWish::of($draft, $this->setups->write($setup));
            $this->solver->check(PracticeOrder::wished($membership->team, $wish, $setup));
            $this->mustBeMeant($membership, $practice, $draft, $wish);
            $request->getSession()->save();

            return $this->jobs->ask(
                $membership->team,
                $membership->account,
                null === $practice ? SolveKind::Make : SolveKind::Change,
                $practice?->id()->toRfc4122() ?? $draft->once,
                [...$wish->toArray(), 'version' => $practice?->version() ?? 0],
            );
        } catch (Problem $problem) {
            ProblemOnForm::show($form, $problem, self::FIELDS);

            return null;
        }
    }

    /** Something else at that hour is said once; pressed again, it is meant. @throws Problem */
    private function mustBeMeant(
        Membership $membership,
        ?Practice $practice,
        PracticeDraft $draft,
        PracticeWish $wish,
    ): void {
        $by = $this->field->by($membership->team, $wish->startsAt, $wish->endsAt(), $practice);
        if (null !== $by && !$draft->allTheSame) {
            throw Refused::because(
                'day and time',
                "the field has {$by} then",
                'another hour; or tick “All the same” below',
            );
        }
    }
}
