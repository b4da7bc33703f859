<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\Address\PlayControls;
use FoxCorner\App\Plan\Address\SituationAddress;
use FoxCorner\App\Plan\Address\SituationAddresses;
use FoxCorner\App\Plan\CoverageReports;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\App\Plan\ReadPlan;
use FoxCorner\App\Plan\RunTables;
use FoxCorner\App\Plays\Running\PlayTried;
use FoxCorner\App\Shared\Drawing\FieldDrawing;
use FoxCorner\Core\People\NoLineup;
use FoxCorner\Core\Plan\Audit\CalledWhen;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Runs\PlayCost;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * The coverages of one family of plays in a situation: what each is worth, where it is beaten, and how two of them
 * differ.
 */
final class PlaysPage extends AbstractController
{
    public function __construct(
        private readonly PlanReader $plans,
        private readonly SituationAddresses $addresses,
        private readonly CoverageReports $reports,
        private readonly RunTables $tables,
        private readonly PlayControls $controls,
    ) {}

    #[Route('/{team}/situations/{situation}/{view}/all', name: 'plays', methods: ['GET'])]
    public function all(Membership $membership, PlayFamily $family, Request $request): Response
    {
        return $this->show($membership, $family, $request, 'plays');
    }

    #[Route('/{team}/situations/{situation}/{view}/coverages', name: 'coverages', methods: ['GET'])]
    public function coverages(Membership $membership, PlayFamily $family, Request $request): Response
    {
        return $this->show($membership, $family, $request, 'coverages');
    }

    /** @param string $tab the name of its route */
    private function show(Membership $membership, PlayFamily $family, Request $request, string $tab): Response
    {
        $address = $this->addresses->read($membership->team, $request);
        $query = MapQuery::read($request->query);
        $rules = $query->rules($membership->team->rules());
        try {
            $read = $this->plans->read($membership->team, $address->situation, $address->context, [], $rules);
        } catch (NoLineup $problem) {
            return $this->render('components/no_lineup/field.html.twig', [
                'problem' => $problem,
                'address' => $address,
            ]);
        }
        $play = $read->play($family, $address->coverage)->standing($query->plan($read->plan));
        $shared = [
            'address' => $address,
            'family' => $family,
            'rules' => $rules,
            'play' => $play,
            'read' => $read,
            'tab' => $tab,
        ];
        if (null === $play->coverage) {
            return $this->render('plays/none.html.twig', $shared);
        }

        $cost = $this->tables->cost($membership->team, $address->context);

        return $this->render(
            "plays/$tab.html.twig",
            $shared +
                $this->shown($read, $play, $address, $query, $cost) +
                ('plays' === $tab ? $this->tried($play, $address, $cost) : $this->compared($play, $cost)),
        );
    }

    /** @return array<string, mixed> what both tabs show */
    private function shown(
        ReadPlan $read,
        PlannedPlay $play,
        SituationAddress $address,
        MapQuery $query,
        PlayCost $cost,
    ): array {
        $controls = $this->controls->of($play->family);
        $rules = $play->plan->state->rules;
        $like = $controls->trial($address->trial, $play->plan->scene());

        return [
            'query' => $query,
            'unit' => $cost->unit,
            'maps' => MapsShown::of($play, $query->with, $cost, $like),
            'offers' => CoverageOffers::of($read, $play),
            'drawing' => new FieldDrawing($rules, $controls->mapWindow($rules)),
            'choices' => $controls->choices($address, $play, $cost),
            'controls' => $controls,
        ];
    }

    /** @return array<string, mixed> all that the coverage is tried against, where that is a handful of kinds */
    private function tried(PlannedPlay $play, SituationAddress $address, PlayCost $cost): array
    {
        $controls = $this->controls->of($play->family);

        return [
            'tried' => $play->family->words()->ofKinds ? PlayTried::all($play, $controls, $address, $cost) : [],
        ];
    }

    /** @return array<string, mixed> the coverages beside each other, and what each player is told of the one */
    private function compared(PlannedPlay $play, PlayCost $cost): array
    {
        $reports = $this->reports->of($play, $cost);

        return [
            'reports' => $reports,
            'when' => CalledWhen::among($reports, $play->policy),
            'even' => CalledWhen::areEven($reports, $play->policy),
            'policies' => PolicyLine::all($play, $reports),
            'players' => PlayerTold::all($play),
        ];
    }
}
