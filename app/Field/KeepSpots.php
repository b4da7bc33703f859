<?php

declare(strict_types=1);

namespace FoxCorner\App\Field;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\ChangedMeanwhile;
use FoxCorner\App\Plan\Fingerprint;
use FoxCorner\App\Plan\PlanDrafts;
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
    public function __construct(private readonly PlanReader $plans, private readonly PlanDrafts $drafts)
    {
    }

    #[Route('/{team}/field/{situation}/spots', name: 'keep_spots', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function keep(Membership $membership, string $situation, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $address = SituationAddress::read($situation, $request->query, $this->plans->context($membership->team, $request->query));
        $alignment = $this->plans->read($membership->team, $address->situation, $address->context, null, $address->moved)->plan->alignment;
        $spots = array_map(
            static fn(int $number, Point $point): KeptSpot => new KeptSpot(Position::ofNumber($number), $alignment->spot(Position::ofNumber($number))->depth, $point, $membership->account->name),
            array_keys($address->moved), $address->moved,
        );

        return $this->change(
            $membership, $address, $request, \sprintf('%s kept for %s', implode(', ', array_keys($address->moved)), lcfirst($address->situation->label())),
            static fn(PlanBook $book): PlanBook => $book->withKept($address->situation, ...$spots),
        );
    }

    #[Route('/{team}/field/{situation}/spots/rule', name: 'drop_spots', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function drop(Membership $membership, string $situation, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $address = SituationAddress::read($situation, $request->query, $this->plans->context($membership->team, $request->query));

        return $this->change(
            $membership, $address, $request, 'Back to the rules for '.lcfirst($address->situation->label()),
            static fn(PlanBook $book): PlanBook => $book->withoutKept($address->situation),
        );
    }

    /** @param \Closure(PlanBook): PlanBook $change */
    private function change(Membership $membership, SituationAddress $address, Request $request, string $words, \Closure $change): Response
    {
        try {
            $this->drafts->change($membership, $words, static function (PlanBook $book) use ($address, $request, $change): PlanBook {
                $kept = $book->kept[$address->situation->key()] ?? [];

                return Fingerprint::of($kept) === $request->request->getString('seen') ? $change($book) : throw ChangedMeanwhile::by($kept[0]->by ?? null);
            });
            $this->addFlash('done', $words.'.');
            $this->addFlash('undo_plan', '1');
        } catch (ChangedMeanwhile $problem) {
            $this->addFlash('problem', $problem->getMessage());

            return $this->redirectToRoute('field', ['team' => $membership->team->id(), ...$address->with([])], Response::HTTP_SEE_OTHER);
        }

        return $this->redirectToRoute('field', ['team' => $membership->team->id(), ...$address->with(['moved' => null])], Response::HTTP_SEE_OTHER);
    }
}
