<?php

declare(strict_types=1);

namespace FoxCorner\Bench;

use FoxCorner\Core\Family\GroundBall\TwoOrOne;
use FoxCorner\Core\Family\GroundBall\TwoOrOneCall;
use FoxCorner\Core\Play\Grid\GroundSetting;
use FoxCorner\Core\Range\RangeMap;

/** The inner loops beside their twins in C, each answer the same. */
final readonly class Twins
{
    private const SHORTSTOP = 6;
    private const ROUNDS = 8;
    /** What two ways to add up the same may differ by. */
    private const SAME = 1e-9;

    public function __construct(private string $root, private Table $table) {}

    public function print(): void
    {
        $scene = CoreTimings::scene();
        $twin = Twin::compiled($this->root, $scene);
        if (null === $twin) {
            echo "\nno C compiler: nothing is said of the twins in C\n";

            return;
        }
        [$speeds, $times] = CoreTimings::chart();
        $chart = TwoOrOne::of(GroundSetting::of($scene), self::SHORTSTOP)->chart($speeds, $times);
        $two = array_map(static fn(TwoOrOneCall $call): float => $call->two, array_merge(...$chart));
        echo "\nbeside the same reckoning in C, compiled with -O2\n";
        $this->beside(
            CoreTimings::MAP,
            static fn(): mixed => RangeMap::of($scene),
            $twin->map(...),
            RangeMap::of($scene)->summary->cost,
        );
        $this->beside(
            CoreTimings::CHART,
            static fn(): mixed => TwoOrOne::of(GroundSetting::of($scene), self::SHORTSTOP)->chart($speeds, $times),
            static fn(): array => $twin->chart(self::SHORTSTOP, $speeds, $times),
            array_sum($two),
        );
    }

    /**
     * @param callable(): mixed               $measure
     * @param callable(): array{float, float} $twin    its ms, and what it comes to
     * @param float                           $comes   what ours comes to
     */
    private function beside(string $what, callable $measure, callable $twin, float $comes): void
    {
        // In turn: the machine is not as fast all the time.
        $least = $here = \INF;
        $same = 0.0;
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            [$ms, $same] = $twin();
            $least = min($least, $ms);
            $here = min($here, Timing::of($measure, 15)->least);
        }
        if (abs($same - $comes) > self::SAME * max(1.0, abs($comes))) {
            throw new \LogicException("$what: $comes here, $same in C.");
        }
        printf("%-58s %10.3f ms in C, %.3f here\n", $what, $least, $here);
        $this->table->figure("$what, of its twin in C", $here / $least, 'times');
    }
}
