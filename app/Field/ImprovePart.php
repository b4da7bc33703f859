<?php

declare(strict_types=1);

namespace FoxCorner\App\Field;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\Address\SituationAddresses;
use FoxCorner\App\Practice\Solving\SolveJobs;
use FoxCorner\App\Practice\Solving\SolveKind;
use FoxCorner\App\Practice\Solving\TooManyWaiting;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Unknown;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The best small moves, asked for once the page stands, and again until a worker has found them. */
final class ImprovePart extends AbstractController
{
    /** Paces that a fielder may be asked to go, unless the coach says otherwise; the least and the most. */
    private const REACH = 2.0;
    private const REACHES = [0.5, 4.0];

    public function __construct(
        private readonly Improvements $improvements,
        private readonly SituationAddresses $addresses,
        private readonly SolveJobs $jobs,
    ) {}

    #[Route('/{team}/situations/{situation}/improve', name: 'improve', methods: ['GET'])]
    public function show(Membership $membership, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $team = $membership->team;
        $address = $this->addresses->read($team, $request);
        $reach = (float) $request->query->getString('reach', (string) self::REACH);
        OutOfRange::unlessBetween('reach', $reach, ...[...self::REACHES, 'paces']);
        $isJoint = match ($request->query->getString('together')) {
            '', 'no' => false,
            'yes' => true,
            default => throw Unknown::notOneOf('together', $request->query->getString('together'), ['yes', 'no']),
        };
        $plan = $this->improvements->planAt($team, $address);
        $mark = $this->improvements->mark($team, $plan, $address->context, $reach, $isJoint);
        $known = $this->improvements->known($mark);
        $latest = null !== $known ? null : $this->jobs->latest($team, SolveKind::Improve, $mark);
        // What could not be looked for is not asked for again and again.
        $problem = $latest?->outcome()?->problem();
        if (null === $known && null === $problem && (null === $latest || $latest->state()->isOver())) {
            try {
                $this->jobs->ask($team, $membership->account, SolveKind::Improve, $mark, [
                    'situation' => $address->situation->key(),
                    'query' => $request->query->all(),
                    'reach' => $reach,
                    'isJoint' => $isJoint,
                ]);
                $known = $this->improvements->known($mark);
            } catch (TooManyWaiting) {
                // It is asked for again in a moment.
            }
        }

        return $this->render('field/improve.html.twig', [
            'address' => $address,
            'team' => $team,
            'plan' => $plan,
            'problem' => $problem,
            'isKnown' => null !== $known,
            'found' => $known?->step,
            'isJoint' => $isJoint,
            'reach' => $reach,
        ]);
    }
}
