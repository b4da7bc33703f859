<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice;

use FoxCorner\Core\InvalidValue;

/** How the minutes are spent: warm-up, rounds of stations, team defence, finish, with water in between. */
final readonly class TimePlan
{
    public const WARM_UP = 12;
    /** min; the warm-up takes the minutes that fit nowhere else, up to this. */
    private const LONGEST_WARM_UP = 16;
    public const ROUND = 8;
    public const ROTATION = 1;
    public const WATER = 2;
    public const FINISH = 5;
    /** Team defence shorter than this teaches nothing (ours). */
    public const LEAST_TEAM_DEFENCE = 10;
    public const MOST_ROUNDS = 6;
    /** min without water. Source: the project's model. */
    private const WATER_EVERY = 20;

    /** @param list<Block> $blocks */
    private function __construct(public array $blocks)
    {
    }

    /**
     * As many rounds as fit; what is left over goes to team defence.
     *
     * @throws InvalidValue when not even one round fits, or nobody could stand it
     */
    public static function within(int $minutes): self
    {
        InvalidValue::unlessBetween('minutes', $minutes, self::least(), 180, 'minutes: warm-up, a round of stations, team defence, finish');
        $rounds = self::MOST_ROUNDS;
        while ($rounds > 1 && self::lay($rounds, self::LEAST_TEAM_DEFENCE, self::WARM_UP)->minutes() > $minutes) {
            --$rounds;
        }
        for ($teamDefence = $minutes; $teamDefence >= self::LEAST_TEAM_DEFENCE; --$teamDefence) {
            for ($warmUp = self::WARM_UP; $warmUp <= self::LONGEST_WARM_UP; ++$warmUp) {
                $plan = self::lay($rounds, $teamDefence, $warmUp);
                if ($plan->minutes() === $minutes) {
                    return $plan;
                }
            }
        }

        throw new \LogicException("No way found to spend $minutes minutes.");
    }

    public static function least(): int
    {
        return self::lay(1, self::LEAST_TEAM_DEFENCE, self::WARM_UP)->minutes();
    }

    public function minutes(): int
    {
        return $this->blocks[\count($this->blocks) - 1]->end();
    }

    /** @return list<Block> */
    public function rounds(): array
    {
        return array_values(array_filter($this->blocks, static fn(Block $block): bool => BlockKind::Round === $block->kind));
    }

    private static function lay(int $rounds, int $teamDefence, int $warmUp): self
    {
        $wanted = [[BlockKind::WarmUp, $warmUp]];
        for ($round = 1; $round <= $rounds; ++$round) {
            $wanted[] = [BlockKind::Rotation, self::ROTATION];
            $wanted[] = [BlockKind::Round, self::ROUND];
        }
        for ($left = $teamDefence; $left > 0; $left -= self::WATER_EVERY) {
            $wanted[] = [BlockKind::TeamDefence, min(self::WATER_EVERY, $left)];
        }
        $wanted[] = [BlockKind::Finish, self::FINISH];

        [$blocks, $clock, $dry] = [[], 0, 0];
        foreach ($wanted as $index => [$kind, $minutes]) {
            $needed = BlockKind::Rotation === $kind ? $minutes + $wanted[$index + 1][1] : $minutes;
            if ($dry > 0 && $dry + $needed > self::WATER_EVERY) {
                $blocks[] = new Block(BlockKind::Water, $clock, self::WATER);
                [$clock, $dry] = [$clock + self::WATER, 0];
            }
            $blocks[] = new Block($kind, $clock, $minutes);
            [$clock, $dry] = [$clock + $minutes, $dry + $minutes];
        }

        return new self($blocks);
    }
}
