<?php

declare(strict_types=1);

namespace FoxCorner\App\Field;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\Address\SituationAddress;
use FoxCorner\App\Plan\Address\SituationAddresses;
use FoxCorner\App\Plan\PlanEdit;
use FoxCorner\App\Plan\PlanEdits;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\Core\Alignment\KeptSpot;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\PlanBook;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Keeps the spots that are being tried for the situation, or goes back to the rules. */
final class KeepSpots extends AbstractController
{
    public function __construct(
        private readonly PlanReader $plans,
        private readonly SituationAddresses $addresses,
        private readonly PlanEdits $edits,
    ) {}

    #[Route('/{team}/situations/{situation}/spots', name: 'keep_spots', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function keep(Membership $membership, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $address = $this->addresses->read($membership->team, $request);
        $alignment = $this->plans->read($membership->team, $address->situation, $address->context, $address->moved)
            ->plan->alignment;
        $spots = array_map(
            static function (int $number, Point $point) use ($alignment, $membership): KeptSpot {
                $position = Position::ofNumber($number);

                return new KeptSpot($position, $alignment->spot($position)->depth, $point, $membership->account->name);
            },
            array_keys($address->moved),
            $address->moved,
        );

        return $this->change(
            $membership,
            $address,
            $request,
            \sprintf(
                '%s kept for %s',
                implode(', ', array_keys($address->moved)),
                lcfirst($address->situation->label()),
            ),
            static fn(PlanBook $book): PlanBook => $book->withKept($address->situation, ...$spots),
        );
    }

    #[Route('/{team}/situations/{situation}/spots/rule', name: 'drop_spots', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function drop(Membership $membership, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $address = $this->addresses->read($membership->team, $request);

        return $this->change(
            $membership,
            $address,
            $request,
            'Back to the rules for ' . lcfirst($address->situation->label()),
            static fn(PlanBook $book): PlanBook => $book->withoutKept($address->situation),
        );
    }

    /** @param \Closure(PlanBook): PlanBook $change */
    private function change(
        Membership $membership,
        SituationAddress $address,
        Request $request,
        string $words,
        \Closure $change,
    ): Response {
        $seen = $request->request->getString('seen');
        $part = static fn(PlanBook $book): mixed => $book->kept($address->situation);
        // What was tried stays in the address until it is kept.
        $left = $this->edits->tell($membership, PlanEdit::of($words, $seen, $part, $change)) ? ['moved' => null] : [];

        return $this->redirectToRoute(
            'situation',
            ['team' => $membership->team->address(), ...$address->with($left)],
            Response::HTTP_SEE_OTHER,
        );
    }
}
