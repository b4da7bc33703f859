<?php

declare(strict_types=1);

namespace FoxCorner\App\Arms;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\Player;
use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Undo\OffersUndo;
use FoxCorner\App\Undo\Undo;
use FoxCorner\App\Undo\UndoStep;
use FoxCorner\App\Undo\Watched;
use FoxCorner\Core\Practice\Arm\Outing;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Uuid;

/** What was pitched lately, whose arm still rests, and the days of rest that the league asks. */
final class ArmsPage extends AbstractController
{
    use OffersUndo;

    /** Days back of which pitches are shown and typed. */
    private const DAYS = 28;

    public function __construct(
        private readonly PitchedDayRepository $pitched,
        private readonly RestingArms $resting,
        private readonly PlayerRepository $players,
        private readonly EntityManagerInterface $entities,
        private readonly Undo $undo,
        private readonly ClockInterface $clock,
    ) {}

    #[Route('/{team}/practice/arms', name: 'arms', methods: ['GET'], priority: 1)]
    public function show(Membership $membership): Response
    {
        return $this->page($membership, [], null);
    }

    #[Route('/{team}/practice/arms', name: 'count_pitches', methods: ['POST'], priority: 1)]
    #[IsCsrfTokenValid('change')]
    public function count(Membership $membership, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $typed = $request->request->all();
        try {
            [$player, $day, $pitches] = [
                $this->player($membership, $request->request->getString('player')),
                $this->day($request->request->getString('day')),
                self::pitches($request->request->getString('pitches')),
            ];
            $step = $this->recorded($membership, 'Pitches counted', function () use (
                $membership,
                $player,
                $day,
                $pitches,
            ): void {
                $before = $this->pitched->on($player, $day);
                null === $before
                    ? $this->entities->persist(new PitchedDay($membership->team, $player, $day, $pitches))
                    : $before->recount($pitches);
            });
        } catch (Problem $problem) {
            return $this->page($membership, $typed, $problem);
        }

        return $this->done($membership, "{$player->asRosterPlayer()->name}: $pitches pitches kept.", $step);
    }

    #[Route('/{team}/practice/arms/{day}/remove', name: 'remove_pitches', methods: ['POST'], priority: 1)]
    #[IsCsrfTokenValid('change')]
    public function remove(Membership $membership, string $day): Response
    {
        $membership->mustBeAbleToChange();
        $found = Uuid::isValid($day)
            ? $this->pitched->findOneBy(['team' => $membership->team, 'id' => Uuid::fromString($day)])
            : null;
        if (null === $found) {
            throw $this->createNotFoundException();
        }
        $step = $this->recorded($membership, 'Pitches taken out', fn() => $this->entities->remove($found));

        return $this->done($membership, 'Taken out.', $step);
    }

    #[Route('/{team}/practice/arms/rest', name: 'ask_rest', methods: ['POST'], priority: 1)]
    #[IsCsrfTokenValid('change')]
    public function rest(Membership $membership, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $team = $membership->team;
        $typed = array_map(
            static fn(mixed $one): string => \is_string($one) ? $one : '',
            $request->request->getBoolean('usual') ? [] : $request->request->all('rest'),
        );
        try {
            $table = $team->rest()->with(array_values($typed));
        } catch (Problem $problem) {
            return $this->page($membership, ['rest' => $typed], $problem);
        }
        $step = $this->undo->record(
            $team,
            $membership->account,
            'Days of rest changed',
            [Watched::row('team', $team->id())],
            static fn() => $team->askRest($table),
        );

        return $this->done($membership, 'Kept. Every practice that is solved from now on goes by it.', $step);
    }

    /** @param array<string, mixed> $typed */
    private function page(Membership $membership, array $typed, ?Problem $problem): Response
    {
        $now = $this->clock->now();

        return $this->render(
            'arms/show.html.twig',
            [
                'today' => $now,
                'resting' => array_filter(
                    $this->resting->on($membership->team, $now),
                    static fn(RestingArm $arm): bool => $membership->seesAllOf($arm->player->id),
                ),
                'pitched' => array_filter(
                    $this->pitched->between($membership->team, $now->modify('-' . self::DAYS . ' days'), $now),
                    static fn(PitchedDay $one): bool => $membership->seesAllOf($one->player->id()->toRfc4122()),
                ),
                'roster' => $this->players->rosterOf($membership->team),
                'table' => $membership->team->rest(),
                'typed' => $typed,
                'problem' => $problem,
            ],
            new Response(status: null === $problem ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }

    private function done(Membership $membership, string $sentence, ?UndoStep $step): Response
    {
        $this->doneOrUndone($sentence, $step);

        return $this->redirectToRoute('arms', ['team' => $membership->team->address()], Response::HTTP_SEE_OTHER);
    }

    /** @throws Problem */
    private function player(Membership $membership, string $id): Player
    {
        return $this->players->inTeam($membership->team, $id) ??
            throw Refused::because('player', 'nobody on the roster is meant', 'a player of the roster');
    }

    /** @throws Problem */
    private function day(string $typed): \DateTimeImmutable
    {
        $today = $this->clock->now()->setTime(0, 0);
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $typed, $today->getTimezone());
        $first = $today->modify('-' . self::DAYS . ' days');
        if (false === $day || $day->format('Y-m-d') !== $typed || $day > $today || $day < $first) {
            throw Refused::because(
                'day',
                "“{$typed}” is not one of them",
                "{$first->format('Y-m-d')} to today, {$today->format('Y-m-d')}",
            );
        }

        return $day;
    }

    /** @throws Problem */
    private static function pitches(string $typed): int
    {
        if (1 !== preg_match('/^\d{1,6}$/', trim($typed))) {
            throw Refused::because('pitches', "“{$typed}” is no whole number", '1 to ' . Outing::MOST . ' of one day');
        }
        Outing::check((int) $typed);

        return (int) $typed;
    }

    private function recorded(Membership $membership, string $words, \Closure $change): ?UndoStep
    {
        $team = $membership->team;

        return $this->undo->record(
            $team,
            $membership->account,
            $words,
            [Watched::rowsOf('pitched_day', 'team_id', $team->id())],
            $change,
        );
    }
}
