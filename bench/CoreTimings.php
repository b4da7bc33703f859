<?php

declare(strict_types=1);

namespace FoxCorner\Bench;

use FoxCorner\Core\Family\Bunt\BuntFamily;
use FoxCorner\Core\Family\Bunt\BuntTrial;
use FoxCorner\Core\Family\GroundBall\GroundBallFamily;
use FoxCorner\Core\Family\GroundBall\GroundBallTrial;
use FoxCorner\Core\Family\GroundBall\GroundDefence;
use FoxCorner\Core\Family\GroundBall\ResultTable;
use FoxCorner\Core\Family\GroundBall\TwoOrOne;
use FoxCorner\Core\Family\Outfield\Flight;
use FoxCorner\Core\Family\Outfield\IdleCheck;
use FoxCorner\Core\Family\Outfield\OutfieldDefence;
use FoxCorner\Core\Family\Outfield\OutfieldFamily;
use FoxCorner\Core\Family\Outfield\OutfieldTrial;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\Hops;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Motion\Throws;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\People\Traits;
use FoxCorner\Core\Plan\Audit\AuditedPlay;
use FoxCorner\Core\Plan\Audit\JobAsked;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Ball\RelayArms;
use FoxCorner\Core\Play\Grid\GroundSetting;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Practice\Build\FieldPart;
use FoxCorner\Core\Practice\Build\Helpers;
use FoxCorner\Core\Practice\Build\Placement;
use FoxCorner\Core\Practice\Build\StationChoice;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use FoxCorner\Core\Practice\Need\JobNeeds;
use FoxCorner\Core\Practice\Need\PlanDemand;
use FoxCorner\Core\Practice\Need\Record;
use FoxCorner\Core\Practice\Need\StandingDemand;
use FoxCorner\Core\Practice\Schedule\PracticeRequest;
use FoxCorner\Core\Practice\Schedule\Scheduler;
use FoxCorner\Core\Practice\Time\TimePlan;
use FoxCorner\Core\Runs\EventRates;
use FoxCorner\Core\Runs\PlayCost;
use FoxCorner\Core\Runs\RunChain;

/** The hot paths of the core. */
final class CoreTimings
{
    public const CHART = 'two or one, 25 x 25';
    public const MAP = 'range map, 61 x 9 balls';

    /** Of a nine that nothing is known of, a runner on first, nobody out. */
    public static function scene(): Scene
    {
        $rules = ShippedRuleSets::get('fastpitch-43');
        $level = Level::Fastpitch16->profile();

        return SituationPlan::of(
            GameState::of($rules, Situation::fromKey('R1-0'), Context::ordinary()),
            $level,
            Lineup::ordinary(),
            PlanBook::shipped($rules),
        )->scene(PlayCost::inRuns(RunChain::of($level->rates)));
    }

    /** @return array{list<float>, list<float>} mph, and s from home to first, of the chart */
    public static function chart(): array
    {
        return [range(40.0, 88.0, 2.0), range(2.8, 4.0, 0.05)];
    }

