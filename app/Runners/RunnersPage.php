<?php

declare(strict_types=1);

namespace FoxCorner\App\Runners;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\Address\PlayControls;
use FoxCorner\App\Plan\Address\SituationAddresses;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\App\Plan\ReadPlan;
use FoxCorner\App\Plan\RunTables;
use FoxCorner\App\Shared\Drawing\FieldDrawing;
use FoxCorner\Core\Family\ShippedFamilies;
use FoxCorner\Core\People\NoLineup;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Running\PickRules;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Runners: how far they may lead before a throw wins, whether they get there, how they are held, and looks at them. */
final class RunnersPage extends AbstractController
{
    public function __construct(
        private readonly PlanReader $plans,
        private readonly SituationAddresses $addresses,
        private readonly RunTables $tables,
        private readonly RunnersDesk $desk,
        private readonly PlayControls $controls,
    ) {}

    #[Route('/{team}/situations/{situation}/runners', name: 'runners', methods: ['GET'])]
    public function show(Membership $membership, Request $request): Response
    {
        $team = $membership->team;
        $address = $this->addresses->read($team, $request);
        $query = RunnersQuery::read($request->query, $address->situation->bases, $team->rules());
        try {
            $read = $this->plans->read($team, $address->situation, $address->context);
        } catch (NoLineup $problem) {
            return $this->render('components/no_lineup/field.html.twig', [
                'problem' => $problem,
                'address' => $address,
            ]);
        }
        $cost = $this->tables->cost($team, $address->context);
        $rules = $team->rules();

        return $this->render('runners/show.html.twig', [
            'address' => $address,
            'query' => $query,
            'view' => $this->desk->view($team, $read, $query, $cost, $membership->canChange()),
            'drawing' => new FieldDrawing($rules, RunnersWindow::around($query->base, $rules)),
            'thrown' => $this->thrown($read, $query),
        ]);
    }

    /** The throw behind him on the clock; null when nobody is there, or nobody throws. */
    private function thrown(ReadPlan $read, RunnersQuery $query): ?Timeline
    {
        $family = $this->controls->families->get(ShippedFamilies::PICKS);
        $play = $read->play($family);
        if (
            null === $query->pick ||
            null === $play->coverage ||
            !$read->plan->state->situation->bases->has($query->base) ||
            !PickRules::of($query->pick, $query->base, $read->plan->state->rules)->isOpen
        ) {
            return null;
        }
        $carried = ['pick' => $query->pick->value, 'bag' => $query->base->word()];
        $off = null === $query->lead ? [] : ['off' => (string) $query->lead];

        return $play->run($this->controls->of($family)->trial($carried + $off, $read->plan->scene()));
    }
}
