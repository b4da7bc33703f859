<?php

declare(strict_types=1);

namespace FoxCorner\App\Today;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\App\Practice\Book\PracticeRepository;
use FoxCorner\App\Practice\Sheet\SheetCodec;
use FoxCorner\App\Shared\Address\Carried;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\People\NoLineup;
use FoxCorner\Core\People\Position;
use Psr\Clock\ClockInterface;

/** Reads the day of a player: the situation that is carried, and the next practice. */
final readonly class PlayersToday
{
    public function __construct(
        private PlanReader $plans,
        private PracticeRepository $practices,
        private SheetCodec $codec,
        private Carried $carried,
        private ClockInterface $clock,
    ) {}

    /** @return PlayerDay|null null where nobody of the roster is meant, or there is no nine */
    public function of(Membership $membership): ?PlayerDay
    {
        $player = $membership->player?->asRosterPlayer();
        if (null === $player) {
            return null;
        }
        $situation = Situation::find($this->carried->situation()) ?? Situation::fromKey(Carried::FIRST);
        try {
            $read = $this->plans->read($membership->team, $situation, Context::ordinary());
        } catch (NoLineup) {
            return null;
        }
        $mine = array_filter(
            Position::cases(),
            static fn(Position $position): bool => $read->plan->lineup->at($position)->id === $player->id,
        );
        $next = $this->practices->coming($membership->team, $this->clock->now())[0] ?? null;

        return new PlayerDay(
            $player,
            [] === $mine ? null : current($mine),
            $read,
            $this->plans->plays($read),
            $next,
            null === $next ? null : $this->codec->read($next),
        );
    }
}
