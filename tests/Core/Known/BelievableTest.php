<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Known;

use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Known\Bands;
use FoxCorner\Core\Known\LevelFigures;
use FoxCorner\Core\Known\Measure;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Level\LevelShares;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Ball\Through;
use FoxCorner\Core\Play\Cast\BatterRunner;
use FoxCorner\Core\Play\Cast\Cast;
use FoxCorner\Core\Range\RangeMap;
use FoxCorner\Core\Range\RangeSummary;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The figures that a coach of a level nods at, and the laws that hold at every level. */
final class BelievableTest extends TestCase
{
    private const WHOLE_INFIELD = [3, 4, 5, 6];

    /** @var array<string, LevelFigures> */
    private static array $known = [];

    /** @return iterable<string, array{Level}> */
    public static function levels(): iterable
    {
        foreach (Level::cases() as $level) {
            yield $level->value => [$level];
        }
    }

    #[DataProvider('levels')]
    public function testEveryFigureIsInItsBand(Level $level): void
    {
        $figures = self::figures($level);
        foreach (Measure::cases() as $measure) {
            $band = Bands::of($level, $measure);
            if (null === $band) {
                continue;
            }
            $measured = $figures->measured($measure);
            self::assertTrue(
                $band->holds($measured),
                \sprintf('%s: %.4f, not %.3f to %.3f', $measure->label(), $measured, $band->low, $band->high),
            );
        }
    }

    public function testAHigherLevelNeverGetsFewerOutsAndSoftballTurnsTwoLessOften(): void
    {
        $ladders = [
            [Level::Youth10, Level::Youth13, Level::HighSchool, Level::College, Level::Pro],
            [Level::Fastpitch12, Level::Fastpitch16, Level::FastpitchCollege],
        ];
        foreach ($ladders as $levels) {
            $before = $twoBefore = 0.0;
            foreach ($levels as $level) {
                $figures = self::figures($level);
                self::assertGreaterThan($before, $figures->nobodyOn()->outs, $level->value);
                $before = $figures->nobodyOn()->outs;
                self::assertGreaterThan($twoBefore, $figures->withRunnerOnFirst()->two, $level->value);
                $twoBefore = $figures->withRunnerOnFirst()->two;
            }
        }
        $two = static fn(Level $level): float => self::figures($level)->withRunnerOnFirst()->two;
        self::assertLessThan($two(Level::Youth10), $two(Level::Fastpitch12));
        self::assertLessThan($two(Level::Youth13), $two(Level::Fastpitch16));
        self::assertLessThan($two(Level::HighSchool), $two(Level::FastpitchCollege));
        self::assertGreaterThan(0.005, $two(Level::Fastpitch12), 'but not never');
    }

    #[DataProvider('levels')]
    public function testRightHandersAloneGiveAFewOutsFewer(Level $level): void
    {
        $figures = self::figures($level);
        $fewer = $figures->nobodyOn()->outs - self::range($figures->plan('none-0'), $level)->outsPerBall;

        self::assertGreaterThan(0.005, $fewer);
        self::assertLessThan(0.042, $fewer);
    }

    #[DataProvider('levels')]
    public function testDepthsBuyWhatTheyAreFor(Level $level): void
    {
        $at = static fn(string $situation, NamedDepth $depth): RangeSummary => self::range(
            self::figures($level)->plan($situation)->atDepths(array_fill_keys(self::WHOLE_INFIELD, $depth), 'So.'),
            $level,
        );
        $two = $at('R1-0', NamedDepth::DoublePlay)->twoPerBall;
        foreach ([NamedDepth::Normal, NamedDepth::Halfway, NamedDepth::In] as $depth) {
            self::assertGreaterThan(($at('R1-0', $depth)->twoPerBall ?? 1.0) + 0.003, $two, "two at $depth->value");
        }
        $scores = array_map(static fn(NamedDepth $depth): float => $at('R3-1', $depth)->thirdScores ?? 1.0, [
            NamedDepth::Normal,
            NamedDepth::Halfway,
            NamedDepth::In,
        ]);
        self::assertGreaterThan($scores[1], $scores[0], 'halfway keeps more runs on third than normal');
        self::assertGreaterThan($scores[2] + 0.02, $scores[1], 'and in more than halfway');
        $past = array_map(static fn(NamedDepth $depth): float => $at('none-0', $depth)->past, [
            NamedDepth::Normal,
            NamedDepth::Halfway,
            NamedDepth::In,
        ]);
        self::assertGreaterThan($past[0], $past[1], 'each lets more through');
        self::assertGreaterThan($past[1], $past[2]);
        $outs = $at('none-0', NamedDepth::Normal)->outsPerBall;
        self::assertGreaterThan($at('none-0', NamedDepth::In)->outsPerBall + 0.004, $outs, 'in gives up outs');
        self::assertGreaterThan($at('none-0', NamedDepth::DoublePlay)->outsPerBall, $outs);
    }

