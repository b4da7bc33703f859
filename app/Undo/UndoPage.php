<?php

declare(strict_types=1);

namespace FoxCorner\App\Undo;

use FoxCorner\App\Club\Membership;
use FoxCorner\Core\Problem\Problem;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** What was changed lately, and the way back from it. */
final class UndoPage extends AbstractController
{
    public function __construct(private readonly UndoStepRepository $steps, private readonly Undo $undo) {}

    #[Route('/{team}/changes', name: 'changes', methods: ['GET'])]
    public function show(Membership $membership): Response
    {
        $membership->mustBeAbleToChange();

        return $this->render('undo/show.html.twig', ['steps' => $this->steps->labels($membership->team)]);
    }

    #[Route('/{team}/changes/{step}/undo', name: 'undo_change', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function takeBack(Membership $membership, string $step, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $found = $this->steps->inTeam($membership->team, $step) ?? throw $this->createNotFoundException();
        try {
            $this->undo->takeBack($found);
            $this->addFlash('done', "Taken back: {$found->words}.");
        } catch (Problem $problem) {
            $this->addFlash(
                'problem',
                "“{$found->words}” cannot be taken back: {$problem->wrong()}. Possible: {$problem->allowed()}.",
            );
        }
        $back = $request->request->getString('back');

        return $this->redirect(
            $membership->owns($back) ? $back : $this->generateUrl('changes', ['team' => $membership->team->address()]),
            Response::HTTP_SEE_OTHER,
        );
    }
}
