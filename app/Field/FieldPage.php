<?php

declare(strict_types=1);

namespace FoxCorner\App\Field;

use FoxCorner\Core\Play\Bunt\BuntKind;
use FoxCorner\App\Plan\RunTables;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\CoverageReports;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\App\Plan\RangeSummaries;
use FoxCorner\App\Shared\Drawing\FieldDrawing;
use FoxCorner\App\Shared\Drawing\Window;
use FoxCorner\Core\InvalidValue;
use FoxCorner\Core\Play\JobKind;
use FoxCorner\Core\Play\Timeline;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** One situation, drawn: where the nine stand and why, and the bunt play on the clock. */
final class FieldPage extends AbstractController
{
    public function __construct(private readonly PlanReader $plans, private readonly CoverageReports $reports, private readonly RangeSummaries $ranges, private readonly RunTables $tables)
    {
    }

    #[Route('/{team}/field/{situation}', name: 'field', methods: ['GET'])]
    public function show(Membership $membership, string $situation, Request $request): Response
    {
        $address = SituationAddress::read($situation, $request->query, $this->plans->context($membership->team, $request->query));
        if ('' !== $request->query->getString('at')) {
            return $this->redirectToRoute('field', ['team' => $membership->team->id(), ...$address->with([])]);
        }
        $rules = $membership->team->rules();
        try {
            $read = $this->plans->read($membership->team, $address->situation, $address->context, $address->coverage, $address->moved);
        } catch (InvalidValue $problem) {
            if ('roster' !== $problem->field) {
                throw $problem;
            }

            return $this->render('field/no_lineup.html.twig', ['problem' => $problem, 'address' => $address]);
        }
        $plan = $read->plan;
        $cost = $this->tables->cost($membership->team, $address->context);
        $play = null !== $plan->coverage && View::Bunt === $address->view ? $plan->play($address->ball($rules->buntSurface()), $cost, $address->how) : null;

        return $this->render('field/show.html.twig', [
            'address' => $address,
            'rules' => $rules,
            'plan' => $plan,
            'read' => $read,
            'drawing' => new FieldDrawing($rules, View::Bunt === $address->view ? Window::infield($rules) : Window::wholeField($rules)),
            'reports' => View::Bunt === $address->view ? $this->reports->of($plan, $cost) : [],
            'play' => $play,
            'range' => View::Depth === $address->view ? $this->ranges->of($plan, $cost) : null,
            'kindsOfBunt' => BuntKind::in($plan->state->situation),
            'flies' => View::Air === $address->view ? $plan->flies($address->air) : null,
            'picture' => null === $play ? null : new PlayPicture($play),
            'kinds' => null === $play ? [] : $this->kinds($play),
        ]);
    }

    /** @return list<JobKind> that show in the drawing, for its legend */
    private function kinds(Timeline $play): array
    {
        $shown = [];
        foreach ($play->moves as $move) {
            foreach ($move->jobs as $job) {
                $shown[] = $job->kind;
            }
        }

        return array_values(array_filter(JobKind::cases(), static fn(JobKind $kind): bool => \in_array($kind, $shown, true)));
    }
}
