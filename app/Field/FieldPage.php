<?php

declare(strict_types=1);

namespace FoxCorner\App\Field;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\Address\PlayControls;
use FoxCorner\App\Plan\Address\SituationAddress;
use FoxCorner\App\Plan\Address\SituationAddresses;
use FoxCorner\App\Plan\CoverageReports;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\App\Plan\RangeSummaries;
use FoxCorner\App\Plan\ReadPlan;
use FoxCorner\App\Plan\RunTables;
use FoxCorner\App\Shared\Drawing\FieldDrawing;
use FoxCorner\App\Shared\Drawing\Window;
use FoxCorner\Core\People\NoLineup;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Plan\FoulPop;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Runs\PlayCost;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** One situation, drawn: where the nine stand and why, who has a ball in the air, and plays on the clock. */
final class FieldPage extends AbstractController
{
    public function __construct(
        private readonly PlanReader $plans,
        private readonly SituationAddresses $addresses,
        private readonly CoverageReports $reports,
        private readonly RangeSummaries $ranges,
        private readonly RunTables $tables,
        private readonly PlayControls $controls,
    ) {}

    /** Asked after all else that is at the place Situations. */
    #[
        Route(
            '/{team}/situations/{situation}/{view}',
            name: 'situation',
            defaults: ['view' => ''],
            methods: ['GET'],
            priority: -10,
        ),
    ]
    public function show(Membership $membership, Request $request): Response
    {
        $address = $this->addresses->read($membership->team, $request);
        if ('' !== $request->query->getString('at') || $request->query->has('view')) {
            return $this->redirectToRoute('situation', ['team' => $membership->team->address(), ...$address->with([])]);
        }
        try {
            $read = $this->plans->read($membership->team, $address->situation, $address->context, $address->moved);
        } catch (NoLineup $problem) {
            return $this->render('components/no_lineup/field.html.twig', [
                'problem' => $problem,
                'address' => $address,
            ]);
        }
        $rules = $membership->team->rules();
        $cost = $this->tables->cost($membership->team, $address->context);
        $parameters = [
            'address' => $address,
            'rules' => $rules,
            'plan' => $read->plan,
            'read' => $read,
        ];
        if (null === $address->family) {
            return $this->render(
                'field/show.html.twig',
                $parameters + [
                    'drawing' => new FieldDrawing($rules, Window::wholeField($rules)),
                    'range' => $address->isAir ? null : $this->ranges->of($read->plan, $cost),
                    'flies' => $address->isAir ? $read->plan->flies($address->air) : null,
                    'pops' => $address->isAir ? FoulPop::ordinary($read->plan, $cost) : [],
                    'plays' => $address->isAir ? [] : $this->plans->plays($read),
                ],
            );
        }

        return $this->render(
            'field/show.html.twig',
            $parameters + $this->play($read, $address, $address->family, $cost),
        );
    }

    /** @return array<string, mixed> */
    private function play(ReadPlan $read, SituationAddress $address, PlayFamily $family, PlayCost $cost): array
    {
        $planned = $read->play($family, $address->coverage);
        $rules = $planned->plan->state->rules;
        $controls = $this->controls->of($family);
        $drawing = new FieldDrawing($rules, $controls->playWindow($rules));
        if (null === $planned->coverage) {
            return ['planned' => $planned, 'range' => null, 'drawing' => $drawing];
        }
        $timeline = $planned->run($controls->trial($address->trial, $planned->plan->scene()), $cost);

        return [
            'drawing' => $drawing,
            'planned' => $planned,
            'play' => $timeline,
            'reports' => $this->reports->of($planned, $cost),
            'picture' => new PlayPicture($timeline),
            'unit' => $cost->unit,
            'advice' => PlayAdvice::on($timeline, $planned),
            'standing' => $this->standing($read, $planned),
            'controls' => $controls,
            'choices' => $controls->choices($address, $planned, $cost),
            'goesOn' => $this->goesOn($timeline, $family),
        ];
    }

    /** @return array<string, string|null>|null what leads to the play in which this one may end; null: in none */
    private function goesOn(Timeline $play, PlayFamily $family): ?array
    {
        $next = $this->controls->families->takingOver();

        return null === $next || null === $play->caught || $next === $family
            ? null
            : [
                'view' => $next->key(),
                'coverage' => null,
                ...$this->controls->of($next)->carry($next->after($play->caught)),
            ];
    }

    private function standing(ReadPlan $read, PlannedPlay $planned): CoverageStanding
    {
        return CoverageStanding::of($planned, $read->choice($planned->family));
    }
}
