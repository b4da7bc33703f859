<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Range;

use FoxCorner\Core\Family\GroundBall\GroundBallFamily;
use FoxCorner\Core\Family\GroundBall\GroundBallPlay;
use FoxCorner\Core\Family\GroundBall\TwoOrOne;
use FoxCorner\Core\Family\ShippedFamilies;
use FoxCorner\Core\Known\LevelFigures;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Play\Ball\Hands;
use FoxCorner\Core\Play\Grid\GroundSetting;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** An inch, or a hundredth of a mile an hour, does not decide: chances are smooth in the ball and in the runner. */
final class SmoothTest extends TestCase
{
    private const STEPS = 8000;
    private const MOST = 0.05;
    /** By which twos turn more where a batter is slow enough that two are gone for. */
    private const GONE_FOR = 0.13;
    /** By which another way to play a ball that costs as much may turn fewer. */
    private const NEXT_TO_NOTHING = 0.005;

    #[TestWith([Level::Pro])]
    #[TestWith([Level::Youth13])]
    #[TestWith([Level::Fastpitch12])]
    #[TestWith([Level::Fastpitch16])]
    public function testAChanceDoesNotJump(Level $level): void
    {
        $play = self::plays($level);
        $mph = $level->profile()->groundBallSpeed;
        $jumps = [0.0];
        foreach (
            [
                static fn(float $share): array => [-44.0 + 88.0 * $share, $mph],
                static fn(float $share): array => [-44.0 + 88.0 * $share, 1.2 * $mph],
                static fn(float $share): array => [-12.0, (0.35 + 1.05 * $share) * $mph],
                static fn(float $share): array => [3.0, (0.35 + 1.05 * $share) * $mph],
            ] as $ball
        ) {
            $before = null;
            for ($step = 0; $step <= self::STEPS; ++$step) {
                $out = $play(...$ball($step / self::STEPS));
                $jumps[] = null === $before ? 0.0 : abs($out - $before);
                $before = $out;
            }
        }

        self::assertLessThan(self::MOST, max($jumps));
    }

    public function testAQuickerBatterNeverMakesTwoEasier(): void
    {
        foreach (Level::cases() as $level) {
            $figures = new LevelFigures($level);
            $plan = $figures->plan('R1-0');
            $setting = GroundSetting::of($plan->scene($figures->cost));
            $first = $level->profile()->homeToFirstOver($plan->state->rules->basePath);
            $mph = $level->profile()->groundBallSpeed;
            foreach ([1, 3, 4, 5, 6] as $starter) {
                $rows = TwoOrOne::of($setting, $starter)->chart(
                    [0.7 * $mph, $mph, 1.25 * $mph],
                    range($first - 0.6, $first + 0.6, 0.004),
                );
                foreach ($rows as $cells) {
                    $before = $cells[0]->two;
                    foreach ($cells as $cell) {
                        self::assertGreaterThan($before - self::NEXT_TO_NOTHING, $cell->two, "$level->value, $starter");
                        self::assertLessThan($before + self::GONE_FOR, $cell->two);
                        $before = $cell->two;
                    }
                }
            }
        }
    }

    public function testADiveThatIsLateIsSeldomThere(): void
    {
        self::assertSame(1.0, Hands::reached(-0.2));
        self::assertEqualsWithDelta(0.5, Hands::reached(-0.3), 1e-9, 'as the calibration has it');
        self::assertSame(0.0, Hands::reached(-0.36));
        self::assertEqualsWithDelta(0.15, Hands::inFront(-0.1), 1e-9);
        self::assertEqualsWithDelta(0.3, Hands::inFront(0.0), 1e-9);
        self::assertEqualsWithDelta(0.45, Hands::inFront(0.2), 1e-9);
    }

    /** @return \Closure(float, float): float the chance of an out on a ball with nobody on */
    private static function plays(Level $level): \Closure
    {
        $figures = new LevelFigures($level);
        $plan = $figures->plan('none-0');
        $family = ShippedFamilies::all()->get(GroundBallFamily::KEY);
        $scene = $plan->scene($figures->cost);
        $coverage = PlannedPlay::of($plan, $family, PlanBook::shipped($plan->state->rules))->coverage;
        self::assertNotNull($coverage);
        $against = $family->against($scene, $coverage);

        return static function (float $degrees, float $mph) use ($against, $family, $scene): float {
            $play = $against($family->trial(['degrees' => $degrees, 'mph' => $mph], $scene));
            self::assertInstanceOf(GroundBallPlay::class, $play);

            return $play->fielding->comes->out;
        };
    }
}
