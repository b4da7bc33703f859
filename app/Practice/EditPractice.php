<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Practice\Live\RunRepository;
use FoxCorner\App\Practice\Setup\SetupCodec;
use FoxCorner\App\Shared\ProblemOnForm;
use FoxCorner\App\Team\PlayerRepository;
use FoxCorner\App\Team\Team;
use FoxCorner\Core\InvalidValue;
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
    /** The form's fields by the core's names. */
    private const FIELDS = ['day and time' => 'startsAt', 'who comes' => 'comes', 'helpers' => 'whoHelps', 'warm-up' => 'warmUp', 'team defence' => 'teamDefence'];

    public function __construct(
        private readonly PracticeRepository $practices,
        private readonly PlayerRepository $players,
        private readonly PracticeSolver $solver,
        private readonly SheetCodec $codec,
        private readonly SetupCodec $setups,
        private readonly RunRepository $runs,
        private readonly EntityManagerInterface $entities,
        private readonly ClockInterface $clock,
    ) {
    }

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

            return $this->redirectToRoute('run_practice', ['team' => $membership->team->id(), 'practice' => $practice->id()], Response::HTTP_SEE_OTHER);
        }

        return $this->edit($membership, $practice, $request);
    }

    #[Route('/{team}/practice/{practice}/remove', name: 'remove_practice', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function remove(Membership $membership, Practice $practice): Response
    {
        $membership->mustBeAbleToChange();
        $this->entities->remove($practice);
        $this->entities->flush();
        $this->addFlash('done', 'The practice is taken off.');

        return $this->redirectToRoute('practices', ['team' => $membership->team->id()], Response::HTTP_SEE_OTHER);
    }

    private function edit(Membership $membership, ?Practice $practice, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $form = $this->createForm(
            PracticeForm::class,
            null === $practice ? $this->next($membership->team, $request->query->getString('at')) : PracticeDraft::of($practice, $this->setups->read($practice)),
            ['roster' => $this->players->rosterOf($membership->team)],
        );
        $form->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            $draft = $form->getData();
            $order = $this->solve($form, $membership, $practice, $draft);
            if (null !== $order) {
                null === $practice ? $this->entities->persist($practice = new Practice($membership->team, $draft, ...$order)) : $practice->change($draft, ...$order);
                $this->entities->flush();

                return $this->redirectToRoute('practice', ['team' => $membership->team->id(), 'practice' => $practice->id()], Response::HTTP_SEE_OTHER);
            }
        }

        return $this->render('practice/edit.html.twig', ['form' => $form, 'practice' => $practice]);
    }

    /** At the hour that the address names, or tomorrow; with what there was to work with last time. */
    private function next(Team $team, string $at): PracticeDraft
    {
        $last = $this->practices->of($team)[0] ?? null;
        $draft = PracticeDraft::forTomorrow($this->clock->now(), $this->players->of($team), null === $last ? null : $this->setups->read($last), $last?->place() ?? '');
        $hour = \DateTimeImmutable::createFromFormat('!Y-m-d\TH:i', $at);
        if (false !== $hour) {
            $draft->startsAt = $hour;
        }

        return $draft;
    }

    /**
     * @param FormInterface<PracticeDraft> $form
     *
     * @return array{string, string}|null the setup and the sheet, as they are kept
     */
    private function solve(FormInterface $form, Membership $membership, ?Practice $practice, PracticeDraft $draft): ?array
    {
        try {
            if (null !== $practice && $draft->version !== $practice->version()) {
                throw InvalidValue::because('practice', 'somebody else has changed it since you opened the form; what you typed is still here', 'open it again and compare');
            }
            $startsAt = $draft->startsAt ?? throw InvalidValue::because('day and time', 'it is empty', 'a day and a time');
            $setup = null === $practice ? $draft->setup() : $draft->setup()->decidedAs($this->setups->read($practice));
            $order = new PracticeOrder($membership->team, $startsAt, $draft->minutes ?? 0, $draft->comes, $setup);
            $kept = null === $practice ? [] : LockedTurns::of($this->codec->read($practice), $setup->locks);

            return [$this->setups->write($setup), $this->codec->write($this->solver->solve($order->keeping($kept)))];
        } catch (InvalidValue $problem) {
            ProblemOnForm::show($form, $problem, self::FIELDS);

            return null;
        }
    }
}
