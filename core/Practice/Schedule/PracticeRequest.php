<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Schedule;

use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\Build\Helpers;
use FoxCorner\Core\Practice\Build\Placement;
use FoxCorner\Core\Practice\Daily\DailyCore;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Need\DrillNeed;
use FoxCorner\Core\Practice\Need\DrillNeeds;
use FoxCorner\Core\Practice\Need\JobNeed;
use FoxCorner\Core\Practice\Time\TimePlan;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** What a practice has to work with. */
final readonly class PracticeRequest
{
    /**
     * @param list<RosterPlayer>   $players
     * @param array<string, Drill> $drills
     * @param list<DrillNeed>      $needs
     * @param array<string, int>   $equipment
     * @param list<KeptTurn>       $kept
     * @param list<JobNeed>        $unserved  floors that none of the drills gives
     */
    private function __construct(
        public array $players,
        public Helpers $helpers,
        public array $equipment,
        public TimePlan $time,
        public array $drills,
        public Placement $placement,
        public array $needs,
        public array $kept,
        public int $seed,
        public bool $isWatched,
        public DailyCore $core,
        public Pacing $pacing,
        public array $unserved,
    ) {}

    /**
     * @param list<RosterPlayer>   $players   who come
     * @param array<string, int>   $equipment pieces by name
     * @param array<string, Drill> $drills    the stations, by key
     * @param list<JobNeed>        $needs
     * @param list<KeptTurn>       $kept      what stays as it is
     * @param bool                 $isWatched whether there is a grown-up at every station
     * @param DailyCore|null       $core      what everybody does before; null: nothing
     * @param Pacing|null          $pacing    null: by the clock
     *
     * @throws Problem when nobody comes, or there is no station
     */
    public static function of(
        array $players,
        Helpers $helpers,
        array $equipment,
        TimePlan $time,
        array $drills,
        Placement $placement,
        array $needs,
        array $kept = [],
        int $seed = 1,
        bool $isWatched = false,
        ?DailyCore $core = null,
        ?Pacing $pacing = null,
    ): self {
        if ([] === $players) {
            throw Refused::because('who comes', 'nobody is ticked', 'at least one player');
        }
        if ([] === $drills) {
            throw Refused::because(
                'stations',
                'no drill can be run with these people, helpers and pieces',
                'another player, helper, piece or part of the field',
            );
        }

        return new self(
            $players,
            $helpers,
            $equipment,
            $time,
            $drills,
            $placement,
            DrillNeeds::of($needs, $drills),
            $kept,
            $seed,
            $isWatched,
            $core ?? DailyCore::none(),
            $pacing ?? Pacing::plain(),
            DrillNeeds::unserved($needs, $drills),
        );
    }
}
