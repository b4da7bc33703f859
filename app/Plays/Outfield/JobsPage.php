<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\Outfield;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\App\Plan\RunTables;
use FoxCorner\Core\Family\Outfield\OutfieldDefence;
use FoxCorner\Core\Family\Outfield\OutfieldFamily;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Contract\PlayFamilies;
use FoxCorner\Core\Runs\PlayCost;
use FoxCorner\Core\Runs\RunChain;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** "Your three rules": everybody's jobs on balls to the outfield over all situations of the plan. */
final class JobsPage extends AbstractController
{
    public function __construct(
        private readonly PlanReader $plans,
        private readonly RunTables $tables,
        private readonly PlayFamilies $families,
    ) {}

    #[Route('/{team}/situations/outfield-jobs', name: 'outfield_jobs', methods: ['GET'])]
    public function show(Membership $membership): Response
    {
        $cost = $this->tables->cost($membership->team, Context::ordinary());
        $family = $this->families->get(OutfieldFamily::KEY);
        $plays = array_map(
            fn(Situation $situation): PlannedPlay => $this->plans
                ->read($membership->team, $situation, Context::ordinary())
                ->play($family),
            RunChain::situations(),
        );
        $defences = array_map(static fn(PlannedPlay $play): OutfieldDefence => self::defence($play, $cost), $plays);

        return $this->render('plays/outfield/jobs.html.twig', [
            'counts' => new JobsEverywhere(
                [] === $defences ? throw new \LogicException('There are 24 situations.') : $defences,
            ),
            'lineup' => $plays[0]->plan->lineup,
        ]);
    }

    private static function defence(PlannedPlay $play, PlayCost $cost): OutfieldDefence
    {
        return new OutfieldDefence(
            $play->scene($cost),
            $play->coverage ?? throw new \LogicException('Balls to the outfield are covered everywhere.'),
        );
    }
}
