<?php

declare(strict_types=1);

namespace FoxCorner\App\Today;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\App\Plan\ReadPlan;
use FoxCorner\App\Practice\Book\PracticeRepository;
use FoxCorner\App\Practice\Sheet\SheetCodec;
use FoxCorner\App\Shared\Address\Carried;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\People\NoLineup;
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

    public function of(Membership $membership): PlayerDay
    {
        $player = $membership->player?->asRosterPlayer();
        $read = $this->read($membership->team);
        $next = $this->practices->coming($membership->team, $this->clock->now())[0] ?? null;

        return new PlayerDay(
            $player,
            $read,
            null === $read ? [] : $this->plans->plays($read),
            $next,
            null === $next ? null : $this->codec->read($next),
        );
    }

    /** The plan of the situation that is carried; null while there is no nine. */
    private function read(Team $team): ?ReadPlan
    {
        try {
            return $this->plans->read($team, $this->carried->situation(), Context::ordinary());
        } catch (NoLineup) {
            return null;
        }
    }
}
