<?php

declare(strict_types=1);

namespace FoxCorner\App\Situations;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\Address\SituationAddresses;
use FoxCorner\App\Plan\PlanAudits;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\App\Shared\Address\ContextAddress;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\People\NoLineup;
use FoxCorner\Core\Plan\Audit\OpenFinding;
use FoxCorner\Core\Problem\Unknown;
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
        private readonly PlanAudits $audits,
    ) {}

    #[Route('/{team}/situations', name: 'situations', methods: ['GET'])]
    public function show(Membership $membership, Request $request): Response
    {
        $context = $this->addresses->context($membership->team, $request->query);
        try {
            $basis = $this->plans->basis($membership->team, $context);
            $board = $basis->board();
        } catch (NoLineup $problem) {
            return $this->render('components/no_lineup/situations.html.twig', [
                'problem' => $problem,
                'context' => $context,
            ]);
        }

        $audit = $this->audits->on($membership->team, $basis);
        $open = OpenFinding::in($audit);

        return $this->render('situations/show.html.twig', [
            'board' => $board,
            'context' => $context,
            'parameters' => array_filter(ContextAddress::write($context), is_string(...)),
            'isBase' => Context::ordinary()->isSameAs($context),
            'audit' => $audit,
            'open' => $open,
            'findings' => OpenFinding::counts($open),
            'filter' => $this->filter($request),
        ]);
    }

    private function filter(Request $request): BoardFilter
    {
        $show = $request->query->getString('show', BoardFilter::All->value);

        return Unknown::oneOf(BoardFilter::class, $show, 'show');
    }
}
