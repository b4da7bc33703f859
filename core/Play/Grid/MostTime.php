<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

/**
 * Where a ball gives a fielder most time: as it leaves the circle that he reaches standing, or a little beyond where it
 * is nearest to him. The first feet of a run take so long that looks along its way can pass it by.
 */
final readonly class MostTime
{
    /** Golden sections by which it is closed in on, each to .618 of what was left. */
    private const ROUNDS = 5;
    private const GOLDEN = 0.6180339887;

    /**
     * @param float $reach  ft from the fielder that he reaches standing
     * @param float $aside  ft from the way to the fielder
     * @param float $beside ft along the way where he is nearest to it
     */
    private function __construct(
        private GroundFielder $who,
        private float $reach,
        private BallWay $way,
        private float $aside,
        private float $beside,
    ) {}

    /** @return array{float, float, float} ft from home, s from contact, s to spare */
    public static function of(GroundFielder $who, float $reach, BallWay $way, float $aside, float $beside): array
    {
        $search = new self($who, $reach, $way, $aside, $beside);

        return $aside < $reach
            ? $search->at($beside + sqrt($reach ** 2 - $aside ** 2))
            : $search->between($beside, min($beside + 2 * $way->step, $way->ball->restDistance()));
    }

    /** @return array{float, float, float} */
    private function between(float $low, float $high): array
    {
        $near = $this->at($high - self::GOLDEN * ($high - $low));
        $far = $this->at($low + self::GOLDEN * ($high - $low));
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            if ($near[2] < $far[2]) {
                $low = $near[0];
                $near = $far;
                $far = $this->at($low + self::GOLDEN * ($high - $low));
            } else {
                $high = $far[0];
                $far = $near;
                $near = $this->at($high - self::GOLDEN * ($high - $low));
            }
        }

        return $near[2] < $far[2] ? $far : $near;
    }

    /** @return array{float, float, float} */
    private function at(float $along): array
    {
        $away = $along - $this->beside;
        $seconds = $this->way->ball->secondsTo($along) ?? \INF;
        $run = $this->who->run->seconds(sqrt($this->aside * $this->aside + $away * $away) - $this->reach);

        return [$along, $seconds, $seconds - $this->who->reaction - $run];
    }
}
