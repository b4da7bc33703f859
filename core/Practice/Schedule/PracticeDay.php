<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Schedule;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\Build\Means;
use FoxCorner\Core\Practice\Build\Placement;
use FoxCorner\Core\Practice\Build\StationChoice;
use FoxCorner\Core\Practice\Daily\DailyCore;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Floor\Week;
use FoxCorner\Core\Practice\Need\Demand;
use FoxCorner\Core\Practice\Need\FloorsLeft;
use FoxCorner\Core\Practice\Need\JobNeed;
use FoxCorner\Core\Practice\Need\JobNeeds;
use FoxCorner\Core\Practice\Need\Record;
use FoxCorner\Core\Practice\Need\Taught;
use FoxCorner\Core\Practice\Team\TeamDefence;
use FoxCorner\Core\Practice\Time\BlockKind;
use FoxCorner\Core\Practice\Time\TimePlan;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Value\ButFor;

/** One day of practice before it is solved: who comes, with what, for how long, and what was had before. */
final readonly class PracticeDay
{
    use ButFor;

    /**
     * @param list<RosterPlayer>   $players who come
     * @param list<Taught>         $taught  before it, in its daily core and in team defence
     * @param array<string, Drill> $ever    every drill that was ever used, by key
     */
    private function __construct(
        private RuleSet $rules,
        public array $players,
        public Means $means,
        public TimePlan $time,
        private array $taught,
        private array $ever,
        private Level $level,
        private DailyCore $core,
        private Pacing $pacing,
    ) {}

    /**
     * @param list<RosterPlayer>   $players who come
     * @param list<Taught>         $before
     * @param array<string, Drill> $ever    every drill that was ever used, by key
     */
    public static function of(
        RuleSet $rules,
        Level $level,
        array $players,
        Means $means,
        TimePlan $time,
        array $before,
        array $ever,
    ): self {
        $age = AgeGroup::of($level);
        $core = DailyCore::of($players, $age, $time->minutesOf(BlockKind::DailyCore), $means->isIndoors());
        $ids = array_map(static fn(RosterPlayer $player): string => $player->id, $players);
        $team = TeamDefence::taught(
            array_combine(
                $ids,
                array_map(static fn(RosterPlayer $player): Position => $player->positions[0], $players),
            ),
            $time->minutesOf(BlockKind::TeamDefence),
            $age,
            0.0,
        );

        return new self(
            $rules,
            $players,
            $means,
            $time,
            [...$before, ...$core->taught(), ...$team],
            $ever,
            $level,
            $core,
            Pacing::of($age, $players, $before),
        );
    }

    public function age(): AgeGroup
    {
        return $this->pacing->age;
    }

    /**
     * The same after something else.
     *
     * @param list<Taught> $before
     */
    public function after(array $before): self
    {
        return self::of($this->rules, $this->level, $this->players, $this->means, $this->time, $before, $this->ever);
    }

    /** The same as a light one: the day before a game, or the day after a hard one. */
    public function lighter(): self
    {
        return $this->but(pacing: $this->pacing->lighter());
    }

    /**
     * The drills that are worth most today.
     *
     * @param list<JobNeed>        $needs
     * @param array<string, Drill> $drills to choose from, by key
     *
     * @return array<string, Drill>
     */
    public function choose(array $needs, array $drills): array
    {
        return $this->choice()->of($needs, $this->pacing->fitting($drills));
    }

    /**
     * @param list<Demand> $demands of plan and game
     *
     * @return list<JobNeed> with the floors of the week, the heaviest first
     */
    public function needs(array $demands): array
    {
        $week = new Week($this->age(), $this->time->minutes(), isIndoors: $this->means->isIndoors());

        return JobNeeds::of(
            $demands,
            $this->players,
            Record::of($this->taught, $this->ever),
            FloorsLeft::of($this->players, $week, $this->taught, $this->ever),
        );
    }

    /**
     * What is to be solved where the coach has decided nothing about the stations.
     *
     * @param list<Demand>         $demands of plan and game
     * @param array<string, Drill> $drills  to choose from, by key
     *
     * @throws Problem as {@see request}
     */
    public function asked(array $demands, array $drills, int $seed = 1): PracticeRequest
    {
        $needs = $this->needs($demands);

        return $this->request($needs, $this->choose($needs, $drills), seed: $seed);
    }

    public function choice(): StationChoice
    {
        return new StationChoice(
            $this->players,
            $this->means->helpers,
            $this->means->equipment,
            $this->means->part,
            $this->rules->diamond(),
            $this->rules,
        );
    }

    /**
     * @param list<JobNeed>        $needs
     * @param array<string, Drill> $drills    that can be run
     * @param array<string, Point> $shifts    by which the coach has moved a station
     * @param list<KeptTurn>       $kept      what stays as it is
     * @param bool                 $isWatched whether there is a grown-up at every station
     *
     * @throws Problem when nobody comes, or there is no station
     */
    public function request(
        array $needs,
        array $drills,
        array $shifts = [],
        array $kept = [],
        int $seed = 1,
        bool $isWatched = false,
    ): PracticeRequest {
        return PracticeRequest::of(
            $this->players,
            $this->means->helpers,
            $this->means->equipment,
            $this->time,
            $drills,
            Placement::of($drills, $this->rules->diamond(), $this->means->part, $shifts),
            $needs,
            $kept,
            $seed,
            $isWatched,
            $this->core,
            $this->pacing,
        );
    }
}
