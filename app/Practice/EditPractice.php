<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Practice\Sheet\Sheet;
use FoxCorner\App\Shared\ProblemOnForm;
use FoxCorner\App\Team\PlayerRepository;
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
    private const FIELDS = ['day and time' => 'startsAt', 'who comes' => 'comes'];

    public function __construct(
        private readonly PracticeRepository $practices,
        private readonly PlayerRepository $players,
        private readonly PracticeSolver $solver,
        private readonly SheetCodec $codec,
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
    public function change(Membership $membership, string $practice, Request $request): Response
    {
        return $this->edit($membership, $this->practices->inTeam($membership->team, $practice) ?? throw $this->createNotFoundException(), $request);
    }

    #[Route('/{team}/practice/{practice}/remove', name: 'remove_practice', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function remove(Membership $membership, string $practice): Response
    {
        $membership->mustBeAbleToChange();
        $this->entities->remove($this->practices->inTeam($membership->team, $practice) ?? throw $this->createNotFoundException());
        $this->entities->flush();
        $this->addFlash('done', 'The practice is taken off.');

        return $this->redirectToRoute('practices', ['team' => $membership->team->id()], Response::HTTP_SEE_OTHER);
    }

    private function edit(Membership $membership, ?Practice $practice, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $players = $this->players->of($membership->team);
        $form = $this->createForm(
            PracticeForm::class,
            null === $practice ? PracticeDraft::forTomorrow($this->clock->now(), $players) : PracticeDraft::of($practice),
            ['roster' => $this->players->rosterOf($membership->team)],
        );
        $form->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            $draft = $form->getData();
            $sheet = $this->solve($form, $membership, $practice, $draft);
            if (null !== $sheet) {
                $json = $this->codec->write($sheet);
                null === $practice ? $this->entities->persist($practice = new Practice($membership->team, $draft, $json)) : $practice->change($draft, $json);
                $this->entities->flush();

                return $this->redirectToRoute('practice', ['team' => $membership->team->id(), 'practice' => $practice->id()], Response::HTTP_SEE_OTHER);
            }
        }

        return $this->render('practice/edit.html.twig', ['form' => $form, 'practice' => $practice]);
    }

    /** @param FormInterface<PracticeDraft> $form */
    private function solve(FormInterface $form, Membership $membership, ?Practice $practice, PracticeDraft $draft): ?Sheet
    {
        try {
            if (null !== $practice && $draft->version !== $practice->version()) {
                throw InvalidValue::because('practice', 'somebody else has changed it since you opened the form; what you typed is still here', 'open it again and compare');
            }

            return $this->solver->solve($membership->team, $draft);
        } catch (InvalidValue $problem) {
            ProblemOnForm::show($form, $problem, self::FIELDS);

            return null;
        }
    }
}
