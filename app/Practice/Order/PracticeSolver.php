<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Order;

use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Practice\Drills\DrillShelf;
use FoxCorner\App\Practice\Need\TeamNeeds;
use FoxCorner\App\Practice\Sheet\Sheet;
use FoxCorner\App\Practice\Sheet\SheetChoice;
use FoxCorner\App\Practice\Sheet\SheetWriter;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Plan\Audit\AuditedPlay;
use FoxCorner\Core\Practice\Build\Means;
use FoxCorner\Core\Practice\Build\StationChoice;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Need\JobNeed;
use FoxCorner\Core\Practice\Schedule\PracticeDay;
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
        $choice = $this->day($order)->choice();

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
        $day = $this->day($order);
        $needs = $day->needs($this->needs->demands($plays ?? $this->needs->plays($order->team), $order->team));
        $choice = $day->choice();
        $wanted = $this->wanted($order, $day, $needs);
        $request = $day->request(
            $needs,
            array_filter($wanted, static fn(Drill $drill): bool => null === $choice->hindrance($drill)),
            $order->setup->points(),
            $order->kept,
            $order->setup->seed,
            $order->setup->isWatched,
        );

        return [$request, $choice, $wanted, $needs];
    }

    private function day(PracticeOrder $order): PracticeDay
    {
        return PracticeDay::of(
            $order->team->rules(),
            $order->team->level(),
            $this->coming($order),
            new Means($order->setup->crew(), $order->setup->equipment, $order->setup->fieldPart()),
            TimePlan::within($order->minutes, $order->setup->shape($order->minutes)),
            $this->needs->taught($order->team, $order->startsAt),
            $this->shelf->ever($order->team),
        );
    }

    /** @return list<RosterPlayer> */
    private function coming(PracticeOrder $order): array
    {
        return array_values(
            array_map(
                static fn(RosterPlayer $player): RosterPlayer => $player
                    ->limitedTo($order->setup->limitOf($player->id) ?? $player->limit)
                    ->throwing($order->setup->throwsLeftOf($player->number)),
                array_filter(
                    $this->players->rosterOf($order->team),
                    static fn(RosterPlayer $player): bool => \in_array($player->id, $order->comes, true),
                ),
            ),
        );
    }

    /**
     * @param list<JobNeed> $needs
     *
     * @return array<string, Drill> the coach's stations, or those that are needed most
     */
    private function wanted(PracticeOrder $order, PracticeDay $day, array $needs): array
    {
        if (null === $order->setup->stations) {
            return $day->choose($needs, $this->shelf->of($order->team));
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
}
