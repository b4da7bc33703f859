<?php

declare(strict_types=1);

namespace FoxCorner\App\Runners\Log;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\Player;
use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\Core\Family\Looks\LookMix;
use FoxCorner\Core\Family\Looks\Observer;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Running\Leads;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Problem\Unknown;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Steals, picks, leads and looks by the thumb, and what a season of them comes to. */
final class CountPage extends AbstractController
{
    private const MOST_LOOKS = 5;
    /** Looks that have to be seen before anything is said of them. */
    private const ENOUGH = 6;

    public function __construct(
        private readonly RunnerEventRepository $events,
        private readonly PlayerRepository $players,
        private readonly EntityManagerInterface $entities,
        private readonly ClockInterface $clock,
    ) {}

    #[Route('/{team}/team/counts', name: 'count_runners', methods: ['GET'])]
    public function show(Membership $membership, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $here = Here::read($request->query);
        $looks = null === $here->pitcher ? [] : $this->events->looks($membership->team, $here->pitcher);

        return $this->render('runners/count.html.twig', [
            'here' => $here,
            'pitchers' => $this->playing($membership, Position::Pitcher),
            'catchers' => $this->playing($membership, Position::Catcher),
            'fielders' => $this->players->rosterOf($membership->team),
            'lately' => $this->events->lately($membership->team),
            'season' => $this->events->season($membership->team),
            'looks' => $looks,
            'observer' => \count($looks) < self::ENOUGH ? null : Observer::of($looks),
            'chance' => LookMix::ordinary()->chance(),
        ]);
    }

    /** @throws Problem naming the field */
    #[Route('/{team}/team/counts', name: 'count_runner', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function count(Membership $membership, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $input = $request->request;
        $here = Here::read($input);
        $kind = Unknown::oneOf(EventKind::class, $input->getString('kind'), 'kind');
        $out = $input->getString('out');
        $this->entities->persist(
            new RunnerEvent(
                $membership->team,
                $kind,
                EventKind::Looks === $kind ? Base::Second : self::base($input->getString('base')),
                \in_array($kind, [EventKind::Steal, EventKind::Pick], true) ? '1' === $out : null,
                $this->player($membership, $here->pitcher, 'pitcher'),
                $this->player($membership, $here->catcher, 'catcher'),
                EventKind::Looks === $kind ? null : $this->player($membership, $here->fielder, 'fielder'),
                $here->lead,
                EventKind::Looks === $kind ? self::looks($input->getString('looks')) : null,
                $membership->account->name,
                $this->clock->now(),
            ),
        );
        $this->entities->flush();

        return $this->back($membership, $here);
    }

    #[Route('/{team}/team/counts/back', name: 'take_back_runner', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function takeBack(Membership $membership, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $latest = $this->events->latest($membership->team);
        if (null !== $latest) {
            $this->entities->remove($latest);
            $this->entities->flush();
        }

        return $this->back($membership, Here::read($request->request));
    }

    private function back(Membership $membership, Here $here): Response
    {
        return $this->redirectToRoute(
            'count_runners',
            ['team' => $membership->team->address(), ...$here->parameters()],
            Response::HTTP_SEE_OTHER,
        );
    }

    private static function base(string $word): Base
    {
        return Base::ofWord($word) ?? throw Unknown::notOneOf('base', $word, Base::words());
    }

    private static function looks(string $value): int
    {
        return (int) OutOfRange::unlessBetween(
            'looks',
            1 === preg_match('/^\d$/', $value) ? (float) $value : \NAN,
            0,
            self::MOST_LOOKS,
            'looks',
        );
    }

    private function player(Membership $membership, ?string $id, string $field): ?Player
    {
        if (null === $id) {
            return null;
        }

        return $this->players->inTeam($membership->team, $id) ??
            throw Refused::because($field, 'nobody on the roster is meant', 'a player of the roster, or nobody');
    }

    /** @return list<\FoxCorner\Core\People\RosterPlayer> */
    private function playing(Membership $membership, Position $position): array
    {
        return array_values(
            array_filter(
                $this->players->rosterOf($membership->team),
                static fn($player): bool => $player->plays($position),
            ),
        );
    }
}
