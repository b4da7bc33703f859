<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Order;

use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Practice\Drills\DrillShelf;
use FoxCorner\App\Practice\Need\TeamNeeds;
use FoxCorner\App\Practice\Sheet\Sheet;
use FoxCorner\App\Practice\Sheet\SheetChoice;
use FoxCorner\App\Practice\Sheet\SheetWriter;
use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Plan\Audit\AuditedPlay;
use FoxCorner\Core\Practice\Build\FieldPart;
use FoxCorner\Core\Practice\Build\Placement;
use FoxCorner\Core\Practice\Build\StationChoice;
use FoxCorner\Core\Practice\Daily\DailyCore;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Floor\Week;
use FoxCorner\Core\Practice\Need\FloorsLeft;
use FoxCorner\Core\Practice\Need\JobNeed;
use FoxCorner\Core\Practice\Need\Record;
use FoxCorner\Core\Practice\Schedule\PracticeRequest;
use FoxCorner\Core\Practice\Schedule\Scheduler;
use FoxCorner\Core\Practice\Team\TeamScript;
use FoxCorner\Core\Practice\Time\BlockKind;
use FoxCorner\Core\Practice\Time\TimePlan;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Skill\SkillFamily;

/** From the team's plan and an order to a sheet: what is asked, who comes, what fits the minutes. */
final readonly class PracticeSolver
{
    public function __construct(
        private TeamNeeds $needs,
        private PlayerRepository $players,
        private DrillShelf $shelf,
    ) {}

    /**
     * Everything but the search, which is what takes long.
     *
     * @throws Problem as {@see solve}
     */
    public function check(PracticeOrder $order): void
    {
        $this->readied($order);
    }

    /** @throws Problem when the people, the helpers or the minutes do not allow a practice */
    public function solve(PracticeOrder $order): Sheet
    {
        $plays = $this->needs->plays($order->team);
        [$request, $choice, $wanted, $needs] = $this->readied($order, $plays);

        return SheetWriter::write(
            Scheduler::solve($request),
            $request->helpers,
            array_values(
                array_map(
                    static fn(Drill $drill): SheetChoice => new SheetChoice(
                        $drill->key,
                        $drill->name,
                        isset($request->placement->shifts[$drill->key])
                            ? [$request->placement->shifts[$drill->key]->x, $request->placement->shifts[$drill->key]->y]
                            : null,
                        $choice->hindrance($drill) ?? '',
                    ),
                    $wanted,
                ),
            ),
            TeamScript::of($request->time->minutesOf(BlockKind::TeamDefence), $needs, $plays),
        );
    }

    /**
     * What the turns are worth that an order keeps, by the needs of today.
     *
     * @throws Problem as {@see solve}
     */
    public function worth(PracticeOrder $order): float
    {
        return Scheduler::worth($this->readied($order)[0]);
    }

    /**
     * What would help most cheaply, the best first.
     *
     * @return array<string, float> gain by what is changed
     *
     * @throws Problem as {@see solve}
     */
    public function waysOut(PracticeOrder $order): array
    {
        [$request, $choice, $wanted] = $this->readied($order);
        $ways = Scheduler::waysOut($request);
        $now = null;
        foreach ($wanted as $drill) {
            $missing = $choice->missing($drill);
            if ([] === $missing) {
                continue;
            }
            $piece = implode(' and ', array_keys($missing));
            $now ??= Scheduler::solve($request)->objective;
            $gain = $this->solvedWith($order, $missing) - $now;
            if ($gain > 0.0) {
                $ways[\sprintf('%s for “%s”', $piece, lcfirst($drill->name))] = $gain;
            }
        }
        arsort($ways);

        return $ways;
    }

    /**
     * What the best sheet is worth with pieces that are not in the shed.
     *
     * @param array<string, int> $missing
     */
    private function solvedWith(PracticeOrder $order, array $missing): float
    {
        $more = $order->setup->equipment;
        foreach ($missing as $piece => $pieces) {
            $more[$piece] = ($more[$piece] ?? 0) + $pieces;
        }

        return Scheduler::solve($this->readied($order->with($order->setup->having($more)))[0])->objective;
    }

    /**
     * Drills that could be added, by key: why each cannot be run; null where it can.
     *
     * @return array<string, string|null>
     *
     * @throws Problem when nobody helps
     */
    public function hindrances(PracticeOrder $order): array
    {
        $choice = $this->choice($order, $this->coming($order));

        return array_map(
            $choice->hindrance(...),
            array_filter(
                $this->shelf->of($order->team),
                static fn(Drill $drill): bool => SkillFamily::Daily !== $drill->family,
            ),
        );
    }

    /**
     * @param list<AuditedPlay>|null $plays where they are known already
     *
     * What is to be solved, what can be set up, the stations wanted, what is needed
     *
     * @return array{PracticeRequest, StationChoice, array<string, Drill>, list<JobNeed>}
     */
    private function readied(PracticeOrder $order, ?array $plays = null): array
    {
        $coming = $this->coming($order);
        $age = AgeGroup::of($order->team->level());
        $isIndoors = FieldPart::Hall === $order->setup->fieldPart();
        $core = DailyCore::of($coming, $age, self::time($order)->minutesOf(BlockKind::DailyCore), $isIndoors);
        $taught = [...$this->needs->taught($order->team, $order->startsAt), ...$core->taught()];
        $ever = $this->shelf->ever($order->team);
        $needs = $this->needs->under(
            $plays ?? $this->needs->plays($order->team),
            $order->team,
            $coming,
            Record::of($taught, $ever),
            FloorsLeft::of($coming, new Week($age, $order->minutes, isIndoors: $isIndoors), $taught, $ever),
        );
        $choice = $this->choice($order, $coming);
        $wanted = $this->wanted($order, $choice, $needs);

        $drills = array_filter($wanted, static fn(Drill $drill): bool => null === $choice->hindrance($drill));

        return [self::request($order, $coming, $needs, $drills, $core), $choice, $wanted, $needs];
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

    /** @param list<RosterPlayer> $coming */
    private function choice(PracticeOrder $order, array $coming): StationChoice
    {
        return new StationChoice(
            $coming,
            $order->setup->crew(),
            $order->setup->equipment,
            $order->setup->fieldPart(),
            $order->team->rules()->diamond(),
            $order->team->rules(),
        );
    }

    /**
     * @param list<JobNeed> $needs
     *
     * @return array<string, Drill> the coach's stations, or those that are needed most
     */
    private function wanted(PracticeOrder $order, StationChoice $choice, array $needs): array
    {
        if (null === $order->setup->stations) {
            return $choice->of($needs, $this->shelf->of($order->team));
        }
        $ever = $this->shelf->ever($order->team);
        $wanted = [];
        foreach ($order->setup->stations as $key) {
            if (isset($ever[$key])) {
                $wanted[$key] = $ever[$key];
            }
        }

        return $wanted;
    }

    /**
     * @param list<RosterPlayer>   $coming
     * @param list<JobNeed>        $needs
     * @param array<string, Drill> $drills
     */
    private static function request(
        PracticeOrder $order,
        array $coming,
        array $needs,
        array $drills,
        DailyCore $core,
    ): PracticeRequest {
        return PracticeRequest::of(
            $coming,
            $order->setup->crew(),
            $order->setup->equipment,
            self::time($order),
            $drills,
            Placement::of(
                $drills,
                $order->team->rules()->diamond(),
                $order->setup->fieldPart(),
                $order->setup->points(),
            ),
            $needs,
            $order->kept,
            $order->setup->seed,
            $order->setup->isWatched,
            $core,
        );
    }

    private static function time(PracticeOrder $order): TimePlan
    {
        return TimePlan::within($order->minutes, $order->setup->shape($order->minutes));
    }
}
