<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Order;

use FoxCorner\App\Plan\PlanAudits;
use FoxCorner\App\Practice\Drills\DrillShelf;
use FoxCorner\App\Practice\Need\TeamNeeds;
use FoxCorner\App\Practice\Sheet\Sheet;
use FoxCorner\App\Practice\Sheet\SheetChoice;
use FoxCorner\App\Practice\Sheet\SheetWriter;
use FoxCorner\Core\Plan\Audit\AuditedPlay;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Schedule\PracticeWeek;
use FoxCorner\Core\Practice\Schedule\ReadyDay;
use FoxCorner\Core\Practice\Schedule\Scheduler;
use FoxCorner\Core\Practice\Schedule\SolvedDay;
use FoxCorner\Core\Practice\Team\TeamPlaces;
use FoxCorner\Core\Practice\Team\TeamScript;
use FoxCorner\Core\Practice\Time\BlockKind;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Skill\SkillFamily;

/** From the team's plan and an order to a sheet: what is asked, who comes, what fits the minutes. */
final readonly class PracticeSolver
{
    public function __construct(
        private TeamNeeds $needs,
        private PlanAudits $audits,
        private PracticeDays $days,
        private DrillShelf $shelf,
    ) {}

    /**
     * Everything but the search, which is what takes long.
     *
     * @throws Problem as {@see solve}
     */
    public function check(PracticeOrder $order): void
    {
        $this->ready($order);
    }

    /** @throws Problem when the people, the helpers or the minutes do not allow a practice */
    public function solve(PracticeOrder $order): Sheet
    {
        return self::sheet($this->ready($order)->solve(), $this->audits->plays($order->team));
    }

    /**
     * The practices of a week together, the first first.
     *
     * @param non-empty-list<PracticeOrder> $orders of one team
     * @param callable(int, int): bool      $goesOn told how many steps are done of how many; whether to go on
     *
     * @return array{list<Sheet>, float, float} the best that was found, and what of the week's floors it meets after
     *                                          the first step in which all were solved, and at last: 0 to 1
     *
     * @throws Problem as {@see solve}
     */
    public function week(array $orders, callable $goesOn): array
    {
        $first = $orders[0];
        $start = $first->startsAt->getTimestamp();
        $week = new PracticeWeek(
            array_map($this->days->of(...), $orders),
            array_map(
                static fn(PracticeOrder $order): float => ($order->startsAt->getTimestamp() - $start) / 86400,
                $orders,
            ),
        );
        $solved = [];
        [$step, $once] = [0, null];
        $search = $week->search(
            $this->needs->taught($first->team, $first->startsAt),
            $this->needs->demands($this->audits->whole($first->team), $first->team),
            $this->shelf->of($first->team),
            $first->setup->seed,
        );
        foreach ($search as $best) {
            $solved = $best;
            if (\count($solved) === \count($orders)) {
                $once ??= $week->share($solved);
            }
            if (!$goesOn(++$step, $week->steps()) && null !== $once) {
                break;
            }
        }

        $plays = $this->audits->plays($first->team);

        return [
            array_map(static fn(SolvedDay $day): Sheet => self::sheet($day, $plays), $solved),
            $once ?? 0.0,
            $week->share($solved),
        ];
    }

    /**
     * What the turns are worth that an order keeps, by the needs of today.
     *
     * @throws Problem as {@see solve}
     */
    public function worth(PracticeOrder $order): float
    {
        return Scheduler::worth($this->ready($order)->request);
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
        $ready = $this->ready($order);
        $choice = $ready->day->choice();
        $ways = Scheduler::waysOut($ready->request);
        $now = null;
        foreach ($ready->wanted as $drill) {
            $missing = $choice->missing($drill);
            if ([] === $missing) {
                continue;
            }
            $piece = implode(' and ', array_keys($missing));
            $now ??= Scheduler::solve($ready->request)->objective;
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

        return Scheduler::solve($this->ready($order->with($order->setup->having($more)))->request)->objective;
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
        $choice = $this->days->choice($order);

        return array_map(
            $choice->hindrance(...),
            array_filter(
                $this->shelf->of($order->team),
                static fn(Drill $drill): bool => SkillFamily::Daily !== $drill->family,
            ),
        );
    }

    private function ready(PracticeOrder $order): ReadyDay
    {
        return $this->days
            ->of($order)
            ->ready(
                $this->needs->demands($this->audits->whole($order->team), $order->team),
                $this->shelf->of($order->team),
                $order->setup->seed,
            );
    }

    /** @param list<AuditedPlay> $plays */
    private static function sheet(SolvedDay $solved, array $plays): Sheet
    {
        $ready = $solved->ready;
        $choice = $ready->day->choice();
        $shifts = $ready->request->placement->shifts;

        return SheetWriter::write(
            $solved->schedule,
            $ready->request->helpers,
            array_map(
                static fn(Drill $drill): SheetChoice => new SheetChoice(
                    $drill->key,
                    $drill->name,
                    isset($shifts[$drill->key]) ? [$shifts[$drill->key]->x, $shifts[$drill->key]->y] : null,
                    $choice->hindrance($drill) ?? '',
                    $ready->day->step($drill),
                ),
                array_values($ready->wanted),
            ),
            TeamScript::of(
                $ready->request->time->minutesOf(BlockKind::TeamDefence),
                $ready->needs,
                $plays,
                TeamPlaces::of($ready->day->players, $ready->day->means->part),
            ),
        );
    }
}
