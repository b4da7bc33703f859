<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\Address\SituationAddresses;
use FoxCorner\App\Plan\PlanEdit;
use FoxCorner\App\Plan\PlanEdits;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\Core\Plan\CoverageChoice;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Play\Contract\PlayFamily;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Makes a coverage the team's in a situation, unless another coach has decided since the page was opened. */
final class ChooseCoverage extends AbstractController
{
    public function __construct(
        private readonly PlanReader $plans,
        private readonly SituationAddresses $addresses,
        private readonly PlanEdits $edits,
        private readonly ClockInterface $clock,
    ) {}

    #[Route('/{team}/situations/{situation}/{view}/coverage', name: 'choose_coverage', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function choose(Membership $membership, PlayFamily $family, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $address = $this->addresses->read($membership->team, $request);
        $read = $this->plans->read($membership->team, $address->situation, $address->context);
        $coverage = $read->play($family)->coverage($request->request->getString('coverage'));
        $choice = new CoverageChoice($coverage->key, $membership->account->name, $this->clock->now());
        [$one, $here] = [$family->words()->one, lcfirst($address->situation->label())];
        $this->edits->tell(
            $membership,
            PlanEdit::of(
                "$coverage->name on a $one, $here",
                $request->request->getString('seen'),
                static fn(PlanBook $book): mixed => $book->plays($family->key())->choice($address->situation),
                static fn(PlanBook $book): PlanBook => $book->withPlays(
                    $family->key(),
                    $book->plays($family->key())->withChoice($address->situation, $choice),
                ),
            ),
            "“{$coverage->call}” is played on a $one from now on: $here.",
        );
        $back = [
            'team' => $membership->team->address(),
            ...$address->with(['coverage' => null]),
        ];

        return $this->redirectToRoute('situation', $back, Response::HTTP_SEE_OTHER);
    }
}