    /** @return array<string, callable(): mixed> */
    public static function all(): array
    {
        $state = GameState::of(ShippedRuleSets::get('fastpitch-43'), Situation::fromKey('R1-0'), Context::ordinary());
        $roster = array_map(
            static fn(int $number): RosterPlayer => new RosterPlayer(
                "$number",
                "P$number",
                (string) $number,
                [Position::ofNumber((($number - 1) % 9) + 1), Position::ofNumber(($number % 9) + 1)],
                Traits::unknown(),
            ),
            range(1, 14),
        );
        $book = PlanBook::shipped($state->rules);
        $plan = SituationPlan::of($state, Level::Fastpitch16->profile(), Lineup::choose($roster), $book);
        $bunts = PlannedPlay::of($plan, new BuntFamily(), $book);
        $bunt = BuntTrial::restingAt(30, -20, $state->rules);
        $ground = PlannedPlay::of($plan, new GroundBallFamily(), $book);
        $grounder = GroundBallTrial::hit(-18, 60, $state->rules);
        $all = array_map(
            static fn(Situation $situation): PlannedPlay => PlannedPlay::of(
                SituationPlan::of(
                    GameState::of($state->rules, $situation, Context::ordinary()),
                    $plan->level,
                    $plan->lineup,
                    $book,
                ),
                new BuntFamily(),
                $book,
            ),
            RunChain::situations(),
        );
        $cost = PlayCost::inRuns(RunChain::of($plan->level->rates));
        $map = $plan->range($cost);
        $rates = EventRates::of(0.0875, 0.1535, 0.0448, 0.0048, 0.0262, 0.196, 0.009);
        $needs = JobNeeds::of(
            [
                ...PlanDemand::of(JobAsked::of([new AuditedPlay($bunts, $bunts->report())])),
                ...StandingDemand::of($state->rules),
            ],
            $roster,
            Record::of([], []),
        );
        $arms = new RelayArms(Throws::of(Ball::Baseball), Speed::ofMph(88.0), 1.2, Speed::ofMph(82.0), 0.85);
        $outfield = PlannedPlay::of($plan, new OutfieldFamily(), $book);
        $deep = OutfieldTrial::near(Point::polar(190.0, -14.0), Flight::Line, $state->rules);
        $shed = ['bucket of balls' => 3, 'bag' => 3, 'helmet' => 4];
        $stations = (new StationChoice($roster, Helpers::of(3), $shed, FieldPart::Whole, $state->rules->diamond()))->of(
            $needs,
            ShippedDrills::all(),
        );

        return [
            'one bunt play' => static fn(): mixed => $bunts->run($bunt),
            'one coverage audited over 15 bunts' => static fn(): mixed => $bunts->report(),
            'plan of one situation: lineup, spots, coverage' => static fn(): mixed => SituationPlan::of(
                $state,
                Level::Fastpitch16->profile(),
                Lineup::choose($roster),
                $book,
            ),
            'one ground-ball play with all options' => static fn(): mixed => $ground->run($grounder, $cost),
            self::CHART => static fn(): mixed => TwoOrOne::of(GroundSetting::of($plan->scene($cost)), 6)->chart(
                ...self::chart(),
            ),
            'ground-ball results, 5 x 3' => static fn(): mixed => ResultTable::of(
                GroundDefence::of(
                    $plan->scene($cost)->wanting($ground->policy),
                    $ground->coverage ?? throw new \LogicException('There is one.'),
                ),
            ),
            'best cutoff for two arms, 317 ft' => static fn(): mixed => $arms->best(317.0),
            'one ball to the outfield, drawn' => static fn(): mixed => $outfield->run($deep, $cost),
            'idle check, 24 situations x 60 balls' => static fn(): mixed => array_map(
                IdleCheck::of(...),
                array_map(
                    static fn(PlannedPlay $play): OutfieldDefence => new OutfieldDefence(
                        $play->plan->scene($cost),
                        (new OutfieldFamily())->coverages($state->rules, $play->plan->state->situation)[0],
                    ),
                    $all,
                ),
            ),
            self::MAP => static fn(): mixed => $plan->range($cost),
            'best single move' => static fn(): mixed => $plan->improver($map)->single(),
            'best joint move' => static fn(): mixed => $plan->improver($map)->joint(),
            'bunt map, about 360 spots' => static fn(): mixed => $bunts->map(
                $bunts->coverage ?? throw new \LogicException('There is one.'),
                $cost,
            ),
            'all coverages of all situations audited' => static fn(): mixed => array_map(
                static fn(PlannedPlay $one): array => array_map(
                    static fn(Coverage $coverage): mixed => $one->reportOn($coverage, $cost),
                    $one->coverages,
                ),
                $all,
            ),
            'runs of all situations' => static fn(): mixed => RunChain::of($rates),
            'table of hops for one arm' => static fn(): mixed => Hops::of(
                Ball::Baseball->dragPerFoot(),
                Speed::ofMph(80)->feetPerSecond,
            ),
            'practice of 70 minutes, 14 players, 3 helpers' => static fn(): mixed => Scheduler::solve(
                PracticeRequest::of(
                    $roster,
                    Helpers::of(3),
                    $shed,
                    TimePlan::within(70),
                    $stations,
                    Placement::of($stations, $state->rules->diamond(), FieldPart::Whole),
                    $needs,
                ),
            ),
        ];
    }
}
