<?php

declare(strict_types=1);

namespace FoxCorner\App\Field;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\Core\Alignment\NamedDepth;
use FoxCorner\Core\Alignment\Spot;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Range\BestMove;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The best small move, asked for once the page stands: it takes longer than the page. */
final class ImprovePart extends AbstractController
{
    public function __construct(private readonly PlanReader $plans)
    {
    }

    #[Route('/{team}/field/{situation}/improve', name: 'improve', methods: ['GET'])]
    public function show(Membership $membership, string $situation, Request $request): Response
    {
        $address = SituationAddress::read($situation, $request->query, $this->plans->context($membership->team, $request->query));
        $plan = $this->plans->read($membership->team, $address->situation, $address->context, $address->coverage, $address->moved)->plan;
        $fixed = array_map(
            static fn(Spot $spot): Position => $spot->position,
            array_values(array_filter($plan->alignment->spots(), static fn(Spot $spot): bool => $spot->byHand || \in_array($spot->depth, [NamedDepth::Hold, NamedDepth::Bunt], true))),
        );

        return $this->render('field/improve.html.twig', [
            'address' => $address,
            'team' => $membership->team,
            'plan' => $plan,
            'move' => BestMove::of($plan->range(), $plan->cast, $plan->state->rules->diamond(), $fixed),
        ]);
    }
}
