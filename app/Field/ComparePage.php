<?php

declare(strict_types=1);

namespace FoxCorner\App\Field;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\Address\SituationAddresses;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\App\Plan\RangeSummaries;
use FoxCorner\App\Plan\RunTables;
use FoxCorner\App\Shared\Drawing\FieldDrawing;
use FoxCorner\App\Shared\Drawing\Window;
use FoxCorner\Core\Problem\Unknown;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Two ways to stand in one situation, side by side: who stands elsewhere, what each gets and costs. */
final class ComparePage extends AbstractController
{
    public function __construct(
        private readonly PlanReader $plans,
        private readonly SituationAddresses $addresses,
        private readonly RangeSummaries $ranges,
        private readonly RunTables $tables,
    ) {}

    #[Route('/{team}/situations/{situation}/compare', name: 'compare', methods: ['GET'])]
    public function show(Membership $membership, Request $request): Response
    {
        $address = $this->addresses->read($membership->team, $request);
        $wanted = $request->query->getString('against', Against::Normal->value);
        $against = Unknown::oneOf(Against::class, $wanted, 'against');
        $read = $this->plans->read($membership->team, $address->situation, $address->context, $address->moved);
        $other = $read->plan->standing($against->alignment($read->plan->state, $read->book));
        $cost = $this->tables->cost($membership->team, $address->context);
        $rules = $membership->team->rules();

        return $this->render('field/compare.html.twig', [
            'address' => $address,
            'rules' => $rules,
            'against' => $against,
            'book' => $read->book,
            'sides' => [
                [
                    'name' => [] === $address->moved ? 'The plan' : 'As tried',
                    'plan' => $read->plan,
                    'range' => $this->ranges->of($read->plan, $cost),
                ],
                ['name' => $against->label($read->book), 'plan' => $other, 'range' => $this->ranges->of($other, $cost)],
            ],
            'drawing' => new FieldDrawing($rules, Window::infield($rules)),
        ]);
    }
}