    public function testInfieldInLetsAThirdMoreThroughAtTheProfessionalLevel(): void
    {
        $plan = self::figures(Level::Pro)->plan('R3-1');
        $past = static fn(NamedDepth $depth): float => self::range(
            $plan->atDepths(array_fill_keys(self::WHOLE_INFIELD, $depth), 'So.'),
            Level::Pro,
        )->past;

        self::assertEqualsWithDelta(1.33, $past(NamedDepth::In) / $past(NamedDepth::Normal), 0.06);
    }

    #[DataProvider('levels')]
    public function testSomebodyMustBeAtFirst(Level $level): void
    {
        $plan = self::figures($level)->plan('none-0');
        $cast = $plan->cast
            ->moved(Position::FirstBase, Point::of(150, 200))
            ->moved(Position::SecondBase, Point::of(100, 250));
        $map = RangeMap::of($plan->scene(Teams::cost($level))->with($cast));

        self::assertLessThan(0.035, $map->summary->outsPerBall, 'only what the pitcher or their own feet still get');
    }

    public function testALateCoverCosts(): void
    {
        $plan = self::figures(Level::HighSchool)->plan('none-0');
        $first = $plan->cast->at(Position::FirstBase)->start;
        $second = $plan->cast->at(Position::SecondBase)->start;
        $deep = $plan->cast
            ->moved(Position::FirstBase, $first->plus(20, 62))
            ->moved(Position::SecondBase, $second->plus(0, 30));
        $outs = static fn(Cast $cast): float => RangeMap::of($plan->scene(Teams::cost(Level::HighSchool))->with($cast))
            ->summary->outChance[15];

        self::assertLessThan($outs($plan->cast) - 0.05, $outs($deep), 'on a ball to short, whom nobody moved');
    }

    #[DataProvider('levels')]
    public function testShippedShadesGainOuts(Level $level): void
    {
        foreach (BatterType::cases() as $batter) {
            $plan = self::figures($level)->plan('none-2', $batter);
            $straight = $plan->atDepths(array_fill_keys(self::WHOLE_INFIELD, NamedDepth::Normal), 'Straight up.');
            $isShaded =
                [] !==
                array_filter(
                    self::WHOLE_INFIELD,
                    static fn(int $number): bool => [] !== $plan->alignment->spot(Position::from($number))->shades,
                );
            if ($isShaded) {
                self::assertGreaterThan(
                    self::range($straight, $level)->outsPerBall,
                    self::range($plan, $level)->outsPerBall,
                    $batter->value,
                );
            }
        }
    }

    public function testTheFarMiddleManMovesMostAndACornerWhoGoesToTheLineLoses(): void
    {
        $plan = self::figures(Level::Pro)->plan('none-2');
        self::assertSame(-1, $plan->alignment->spot(Position::SecondBase)->steps());
        self::assertSame(0, $plan->alignment->spot(Position::Shortstop)->steps());
        $map = $plan->range(Teams::cost());
        $third = $plan->cast->at(Position::ThirdBase)->start;
        $toLine = $map->moved($plan->cast->moved(Position::ThirdBase, $third->plus(-2.5, -2.5)), Position::ThirdBase);

        self::assertLessThan($map->summary->outsPerBall - 0.004, $toLine->summary->outsPerBall);
    }

