<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\GroundBall;

use FoxCorner\Core\Family\GroundBall\TwoOrOne;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Cast\BatterRunner;
use FoxCorner\Core\Play\Cast\Cast;
use FoxCorner\Core\Play\Grid\GroundSetting;
use FoxCorner\Core\Runs\PlayCost;
use FoxCorner\Core\Value\ButFor;

/** Two or one, by how hard a ball is hit at a starter and how fast the batter runs: the regions, and who bats now. */
final readonly class TwoOrOneChart
{
    use ButFor;

    private const COLUMNS = 24;
    private const ROWS = 24;
    /** s to both sides of the level's batter. */
    private const AROUND = 0.75;

    /**
     * @param list<float>        $times  s, of the columns
     * @param list<float>        $speeds mph, of the rows, the hardest first
     * @param list<list<string>> $calls  by row, then column: "two", "lead", "first"
     * @param float              $time   the batter's, s
     * @param float              $mph    of the ball that is looked at
     */
    private function __construct(
        public Position $starter,
        public array $times,
        public array $speeds,
        public array $calls,
        public float $time,
        public float $mph,
    ) {}

    public static function of(SituationPlan $plan, Position $starter, PlayCost $cost): self
    {
        $setting = GroundSetting::of($plan->scene($cost));
        [$rules, $level] = [$plan->state->rules, $plan->level];
        $ordinary = $level->homeToFirstOver($rules->basePath);
        $batter = BatterRunner::of($plan->state->context->batter, $rules, $level)->secondsFor($rules->basePath);
        $times = $speeds = [];
        for ($column = 0; $column <= self::COLUMNS; ++$column) {
            $times[] = $ordinary - self::AROUND + (2 * self::AROUND * $column) / self::COLUMNS;
        }
        for ($row = self::ROWS; $row >= 0; --$row) {
            $speeds[] = $level->groundBallSpeed * (0.55 + (0.8 * $row) / self::ROWS);
        }
        $calls = array_map(
            static fn(array $cells): array => array_column($cells, 'word'),
            TwoOrOne::of($setting, $starter->value)->chart($speeds, $times),
        );

        return new self($starter, $times, $speeds, $calls, $batter, $level->groundBallSpeed);
    }

    /** With another ball looked at. */
    public function at(float $mph): self
    {
        return $this->but(mph: $mph);
    }

    /** Where a time is between the edges, 0 to 1. */
    public function across(float $time): float
    {
        $last = \count($this->times) - 1;

        return min(1.0, max(0.0, ($time - $this->times[0]) / ($this->times[$last] - $this->times[0])));
    }

    /** Where a speed is from the top to the bottom, 0 to 1. */
    public function down(float $mph): float
    {
        $last = \count($this->speeds) - 1;

        return min(1.0, max(0.0, ($this->speeds[0] - $mph) / ($this->speeds[0] - $this->speeds[$last])));
    }

    /** The slowest ball on which this batter is doubled up, mph; null: none. */
    public function twoFrom(): ?float
    {
        $column = (int) round($this->across($this->time) * (\count($this->times) - 1));
        $from = null;
        foreach ($this->calls as $row => $cells) {
            if ('two' === $cells[$column]) {
                $from = $this->speeds[$row];
            }
        }

        return $from;
    }

    /** Whoever stands nearest to the ball's way. */
    public static function starter(Cast $cast, float $degrees): Position
    {
        $nearest = Position::Shortstop;
        $least = \INF;
        foreach ([Position::ThirdBase, Position::Shortstop, Position::SecondBase, Position::FirstBase] as $position) {
            $away = abs($cast->at($position)->start->sprayDegrees() - $degrees);
            [$nearest, $least] = $away < $least ? [$position, $away] : [$nearest, $least];
        }

        return $nearest;
    }
}
