<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\ChangedMeanwhile;
use FoxCorner\App\Plan\Codec\Fingerprint;
use FoxCorner\App\Plan\PlanDrafts;
use FoxCorner\App\Plan\PlanEdit;
use FoxCorner\App\Plan\PlanEdits;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\CoveragePrint;
use FoxCorner\Core\Problem\Meanwhile;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Uuid;

/** A coverage of the team's own: copied, changed with the audit beside it, kept even while it has faults. */
#[Route('/{team}/situations/{situation}/{view}/coverage')]
final class EditCoverage extends AbstractController
{
    /** Coverages of its own that a team may have in a family. */
    private const MOST = 60;

    public function __construct(
        private readonly CoverageDesk $desk,
        private readonly PlanDrafts $drafts,
        private readonly PlanEdits $edits,
    ) {}

    #[Route('/new', name: 'new_coverage', methods: ['GET'], priority: 2)]
    public function copy(Membership $membership, PlayFamily $family, string $situation, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $from = $request->query->getString('from');
        $play = $this->desk->play($membership, $family, $situation, '' === $from ? null : $from);
        $original = $play->coverage ?? throw $this->createNotFoundException();

        return $this->page(
            $membership,
            new CoverageForm($play, CoverageDraft::of($original, $family), Uuid::v7()->toRfc4122(), $original->key, ''),
        );
    }

    /** What is wrong with the coverage as the form has it at this moment. */
    #[Route('/audit', name: 'audit_coverage', methods: ['GET'], priority: 2)]
    public function audit(Membership $membership, PlayFamily $family, string $situation, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $play = $this->desk->play($membership, $family, $situation);
        $draft = CoverageDraft::typed($request->query, $family);

        return $this->render('plays/audit.html.twig', [
            'play' => $play,
            'audit' => $this->desk->audit($membership, $play, $draft, $request->query->getString('column')),
            'form' => new CoverageForm($play, $draft, '', '', ''),
            'isPart' => true,
        ]);
    }

    #[Route('/{coverage}', name: 'edit_coverage', methods: ['GET'])]
    public function edit(Membership $membership, PlayFamily $family, string $situation, string $coverage): Response
    {
        $membership->mustBeAbleToChange();
        $own = $this->own($membership, $family, $coverage);
        $play = $this->desk->play($membership, $family, $situation);

        return $this->page(
            $membership,
            new CoverageForm(
                $play,
                CoverageDraft::of($own, $family),
                $own->key,
                $own->copyOf ?? '',
                Fingerprint::of($own),
            ),
        );
    }

    #[Route('/{coverage}', name: 'save_coverage', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function save(
        Membership $membership,
        PlayFamily $family,
        string $situation,
        string $coverage,
        Request $request,
    ): Response {
        $membership->mustBeAbleToChange();
        if (!Uuid::isValid($coverage)) {
            throw $this->createNotFoundException();
        }
        $form = new CoverageForm(
            $this->desk->play($membership, $family, $situation),
            CoverageDraft::typed($request->request, $family),
            $coverage,
            $request->request->getString('copy_of'),
            $request->request->getString('seen'),
            $request->request->getString('column'),
        );
        try {
            $changed = self::changed($form, $family, Situation::fromKey($situation)->bases);
            $this->edits->make($membership, $this->keeping($changed, $family, $form->seen));
        } catch (Problem $problem) {
            return $this->page($membership, $form, $problem);
        } catch (ChangedMeanwhile) {
            return $this->page($membership, $form, Meanwhile::changedUnder('coverage'));
        }
        $isDraft = [] === $changed->fielders;
        $this->addFlash('done', $changed->name . ' is saved.' . ($isDraft ? ' It is a draft: nobody fields yet.' : ''));

        return $this->back($membership, $family, $situation, $isDraft ? [] : ['coverage' => $changed->key]);
    }

    #[Route('/{coverage}/remove', name: 'remove_coverage', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function remove(Membership $membership, PlayFamily $family, string $situation, string $coverage): Response
    {
        $own = $this->own($membership, $family, $coverage);
        $this->edits->tell(
            $membership,
            PlanEdit::whatever(
                $own->name . ' taken out',
                static fn(PlanBook $book): PlanBook => $book->withPlays(
                    $family->key(),
                    $book->plays($family->key())->withoutOwn($own->key),
                ),
            ),
            $own->name . ' is taken out.',
        );

        return $this->back($membership, $family, $situation);
    }

    /** @throws Problem */
    private static function changed(CoverageForm $form, PlayFamily $family, Bases $bases): Coverage
    {
        $original = $form->play->drawnUp($form->copyOf);
        $copiedAs = null === $original ? null : CoveragePrint::of($original);

        return $form->draft->toCoverage(
            $form->key,
            $family,
            $bases,
            '' === $form->copyOf ? null : $form->copyOf,
            $copiedAs,
        );
    }

    private function keeping(Coverage $changed, PlayFamily $family, string $seen): PlanEdit
    {
        return PlanEdit::of(
            $changed->name . ' drawn up',
            '' === $seen ? Fingerprint::of(null) : $seen,
            static fn(PlanBook $book): mixed => $book->plays($family->key())->own($changed->key),
            static function (PlanBook $book) use ($changed, $family): PlanBook {
                $plays = $book->plays($family->key());
                if (null === $plays->own($changed->key) && \count($plays->own) >= self::MOST) {
                    throw Refused::because(
                        'coverage',
                        \sprintf('the team has %d of its own already', self::MOST),
                        'taking one out that nobody plays',
                    );
                }

                return $book->withPlays($family->key(), $plays->withOwn($changed));
            },
        );
    }

    private function own(Membership $membership, PlayFamily $family, string $key): Coverage
    {
        return $this->drafts->of($membership->team)->plays($family->key())->own($key) ??
            throw $this->createNotFoundException();
    }

    private function page(Membership $membership, CoverageForm $form, ?Problem $problem = null): Response
    {
        $status = null === $problem ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY;

        return $this->render(
            'plays/edit.html.twig',
            [
                'form' => $form,
                'play' => $form->play,
                'audit' => $this->desk->audit($membership, $form->play, $form->draft, $form->column),
                'problem' => $problem,
            ],
            new Response(status: $status),
        );
    }

    /** @param array<string, string> $more */
    private function back(Membership $membership, PlayFamily $family, string $situation, array $more = []): Response
    {
        $to = ['team' => $membership->team->address(), 'view' => $family->key(), 'situation' => $situation];

        return $this->redirectToRoute('coverages', $to + $more, Response::HTTP_SEE_OTHER);
    }
}