    public function testWhatGuardingTheLinesCostsAndSaves(): void
    {
        $plan = self::figures(Level::Pro)->plan('none-2');
        $guard = $plan->atDepths([3 => NamedDepth::GuardLines, 5 => NamedDepth::GuardLines], 'So.');
        [$before, $after] = [self::range($plan, Level::Pro), self::range($guard, Level::Pro)];
        $outs = 100 * ($before->outsPerBall - $after->outsPerBall);
        $doubles = 100 * ($before->doubles - $after->doubles);

        self::assertEqualsWithDelta(2.3, $outs, 0.5);
        self::assertEqualsWithDelta(0.95, $doubles, 0.2);
        self::assertEqualsWithDelta(2.5, $outs / $doubles, 0.6, 'a double must hurt so much more than a single');
    }

    /** The engine says it: who has the ball when, and where the batter could be with the throw. */
    public function testWhatIsADoubleIsDownTheLineOrInTheGap(): void
    {
        $plan = self::figures(Level::Pro)->plan('none-0');
        $rules = $plan->state->rules;
        $batter = BatterRunner::of($plan->state->context->batter, $rules, $plan->level);
        $through = Through::of($plan->cast, $rules, $plan->level, $batter);
        $doubles = static fn(float $degrees, float $mph): float => array_sum($through->extraBases($degrees, $mph));

        self::assertEqualsWithDelta(0.61, $doubles(-43.0, 85.0), 0.05, 'down the line, of an ordinary one');
        self::assertEqualsWithDelta(1.0, $doubles(-43.0, 100.0), 0.02, 'and of one hit hard');
        self::assertEqualsWithDelta(0.0, $doubles(-30.0, 100.0), 0.01, 'at the left fielder');
        self::assertEqualsWithDelta(0.0, $doubles(-13.5, 85.0), 0.01, 'the gap is closed to an ordinary one');
        self::assertEqualsWithDelta(0.6, $doubles(-13.5, 110.0), 0.08, 'and open to one hit hard');
        self::assertEqualsWithDelta(0.0, $doubles(0.0, 110.0), 0.01, 'at the center fielder');
    }

    #[DataProvider('levels')]
    public function testTheChainOfRunsTakesItsSharesFromTheEngine(Level $level): void
    {
        $shares = self::figures($level)->shares();
        $chain = $level->profile()->advancement();

        self::assertEqualsWithDelta($shares->doublePlay, $chain->doublePlay, 0.005, 'tests/Tools/shares writes them');
        self::assertEqualsWithDelta($shares->forceOut, $chain->forceOut, 0.01);
        self::assertEqualsWithDelta($shares->secondToThird, $chain->secondToThirdOnGround, 0.01);
        self::assertEqualsWithDelta($shares->thirdScores, $chain->thirdScoresOnGround, 0.01);
        self::assertEqualsWithDelta($shares->errorsForEach, LevelShares::errorsForEachOut($level), 0.005);
    }

    /** Nobody scores on a double play that ends the inning. */
    public function testNoRunCountsOnAnInningEndingDoublePlay(): void
    {
        $with = static fn(string $situation): RangeSummary => self::range(
            self::figures(Level::Pro)->plan($situation),
            Level::Pro,
        );
        [$none, $one] = [$with('R1R3-0'), $with('R1R3-1')];

        self::assertLessThan(1 - ($one->twoPerBall ?? 0.0) + 0.001, $one->thirdScores);
        self::assertGreaterThan(0.25, $one->twoPerBall);
        self::assertGreaterThan(($one->thirdScores ?? 1.0) + 0.08, $none->thirdScores);
    }

    private static function figures(Level $level): LevelFigures
    {
        return self::$known[$level->value] ??= new LevelFigures($level);
    }

    private static function range(SituationPlan $plan, Level $level): RangeSummary
    {
        return $plan->range(Teams::cost($level))->summary;
    }
}
