<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use FoxCorner\App\Club\Membership;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Takes the last change of the plan back, or makes it again. */
final class TurnPlan extends AbstractController
{
    public function __construct(private readonly PlanDrafts $drafts) {}

    #[Route('/{team}/plan/undo', name: 'undo_plan', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function undo(Membership $membership, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $words = $this->drafts->undo($membership->team);
        null === $words
            ? $this->addFlash('problem', 'There is nothing to undo.')
            : $this->addFlash('done', "Undone: $words.");

        return $this->back($membership, $request);
    }

    #[Route('/{team}/plan/redo', name: 'redo_plan', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function redo(Membership $membership, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $words = $this->drafts->redo($membership->team);
        null === $words
            ? $this->addFlash('problem', 'There is nothing to do again.')
            : $this->addFlash('done', "Done again: $words.");

        return $this->back($membership, $request);
    }

    /** To the page that asked, if it is one of this team's. */
    private function back(Membership $membership, Request $request): Response
    {
        $back = $request->request->getString('back');

        return $this->redirect(
            $membership->owns($back)
                ? $back
                : $this->generateUrl('situations', ['team' => $membership->team->address()]),
            Response::HTTP_SEE_OTHER,
        );
    }
}
