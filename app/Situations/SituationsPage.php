<?php

declare(strict_types=1);

namespace FoxCorner\App\Situations;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\CoverageReports;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\App\Shared\Address\ContextAddress;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\InvalidValue;
use FoxCorner\Core\Plan\Board;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The board of 24: the call in every situation for one context, and what the context changes. */
final class SituationsPage extends AbstractController
{
    public function __construct(private readonly PlanReader $plans, private readonly CoverageReports $reports)
    {
    }

    #[Route('/{team}/situations', name: 'situations', methods: ['GET'])]
    public function show(Membership $membership, Request $request): Response
    {
        $context = $this->plans->context($membership->team, $request->query);
        try {
            $board = $this->plans->board($membership->team, $context);
        } catch (InvalidValue $problem) {
            return $this->render('situations/no_lineup.html.twig', ['problem' => $problem, 'context' => $context]);
        }

        return $this->render('situations/show.html.twig', [
            'board' => $board,
            'context' => $context,
            'parameters' => array_filter(ContextAddress::write($context), is_string(...)),
            'isBase' => Context::ordinary()->isSameAs($context),
            'findings' => $this->findings($board),
            'filter' => $this->filter($request),
        ]);
    }

    private function filter(Request $request): BoardFilter
    {
        $show = $request->query->getString('show', BoardFilter::All->value);

        return BoardFilter::tryFrom($show) ?? throw InvalidValue::notOneOf('show', $show, array_column(BoardFilter::cases(), 'value'));
    }

    /** @return array<string, int> by the situation's key: of the alignment and, where one is drawn up, of the coverage */
    private function findings(Board $board): array
    {
        $counts = [];
        foreach ($board->cells as $cell) {
            $counts[$cell->situation->key()] = \count($cell->plan->alignmentFindings());
            if (null !== $cell->plan->coverage) {
                $counts[$cell->situation->key()] += \count($this->reports->chosen($cell->plan)->findings);
            }
        }

        return $counts;
    }
}
