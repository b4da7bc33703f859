<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Time;

use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;

/**
 * How the minutes are spent: warm-up, daily core, rounds of stations, team defence, finish, with water in between.
 * Where else not even one round fits the core gives way.
 */
final readonly class TimePlan
{
    public const ROTATION = 1;
    public const WATER = 2;
    public const MOST_ROUNDS = 6;
    public const LONGEST = 180;

    /** @param list<Block> $blocks */
    private function __construct(public array $blocks, public TimeShape $shape) {}

    /**
     * As many rounds as fit, or where their length is free as many minutes of them; what is left over goes to team
     * defence, or to the warm-up where there is none.
     *
     * @throws Problem when not even one round fits, or nobody could stand it
     */
    public static function within(int $minutes, ?TimeShape $shape = null): self
    {
        $shapes = ($shape ?? TimeShape::usual($minutes))->rounds();
        $plans = array_map(
            static fn(TimeShape $one): self => self::withRounds($minutes, $one),
            array_filter($shapes, static fn(TimeShape $one): bool => self::least($one->withCore(0)) <= $minutes),
        );
        $taught = static fn(self $plan): int => $plan->minutesOf(BlockKind::Round);
        usort($plans, static fn(self $a, self $b): int => $taught($b) <=> $taught($a));

        return $plans[0] ?? self::withRounds($minutes, $shapes[array_key_last($shapes)]);
    }

    private static function withRounds(int $minutes, TimeShape $shape): self
    {
        while ($shape->core > 0 && self::least($shape) > $minutes) {
            $shape = $shape->withCore($shape->core - 1);
        }
        OutOfRange::unlessBetween(
            'minutes',
            $minutes,
            self::least($shape),
            self::LONGEST,
            'minutes: warm-up, a round of stations, team defence, finish',
        );
        $rounds = self::MOST_ROUNDS;
        while ($rounds > 1 && self::lay($shape, $rounds, $shape->teamDefence, $shape->warmUp)->minutes() > $minutes) {
            --$rounds;
        }
        // The warm-up takes the few minutes that a break for water would tear out of team defence.
        $longest = self::lay($shape, $rounds, $shape->teamDefence, $shape->warmUp);
        for ($warmUp = $shape->warmUp; $warmUp <= $shape->warmUp + 2 * self::WATER; ++$warmUp) {
            for ($teamDefence = $minutes; $teamDefence >= $shape->teamDefence; --$teamDefence) {
                $plan = self::lay($shape, $rounds, $teamDefence, min($warmUp, $shape->waterEvery()));
                if ($plan->minutes() === $minutes) {
                    return $plan;
                }
                $longest = $plan->minutes() < $minutes && $plan->minutes() > $longest->minutes() ? $plan : $longest;
            }
        }

        // A minute or two that fit nowhere: water at the end.
        return new self(
            [...$longest->blocks, new Block(BlockKind::Water, $longest->minutes(), $minutes - $longest->minutes())],
            $shape,
        );
    }

    public static function least(TimeShape $shape): int
    {
        return self::lay($shape, 1, $shape->teamDefence, $shape->warmUp)->minutes();
    }

    public function minutes(): int
    {
        return $this->blocks[\count($this->blocks) - 1]->end();
    }

    /** @return list<Block> */
    public function rounds(): array
    {
        return $this->of(BlockKind::Round);
    }

    /** min of all blocks of a kind */
    public function minutesOf(BlockKind $kind): int
    {
        return array_sum(array_map(static fn(Block $block): int => $block->minutes, $this->of($kind)));
    }

    /** @return list<Block> */
    private function of(BlockKind $kind): array
    {
        return array_values(array_filter($this->blocks, static fn(Block $block): bool => $kind === $block->kind));
    }

    private static function lay(TimeShape $shape, int $rounds, int $teamDefence, int $warmUp): self
    {
        $wanted = [[BlockKind::WarmUp, $warmUp]];
        if ($shape->core > 0) {
            $wanted[] = [BlockKind::DailyCore, $shape->core];
        }
        for ($round = 1; $round <= $rounds; ++$round) {
            $wanted[] = [BlockKind::Rotation, self::ROTATION];
            $wanted[] = [BlockKind::Round, $shape->round];
        }
        for ($left = $teamDefence; $left > 0; $left -= $shape->waterEvery()) {
            $wanted[] = [BlockKind::TeamDefence, min($shape->waterEvery(), $left)];
        }
        if ($shape->finish > 0) {
            $wanted[] = [BlockKind::Finish, $shape->finish];
        }

        [$blocks, $clock, $dry] = [[], 0, 0];
        foreach ($wanted as $index => [$kind, $minutes]) {
            $needed = BlockKind::Rotation === $kind ? $minutes + $wanted[$index + 1][1] : $minutes;
            // What is light at the end needs none before it, unless it is hot.
            $isLight = BlockKind::Finish === $kind && !$shape->isHot;
            if ($dry > 0 && !$isLight && $dry + $needed > $shape->waterEvery()) {
                $blocks[] = new Block(BlockKind::Water, $clock, self::WATER);
                [$clock, $dry] = [$clock + self::WATER, 0];
            }
            $blocks[] = new Block($kind, $clock, $minutes);
            $clock += $minutes;
            // Counted from when they play; in heat from the first step.
            $dry += BlockKind::WarmUp === $kind && !$shape->isHot ? 0 : $minutes;
        }

        return new self($blocks, $shape);
    }
}
