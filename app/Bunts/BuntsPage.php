<?php

declare(strict_types=1);

namespace FoxCorner\App\Bunts;

use FoxCorner\Core\Play\Bunt\BuntKind;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Field\SituationAddress;
use FoxCorner\App\Plan\CoverageReports;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\App\Plan\RunTables;
use FoxCorner\App\Shared\Drawing\FieldDrawing;
use FoxCorner\App\Shared\Drawing\Window;
use FoxCorner\Core\Game\BuntOutlook;
use FoxCorner\Core\InvalidValue;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Bunt\BuntCoverage;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The coverages of a situation: what each is worth, where a bunt beats it, and how two of them differ. */
final class BuntsPage extends AbstractController
{
    public function __construct(private readonly PlanReader $plans, private readonly CoverageReports $reports, private readonly RunTables $tables)
    {
    }

    #[Route('/{team}/bunts/{situation}', name: 'bunts', methods: ['GET'])]
    public function show(Membership $membership, string $situation, Request $request): Response
    {
        $team = $membership->team;
        $address = SituationAddress::read($situation, $request->query, $this->plans->context($team, $request->query));
        $query = MapQuery::read($request->query);
        $rules = $query->rules($team->rules());
        try {
            $read = $this->plans->read($team, $address->situation, $address->context, $address->coverage, [], $rules);
        } catch (InvalidValue $problem) {
            if ('roster' !== $problem->field) {
                throw $problem;
            }

            return $this->render('field/no_lineup.html.twig', ['problem' => $problem, 'address' => $address]);
        }
        $plan = null === $query->corners ? $read->plan : $read->plan->standing($read->plan->alignment->atDepths([3 => $query->corners, 5 => $query->corners], $rules, 'Looked at.'));
        $cost = $this->tables->cost($team, $address->context);
        $other = null === $query->with ? null : self::other($plan, $query->with);

        return $this->render('bunts/show.html.twig', [
            'address' => $address, 'query' => $query, 'rules' => $rules, 'plan' => $plan, 'read' => $read, 'other' => $other,
            'reports' => $this->reports->of($plan, $cost),
            'map' => null === $plan->coverage ? null : $plan->buntMap($plan->coverage, $cost, $address->how),
            'otherMap' => null === $other ? null : $plan->buntMap($other, $cost, $address->how),
            'drawing' => new FieldDrawing($rules, Window::inFrontOfPlate()),
            'kindsOfBunt' => BuntKind::in($plan->state->situation),
            'outlook' => BuntOutlook::of($plan->state),
        ]);
    }

    /** @throws InvalidValue */
    private static function other(SituationPlan $plan, string $key): BuntCoverage
    {
        return $plan->drawnUp($key) ?? throw InvalidValue::notOneOf('with', $key, array_map(static fn(BuntCoverage $one): string => $one->key(), $plan->coverages));
    }
}
