<?php

declare(strict_types=1);

namespace FoxCorner\App\Field;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\ChangedMeanwhile;
use FoxCorner\App\Plan\Fingerprint;
use FoxCorner\App\Plan\PlanDrafts;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\Core\Plan\CoverageChoice;
use FoxCorner\Core\Plan\PlanBook;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Makes a coverage the team's in a situation, unless another coach has decided since the page was opened. */
final class ChooseCoverage extends AbstractController
{
    public function __construct(private readonly PlanReader $plans, private readonly PlanDrafts $drafts, private readonly ClockInterface $clock)
    {
    }

    #[Route('/{team}/field/{situation}/coverage', name: 'choose_coverage', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function choose(Membership $membership, string $situation, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $address = SituationAddress::read($situation, $request->query, $this->plans->context($membership->team, $request->query));
        $coverage = $this->plans->read($membership->team, $address->situation, $address->context, $request->request->getString('coverage'))->plan->coverage;
        $wanted = new CoverageChoice($coverage?->key() ?? '', $membership->account->name, $this->clock->now());
        $change = static function (PlanBook $book) use ($address, $wanted, $request): PlanBook {
            $now = $book->coverage($address->situation);

            return Fingerprint::of($now) === $request->request->getString('seen') ? $book->withCoverage($address->situation, $wanted) : throw ChangedMeanwhile::by($now?->by);
        };
        try {
            $this->drafts->change($membership, \sprintf('%s on a bunt, %s', $coverage?->name() ?? '', lcfirst($address->situation->label())), $change);
            $this->addFlash('done', \sprintf('“%s” is played on a bunt from now on: %s.', $coverage?->call() ?? '', lcfirst($address->situation->label())));
            $this->addFlash('undo_plan', '1');
        } catch (ChangedMeanwhile $problem) {
            $this->addFlash('problem', $problem->getMessage());
        }

        return $this->redirectToRoute('field', ['team' => $membership->team->id(), ...$address->with(['coverage' => null])], Response::HTTP_SEE_OTHER);
    }
}
