<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Schedule;

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
use FoxCorner\Core\Practice\Season\DrillStep;
use FoxCorner\Core\Practice\Season\Steered;
use FoxCorner\Core\Practice\Team\TeamDefence;
use FoxCorner\Core\Practice\Time\BlockKind;
use FoxCorner\Core\Practice\Time\TimePlan;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Value\ButFor;

/** One day of practice before it is solved: who comes, with what, for how long, and what was had before. */
final readonly class PracticeDay
{
    use ButFor;

    /** Practices of a week of which each has its share. Source: the project's practice. */
    private const USUAL = 2;

    /**
     * @param list<RosterPlayer>   $players who come
     * @param list<Taught>         $taught  before it, in its daily core and in team defence
     * @param array<string, Drill> $ever    every drill that was ever used, by key
     * @param list<Taught>         $later   in the practices of the week that come after it
     */
    private function __construct(
        private RuleSet $rules,
        public array $players,
        public Means $means,
        public TimePlan $time,
        private array $taught,
        public array $ever,
        private Level $level,
        private DailyCore $core,
        private Pacing $pacing,
        private Decided $decided,
        private array $later = [],
    ) {}

    /**
     * @param list<RosterPlayer>   $players who come
     * @param list<Taught>         $before
     * @param array<string, Drill> $ever    every drill that was ever used, by key
     * @param Decided|null         $decided null: nothing is
     */
    public static function of(
        RuleSet $rules,
        Level $level,
        array $players,
        Means $means,
        TimePlan $time,
        array $before,
        array $ever,
        ?Decided $decided = null,
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
            $decided ?? new Decided(),
        );
    }

    public function age(): AgeGroup
    {
        return $this->pacing->age;
    }

    /**
     * The same between other practices.
     *
     * @param list<Taught> $before
     * @param list<Taught> $later  in the practices of the week that come after it
     */
    public function between(array $before, array $later = []): self
    {
        $day = self::of(
            $this->rules,
            $this->level,
            $this->players,
            $this->means,
            $this->time,
            $before,
            $this->ever,
            $this->decided,
        )->but(later: $later);

        return $this->isLight() ? $day->lighter() : $day;
    }

    /** As its floors see it: one practice of a week, or so many that are alike. */
    public function week(int $practices): Week
    {
        $isIndoors = $this->means->isIndoors();

        return new Week($this->age(), $this->time->minutes(), $practices, $isIndoors, $this->decided->floors);
    }

    public function isLight(): bool
    {
        return $this->pacing->isLight;
    }

    /** The same as a light one: the day before a game, or the day after a hard one. */
    public function lighter(): self
    {
        return $this->but(pacing: $this->pacing->lighter());
    }

    /**
     * @param list<Demand> $demands of plan and game
     *
     * @return list<JobNeed> with the floors of the week, as the season has come, the heaviest first
     */
    public function needs(array $demands): array
    {
        $floors = FloorsLeft::of($this->players, $this->week(self::USUAL), $this->taught, $this->ever, $this->later);
        $record = Record::of($this->taught, $this->ever);

        return Steered::by($this->rules, JobNeeds::of($demands, $this->players, $record, $floors));
    }

    /**
     * What is to be solved.
     *
     * @param list<Demand>         $demands of plan and game
     * @param array<string, Drill> $drills  to choose from, by key
     *
     * @throws Problem when nobody comes, or there is no station
     */
    public function ready(array $demands, array $drills, int $seed = 1): ReadyDay
    {
        $needs = $this->needs($demands);
        $wanted = $this->decided->drills ?? $this->choice()->of($needs, $this->pacing->fitting($drills));

        return new ReadyDay($this, $needs, $wanted, $this->request($needs, $wanted, $seed));
    }

    /** The step of a drill's progression that is due; null: it has none. */
    public function step(Drill $drill): ?int
    {
        return DrillStep::due($drill, $this->age(), $this->taught);
    }

    public function choice(): StationChoice
    {
        return StationChoice::under($this->rules, $this->players, $this->means);
    }

    /**
     * @param list<JobNeed>        $needs
     * @param array<string, Drill> $wanted by key
     */
    private function request(array $needs, array $wanted, int $seed): PracticeRequest
    {
        $choice = $this->choice();
        $run = array_filter($wanted, static fn(Drill $drill): bool => null === $choice->hindrance($drill));
        if ([] === $run && [] !== $this->players) {
            throw Refused::because(
                'stations',
                'no drill can be run with these people, helpers and pieces',
                $choice->nearest($this->decided->drills ?? $this->ever),
            );
        }

        return PracticeRequest::of(
            $this->players,
            $this->means->helpers,
            $this->means->equipment,
            $this->time,
            $run,
            Placement::of($run, $this->rules->diamond(), $this->means->part, $this->decided->shifts),
            $needs,
            $this->decided->kept,
            $seed,
            $this->decided->isWatched,
            $this->core,
            $this->pacing,
        );
    }
}
