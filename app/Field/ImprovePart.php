<?php

declare(strict_types=1);

namespace FoxCorner\App\Field;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\Address\SituationAddresses;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\App\Plan\RunTables;
use FoxCorner\Core\Alignment\NamedDepth;
use FoxCorner\Core\Alignment\Spot;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Problem\Unknown;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The best small moves, asked for once the page stands: they take longer than the page. */
final class ImprovePart extends AbstractController
{
    /** Paces that a fielder may be asked to go, unless the coach says otherwise. */
    private const REACH = 2.0;

    public function __construct(
        private readonly PlanReader $plans,
        private readonly SituationAddresses $addresses,
        private readonly RunTables $tables,
    ) {}

    #[Route('/{team}/field/{situation}/improve', name: 'improve', methods: ['GET'])]
    public function show(Membership $membership, string $situation, Request $request): Response
    {
        $address = $this->addresses->read($membership->team, $situation, $request->query);
        $plan = $this->plans->read($membership->team, $address->situation, $address->context, $address->moved)->plan;
        $reach = (float) $request->query->get('reach', (string) self::REACH);
        $improver = $plan->improver(
            $plan->range($this->tables->cost($membership->team, $address->context)),
            self::fixed($plan),
            (int) round(2 * $reach),
        );
        $isJoint = match ($request->query->getString('together')) {
            '', 'no' => false,
            'yes' => true,
            default => throw Unknown::notOneOf('together', $request->query->getString('together'), ['yes', 'no']),
        };

        return $this->render('field/improve.html.twig', [
            'address' => $address,
            'team' => $membership->team,
            'plan' => $plan,
            'found' => $isJoint ? $improver->joint() : $improver->single(),
            'isJoint' => $isJoint,
            'reach' => $reach,
        ]);
    }

    /** @return list<Position> whom somebody put there, who hold a runner or wait for a bunt */
    private static function fixed(SituationPlan $plan): array
    {
        return array_values(
            array_map(
                static fn(Spot $spot): Position => $spot->position,
                array_filter(
                    $plan->alignment->spots(),
                    static fn(Spot $spot): bool => $spot->byHand ||
                        \in_array($spot->depth, [NamedDepth::Hold, NamedDepth::Bunt], true),
                ),
            ),
        );
    }
}
