<?php

declare(strict_types=1);

namespace FoxCorner\App\Bunts;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Field\SituationAddress;
use FoxCorner\App\Plan\ChangedMeanwhile;
use FoxCorner\App\Plan\Fingerprint;
use FoxCorner\App\Plan\PlanDrafts;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\Core\InvalidValue;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Play\LeadOutPolicy;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Says beforehand which out is wanted in a situation. */
final class ChoosePolicy extends AbstractController
{
    public function __construct(private readonly PlanReader $plans, private readonly PlanDrafts $drafts)
    {
    }

    #[Route('/{team}/bunts/{situation}/policy', name: 'choose_policy', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function choose(Membership $membership, string $situation, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $address = SituationAddress::read($situation, $request->query, $this->plans->context($membership->team, $request->query));
        $wanted = $request->request->getString('policy');
        $policy = LeadOutPolicy::tryFrom($wanted) ?? throw InvalidValue::notOneOf('policy', $wanted, array_column(LeadOutPolicy::cases(), 'value'));
        $words = \sprintf('%s, %s', $policy->label(), lcfirst($address->situation->label()));
        try {
            $this->drafts->change($membership, $words, static fn(PlanBook $book): PlanBook => Fingerprint::of($book->policy($address->situation)->value) === $request->request->getString('seen') ? $book->withPolicy($address->situation, $policy) : throw ChangedMeanwhile::by(null));
            $this->addFlash('done', $words.'.');
        } catch (ChangedMeanwhile $problem) {
            $this->addFlash('problem', $problem->getMessage());
        }

        return $this->redirectToRoute('bunts', ['team' => $membership->team->id(), ...$address->with(['view' => null, 'bunt' => null])], Response::HTTP_SEE_OTHER);
    }
}
