<?php

declare(strict_types=1);

namespace FoxCorner\App\Situations;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\Address\SituationAddresses;
use FoxCorner\App\Plan\CoverageReports;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\App\Plan\ReadPlan;
use FoxCorner\App\Plan\RunTables;
use FoxCorner\App\Shared\Address\ContextAddress;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\People\NoLineup;
use FoxCorner\Core\Plan\Audit\OpenFinding;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Plan\Board;
use FoxCorner\Core\Plan\BoardCell;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Problem\Unknown;
use FoxCorner\Core\Runs\PlayCost;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The board of 24: the call in every situation for one context, and what the context changes. */
final class SituationsPage extends AbstractController
{
    public function __construct(
        private readonly PlanReader $plans,
        private readonly SituationAddresses $addresses,
        private readonly CoverageReports $reports,
        private readonly RunTables $tables,
    ) {}

    #[Route('/{team}/situations', name: 'situations', methods: ['GET'])]
    public function show(Membership $membership, Request $request): Response
    {
        $context = $this->addresses->context($membership->team, $request->query);
        try {
            $board = $this->plans->board($membership->team, $context);
        } catch (NoLineup $problem) {
            return $this->render('components/no_lineup/situations.html.twig', [
                'problem' => $problem,
                'context' => $context,
            ]);
        }

        $plays = [];
        foreach ($board->cells as $cell) {
            $plays[$cell->situation->key()] = $this->plans->plays(new ReadPlan($cell->plan, $board->book));
        }

        return $this->render('situations/show.html.twig', [
            'board' => $board,
            'context' => $context,
            'parameters' => array_filter(ContextAddress::write($context), is_string(...)),
            'isBase' => Context::ordinary()->isSameAs($context),
            'plays' => $plays,
            'open' => ($open = $this->open($board, $plays, $this->tables->cost($membership->team, $context))),
            'findings' => OpenFinding::counts($open),
            'filter' => $this->filter($request),
        ]);
    }

    private function filter(Request $request): BoardFilter
    {
        $show = $request->query->getString('show', BoardFilter::All->value);

        return Unknown::oneOf(BoardFilter::class, $show, 'show');
    }

    /**
     * @param array<string, list<PlannedPlay>> $plays by the situation's key
     *
     * @return list<OpenFinding>
     */
    private function open(Board $board, array $plays, PlayCost $cost): array
    {
        return OpenFinding::all(
            array_map(static fn(BoardCell $cell): SituationPlan => $cell->plan, $board->cells),
            $this->reports->audited(array_merge(...array_values($plays)), $cost),
        );
    }
}
