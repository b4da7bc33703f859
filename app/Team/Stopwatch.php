<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Shared\Taste\Taste;
use FoxCorner\App\Shared\TypedNumber;
use FoxCorner\Core\People\Quantity;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Takes times and other readings in the field, on a phone: every try is kept, the median counts. */
final class Stopwatch extends AbstractController
{
    public function __construct(
        private readonly PlayerRepository $players,
        private readonly ReadingRepository $readings,
        private readonly EntityManagerInterface $entities,
        private readonly ClockInterface $clock,
        private readonly Taste $taste,
    ) {}

    #[Route('/{team}/team/stopwatch', name: 'stopwatch', methods: ['GET'])]
    public function show(Membership $membership, Request $request): Response
    {
        $membership->mustBeAbleToChange();

        $quantity = Quantity::tryFrom($request->query->getString('quantity')) ?? Quantity::HomeToFirst;

        return $this->page($membership, $request->query->getString('player'), '', $quantity, null);
    }

    #[Route('/{team}/team/stopwatch', name: 'take_reading', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function take(Membership $membership, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $typed = trim($request->request->getString('value'));
        $quantity = Quantity::tryFrom($request->request->getString('quantity')) ?? Quantity::HomeToFirst;
        $who = $request->request->getString('player');
        try {
            $player =
                $this->players->inTeam($membership->team, $who) ??
                throw Refused::because('player', 'nobody is picked', 'a player of the roster');
            $value = $quantity->check($this->value($request, $quantity, $typed), 'reading');
        } catch (Problem $problem) {
            return $this->page($membership, $who, $typed, $quantity, $problem, [
                $request->request->getString('paces'),
                $request->request->getString('feet'),
            ]);
        }
        $this->readings->alone(
            $player,
            function () use ($player, $quantity, $value, $membership): void {
                $this->entities->persist(
                    new Reading($player, $quantity, $value, $membership->account, $this->clock->now()),
                );
            },
            $quantity,
        );
        $this->addFlash(
            'done',
            $player->asRosterPlayer()->name . ': ' . $this->taste->units()->reading($value, $quantity->unit()) . '.',
        );

        return $this->redirectToRoute(
            'stopwatch',
            [
                'team' => $membership->team->address(),
                'player' => $this->next($membership->team, $who),
                'quantity' => $quantity->value,
            ],
            Response::HTTP_SEE_OTHER,
        );
    }

    /** Whoever follows on the roster; empty after the last. */
    private function next(Team $team, string $who): string
    {
        $ids = array_map(static fn(RosterPlayer $player): string => $player->id, $this->players->rosterOf($team));
        $at = array_search($who, $ids, true);

        return false === $at ? '' : $ids[$at + 1] ?? '';
    }

    #[Route('/{team}/team/reading/{reading}/undo', name: 'undo_reading', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function undo(Membership $membership, string $reading): Response
    {
        $membership->mustBeAbleToChange();
        $found = $this->readings->inTeam($membership->team, $reading) ?? throw $this->createNotFoundException();
        $this->readings->alone($found->player, fn() => $this->entities->remove($found), $found->quantity);
        $this->addFlash('done', 'The reading is taken back.');

        return $this->redirectToRoute(
            'stopwatch',
            ['team' => $membership->team->address(), 'player' => $found->player->id()],
            Response::HTTP_SEE_OTHER,
        );
    }

    /** Typed as it is, or for a pace as so many paces that were so many feet. @throws Problem */
    private function value(Request $request, Quantity $quantity, string $typed): float
    {
        [$paces, $feet] = [trim($request->request->getString('paces')), trim($request->request->getString('feet'))];
        if (Quantity::Pace === $quantity && '' === $typed && '' !== $paces . $feet) {
            return $this->taste->units()->read(TypedNumber::read($feet, 'feet'), 'ft') /
                max(
                    1.0,
                    OutOfRange::unlessBetween('paces', TypedNumber::read($paces, 'paces'), 1, 100, 'paces walked'),
                );
        }

        return $this->taste->units()->read(TypedNumber::read($typed, 'reading'), $quantity->unit());
    }

    /** @param array{string, string} $walked paces and feet as typed */
    private function page(
        Membership $membership,
        string $player,
        string $typed,
        Quantity $quantity,
        ?Problem $problem,
        array $walked = ['', ''],
    ): Response {
        $shown = $this->readings->lately($membership->team);
        $all = $this->readings->beside($shown);
        $rows = array_map(
            static fn(Reading $reading): array => [
                'reading' => $reading,
                'name' => $reading->player->asRosterPlayer()->name,
                'isOutlier' => $all[$reading->key()]->isOutlier($reading->value),
            ],
            $shown,
        );

        return $this->render(
            'team/stopwatch.html.twig',
            [
                'roster' => $this->players->rosterOf($membership->team),
                'player' => $player,
                'typed' => $typed,
                'walked' => $walked,
                'quantity' => $quantity,
                'problem' => $problem,
                'rows' => $rows,
            ],
            new Response(status: null === $problem ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }
}
