<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Drills;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Shared\ProblemOnForm;
use FoxCorner\Core\Problem\Meanwhile;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** A team's own drills: written, copied, changed, put away and taken out again. */
final class EditDrill extends AbstractController
{
    /** Drills of its own that a team may have. */
    private const MOST = 100;
    /** The form's fields by the core's names. */
    private const FIELDS = [
        'smallest group' => 'min',
        'largest group' => 'max',
        'at once' => 'atOnce',
        'seconds' => 'secondsPerRep',
        'throws' => 'throwsPerRep',
    ];

    public function __construct(
        private readonly DrillShelf $shelf,
        private readonly OwnDrillRepository $own,
        private readonly EntityManagerInterface $entities,
    ) {}

    #[Route('/{team}/practice/drills/new', name: 'new_drill', methods: ['GET', 'POST'], priority: 2)]
    public function make(Membership $membership, Request $request): Response
    {
        $like = $this->shelf->ever($membership->team)[$request->query->getString('like')] ?? null;

        return $this->edit($membership, null, null === $like ? new DrillDraft() : DrillDraft::copyOf($like), $request);
    }

    #[Route('/{team}/practice/drills/{drill}/change', name: 'edit_drill', methods: ['GET', 'POST'], priority: 1)]
    public function change(Membership $membership, string $drill, Request $request): Response
    {
        $own = $this->own->byKey($membership->team, $drill) ?? throw $this->createNotFoundException();

        return $this->edit($membership, $own, $this->shelf->draftOf($own), $request);
    }

    #[Route('/{team}/practice/drills/{drill}/away', name: 'put_away_drill', methods: ['POST'], priority: 1)]
    #[IsCsrfTokenValid('change')]
    public function putAway(Membership $membership, string $drill, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $own = $this->own->byKey($membership->team, $drill) ?? throw $this->createNotFoundException();
        $own->putAway('1' === $request->request->getString('away'));
        $this->entities->flush();
        $this->addFlash(
            'done',
            $own->isPutAway()
                ? 'Put away. Old sheets keep it; take it out again at the foot of the list.'
                : 'It is among the drills again.',
        );

        return $this->redirectToRoute('drills', ['team' => $membership->team->address()], Response::HTTP_SEE_OTHER);
    }

    private function edit(Membership $membership, ?OwnDrill $own, DrillDraft $draft, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $form = $this->createForm(DrillForm::class, $draft);
        $form->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid() && $this->isRight($form, $draft, $own, $membership->team)) {
            $document = $this->shelf->write($draft);
            null === $own
                ? $this->entities->persist($own = new OwnDrill($membership->team, $document))
                : $own->change($document);
            $this->entities->flush();

            return $this->redirectToRoute(
                'drill',
                ['team' => $membership->team->address(), 'drill' => $own->key()],
                Response::HTTP_SEE_OTHER,
            );
        }

        return $this->render('drills/edit.html.twig', ['form' => $form, 'own' => $own]);
    }

    /** @param FormInterface<DrillDraft> $form */
    private function isRight(FormInterface $form, DrillDraft $draft, ?OwnDrill $own, Team $team): bool
    {
        try {
            if (null !== $own && $draft->version !== $own->version()) {
                throw Meanwhile::changedUnder('drill');
            }
            $draft->toDrill('own');
            if (null === $own && $this->own->count(['team' => $team]) >= self::MOST) {
                throw Refused::because(
                    'drill',
                    \sprintf('the team has written %d already, those that are put away with them', self::MOST),
                    'changing one of them',
                );
            }

            return true;
        } catch (Problem $problem) {
            ProblemOnForm::show($form, $problem, self::FIELDS);

            return false;
        }
    }
}
