<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Order;

use FoxCorner\App\Arms\RestingArms;
use FoxCorner\App\Calendar\Booking;
use FoxCorner\App\Calendar\BookingRepository;
use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Practice\Drills\DrillShelf;
use FoxCorner\App\Practice\Need\TeamNeeds;
use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\Build\Means;
use FoxCorner\Core\Practice\Build\StationChoice;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Floor\Week;
use FoxCorner\Core\Practice\Schedule\Decided;
use FoxCorner\Core\Practice\Schedule\PracticeDay;
use FoxCorner\Core\Practice\Time\TimePlan;
use FoxCorner\Core\Problem\Problem;

/** An order as a day of practice: who comes with which arm, what was had before, what the coach has decided. */
final readonly class PracticeDays
{
    public function __construct(
        private TeamNeeds $needs,
        private PlayerRepository $players,
        private DrillShelf $shelf,
        private BookingRepository $bookings,
        private RestingArms $resting,
    ) {}

    /** @throws Problem when the helpers or the minutes do not allow a practice */
    public function of(PracticeOrder $order): PracticeDay
    {
        $day = PracticeDay::of(
            $order->team->rules(),
            $order->team->level(),
            $this->rested($order),
            self::means($order),
            self::time($order),
            $this->needs->taught($order->team, $order->startsAt),
            $this->shelf->ever($order->team),
            new Decided(
                $this->chosen($order),
                $order->setup->points(),
                $order->kept,
                $order->setup->isWatched,
                $order->team->floors(),
            ),
        );

        return $this->isBeforeGame($order) ? $day->lighter() : $day;
    }

    /**
     * What could be run, whatever is needed.
     *
     * @throws Problem when nobody helps
     */
    public function choice(PracticeOrder $order): StationChoice
    {
        return StationChoice::under($order->team->rules(), $this->coming($order), self::means($order));
    }

    /**
     * Who comes, and what of a week's floors the practice is to give them: nothing of what was had before is looked at.
     *
     * @return array{list<RosterPlayer>, Week}
     *
     * @throws Problem when the helpers or the minutes do not allow a practice
     */
    public function share(PracticeOrder $order): array
    {
        $team = $order->team;
        $isIndoors = self::means($order)->isIndoors();

        return [
            $this->coming($order),
            new Week(AgeGroup::of($team->level()), self::time($order)->minutes(), 1, $isIndoors, $team->floors()),
        ];
    }

    /** @throws Problem when nobody helps */
    private static function means(PracticeOrder $order): Means
    {
        return new Means($order->setup->crew(), $order->setup->equipment, $order->setup->fieldPart());
    }

    /** @throws Problem when the minutes do not allow a practice */
    private static function time(PracticeOrder $order): TimePlan
    {
        return TimePlan::within($order->minutes, $order->setup->shape($order->minutes));
    }

    /** Whether the next day is one of a game. */
    private function isBeforeGame(PracticeOrder $order): bool
    {
        $next = $order->startsAt->modify('+1 day');
        $games = array_filter(
            $this->bookings->between($order->team, $next->setTime(0, 0), $next->setTime(24, 0)),
            static fn(Booking $booking): bool => $booking->isGame(),
        );

        return [] !== $games;
    }

    /** @return list<RosterPlayer> who come, each with the throws that his arm has left */
    private function rested(PracticeOrder $order): array
    {
        $resting = $this->resting->on($order->team, $order->startsAt);

        return array_map(
            static fn(RosterPlayer $player): RosterPlayer => $player->throwing(
                $order->setup->throwsLeftOf($player->number) ?? ($resting[$player->id]->left ?? null),
            ),
            $this->coming($order),
        );
    }

    /** @return list<RosterPlayer> */
    private function coming(PracticeOrder $order): array
    {
        return array_values(
            array_map(
                static fn(RosterPlayer $player): RosterPlayer => $player->limitedTo(
                    $order->setup->limitOf($player->id) ?? $player->limit,
                ),
                array_filter(
                    $this->players->rosterOf($order->team),
                    static fn(RosterPlayer $player): bool => \in_array($player->id, $order->comes, true),
                ),
            ),
        );
    }

    /** @return array<string, Drill>|null the coach's stations; null: those that are needed most */
    private function chosen(PracticeOrder $order): ?array
    {
        if (null === $order->setup->stations) {
            return null;
        }
        $ever = $this->shelf->ever($order->team);
        $chosen = [];
        foreach ($order->setup->stations as $key) {
            if (isset($ever[$key])) {
                $chosen[$key] = $ever[$key];
            }
        }

        return $chosen;
    }
}
