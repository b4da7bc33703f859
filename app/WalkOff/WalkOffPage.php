<?php

declare(strict_types=1);

namespace FoxCorner\App\WalkOff;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\Address\SituationAddresses;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\Core\People\NoLineup;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** What every player walks off, in his own paces: one line for each spot, with the situations it stands for. */
final class WalkOffPage extends AbstractController
{
    public function __construct(private readonly PlanReader $plans, private readonly SituationAddresses $addresses) {}

    #[Route('/{team}/situations/walk-off', name: 'walk_off', methods: ['GET'])]
    public function show(Membership $membership, Request $request): Response
    {
        $context = $this->addresses->context($membership->team, $request->query);
        try {
            $board = $this->plans->basis($membership->team, $context)->board();
        } catch (NoLineup $problem) {
            return $this->render('components/no_lineup/situations.html.twig', [
                'problem' => $problem,
                'context' => $context,
            ]);
        }

        return $this->render('walk_off/show.html.twig', ['sheets' => WalkOffSheet::all($board), 'context' => $context]);
    }
}
