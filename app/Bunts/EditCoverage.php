<?php

declare(strict_types=1);

namespace FoxCorner\App\Bunts;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\ChangedMeanwhile;
use FoxCorner\App\Plan\Fingerprint;
use FoxCorner\App\Plan\PlanDrafts;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\App\Plan\RunTables;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\InvalidValue;
use FoxCorner\Core\Play\Bunt\BuntCoverage;
use FoxCorner\Core\Plan\CoverageReport;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Plan\SituationPlan;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Uuid;

/** A coverage of the team's own: copied, changed with the audit beside it, kept even while it has faults. */
final class EditCoverage extends AbstractController
{
    /** Coverages of its own that a team may have. */
    private const MOST = 60;

    public function __construct(private readonly PlanReader $plans, private readonly PlanDrafts $drafts, private readonly RunTables $tables)
    {
    }

    #[Route('/{team}/bunts/{situation}/coverage/new', name: 'new_coverage', methods: ['GET'], priority: 2)]
    public function copy(Membership $membership, string $situation, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $plan = $this->plan($membership, $situation, '' === $request->query->getString('from') ? null : $request->query->getString('from'));
        $from = $plan->coverage ?? throw $this->createNotFoundException();
        $draft = CoverageDraft::of($from);

        return $this->page($membership, $plan, $draft, Uuid::v7()->toRfc4122(), $from->key(), '', null);
    }

    /** What is wrong with the coverage as the form has it at this moment. */
    #[Route('/{team}/bunts/{situation}/coverage/audit', name: 'audit_coverage', methods: ['GET'], priority: 2)]
    public function audit(Membership $membership, string $situation, Request $request): Response
    {
        $plan = $this->plan($membership, $situation, null);

        return $this->render('bunts/audit.html.twig', $this->audited($membership, $plan, CoverageDraft::typed($request->query)) + ['plan' => $plan]);
    }

    #[Route('/{team}/bunts/{situation}/coverage/{coverage}', name: 'edit_coverage', methods: ['GET'])]
    public function edit(Membership $membership, string $situation, string $coverage): Response
    {
        $membership->mustBeAbleToChange();
        $own = $this->drafts->of($membership->team)->ownCoverage($coverage) ?? throw $this->createNotFoundException();

        return $this->page($membership, $this->plan($membership, $situation, null), CoverageDraft::of($own), $own->key(), $own->copyOf, Fingerprint::of($own), null);
    }

    #[Route('/{team}/bunts/{situation}/coverage/{coverage}', name: 'save_coverage', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function save(Membership $membership, string $situation, string $coverage, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $plan = $this->plan($membership, $situation, null);
        $draft = CoverageDraft::typed($request->request);
        $copyOf = $request->request->getString('copy_of');
        $seen = $request->request->getString('seen');
        try {
            if (!Uuid::isValid($coverage)) {
                throw $this->createNotFoundException();
            }
            $changed = $draft->toCoverage($coverage, $plan->state->situation->bases, '' === $copyOf ? null : $copyOf, $plan->drawnUp($copyOf)?->print());
            $this->drafts->change($membership, $changed->name().' drawn up', static function (PlanBook $book) use ($changed, $seen): PlanBook {
                $now = $book->ownCoverage($changed->key());
                if (null === $now && \count($book->own) >= self::MOST) {
                    throw InvalidValue::because('coverage', \sprintf('the team has %d of its own already', self::MOST), 'taking one out that nobody plays');
                }

                return ('' === $seen && null === $now) || (null !== $now && Fingerprint::of($now) === $seen) ? $book->withOwnCoverage($changed) : throw ChangedMeanwhile::by(null);
            });
        } catch (InvalidValue $problem) {
            return $this->page($membership, $plan, $draft, $coverage, $copyOf, $seen, $problem);
        } catch (ChangedMeanwhile) {
            return $this->page($membership, $plan, $draft, $coverage, $copyOf, $seen, InvalidValue::because('coverage', 'somebody else has changed it since you opened it; what you did is still here', 'open it again and compare'));
        }
        $this->addFlash('done', $changed->name().' is kept.'.([] === $changed->fielders() ? ' It is a draft: nobody fields yet.' : ''));

        return $this->redirectToRoute('bunts', ['team' => $membership->team->id(), 'situation' => $situation] + ([] === $changed->fielders() ? [] : ['coverage' => $changed->key()]), Response::HTTP_SEE_OTHER);
    }

    #[Route('/{team}/bunts/{situation}/coverage/{coverage}/remove', name: 'remove_coverage', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function remove(Membership $membership, string $situation, string $coverage): Response
    {
        $membership->mustBeAbleToChange();
        $own = $this->drafts->of($membership->team)->ownCoverage($coverage) ?? throw $this->createNotFoundException();
        $this->drafts->change($membership, $own->name().' taken out', static fn(PlanBook $book): PlanBook => $book->withoutOwnCoverage($own->key()));
        $this->addFlash('done', $own->name().' is taken out.');

        return $this->redirectToRoute('bunts', ['team' => $membership->team->id(), 'situation' => $situation], Response::HTTP_SEE_OTHER);
    }

    private function plan(Membership $membership, string $situation, ?string $coverage): SituationPlan
    {
        return $this->plans->read($membership->team, Situation::fromKey($situation), Context::ordinary(), $coverage)->plan;
    }

    private function page(Membership $membership, SituationPlan $plan, CoverageDraft $draft, string $key, ?string $copyOf, string $seen, ?InvalidValue $problem): Response
    {
        return $this->render('bunts/edit.html.twig', $this->audited($membership, $plan, $draft) + [
            'changedOriginal' => self::changedOriginal($plan, $key, $copyOf), 'plan' => $plan, 'draft' => $draft, 'key' => $key, 'copyOf' => $copyOf, 'seen' => $seen, 'problem' => $problem,
        ], new Response(status: null === $problem ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY));
    }

    /** What this one was copied from, if it has changed since. */
    private static function changedOriginal(SituationPlan $plan, string $key, ?string $copyOf): ?BuntCoverage
    {
        $original = $plan->drawnUp($copyOf);

        return null !== $original && true === $plan->drawnUp($key)?->isBehind($original) ? $original : null;
    }

    /** @return array{report: CoverageReport|null, usual: CoverageReport|null, nobody: bool} */
    private function audited(Membership $membership, SituationPlan $plan, CoverageDraft $draft): array
    {
        $cost = $this->tables->cost($membership->team, $plan->state->context);
        try {
            $coverage = $draft->toCoverage('draft', $plan->state->situation->bases, null);
        } catch (InvalidValue) {
            return ['report' => null, 'usual' => null, 'nobody' => false];
        }
        $usual = null === $plan->coverage ? null : $plan->reportOn($plan->coverage, $cost);

        return [] === $coverage->fielders() ? ['report' => null, 'usual' => $usual, 'nobody' => true] : ['report' => $plan->reportOn($coverage, $cost), 'usual' => $usual, 'nobody' => false];
    }
}
