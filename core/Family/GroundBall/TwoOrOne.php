<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\GroundBall;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Motion\RollingBall;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Grid\Aim;
use FoxCorner\Core\Play\Grid\BallWay;
use FoxCorner\Core\Play\Grid\GroundPlays;
use FoxCorner\Core\Play\Grid\GroundReach;
use FoxCorner\Core\Play\Grid\GroundSetting;
use FoxCorner\Core\Play\Grid\Met;
use FoxCorner\Core\Play\Grid\ReachSearch;

/**
 * When two are on for a starter: for balls hit at him, by how hard they are hit and how fast the batter runs.
 *
 * Two where going for both costs least and the second out comes at least one time in three; the lead runner alone where
 * he is worth more than the batter; else first.
 */
final readonly class TwoOrOne
{
    private function __construct(private GroundSetting $setting, private ReachSearch $search, private float $degrees) {}

    /** @param int $starter the position number of an infielder */
    public static function of(GroundSetting $setting, int $starter): self
    {
        $fielder = $setting->fielders[$starter];

        return new self($setting, new ReachSearch($fielder, $setting), $fielder->who->start->sprayDegrees());
    }

    /**
     * @param list<float> $speeds mph
     * @param list<float> $times  s
     *
     * @return list<list<TwoOrOneCall>> by speed, then time
     */
    public function chart(array $speeds, array $times): array
    {
        $plays = array_map($this->against(...), $times);
        $rows = [];
        foreach ($speeds as $mph) {
            $met = $this->met($mph);
            $rows[] = array_map(static fn(GroundPlays $one): TwoOrOneCall => self::called($met, $one), $plays);
        }

        return $rows;
    }

    private function against(float $homeToFirst): GroundPlays
    {
        return new GroundPlays($this->setting->against($homeToFirst));
    }

    private function met(float $mph): ?Met
    {
        $ball = RollingBall::groundBall(Speed::ofMph($mph), $this->setting->rules->surface, $this->degrees);
        $way = BallWay::of($ball, $this->setting->rules->basePath, $this->setting->level->motion);
        $reach = GroundReach::of($this->search, $way, $ball->directionX, $ball->directionY);

        return GroundReach::NEVER === $reach->along[0]
            ? null
            : Met::of($reach->who, $way, $reach->along[0], $ball->directionX, $ball->directionY);
    }

    /** @param Met|null $met null: it gets by him */
    private static function called(?Met $met, GroundPlays $plays): TwoOrOneCall
    {
        if (null === $met) {
            return new TwoOrOneCall('first', 0.0);
        }
        $aims = $plays->aims($met->by->number);
        $tried = $plays->tried($met, 0.0);
        $best = 0;
        $two = 0.0;
        foreach ($tried as $index => $one) {
            $aim = $aims[$index]->aim;
            if ($aim->needsGoing || Base::Home === $aim->bag) {
                continue;
            }
            $best = $one[1] < $tried[$best][1] ? $index : $best;
            $two = $one[3] > $two ? $one[3] : $two;
        }

        return new TwoOrOneCall(self::word($aims[$best]->aim, $tried[$best][3]), $two);
    }

    private static function word(Aim $aim, float $both): string
    {
        return match (true) {
            $both >= Timeline::TWO_FROM => 'two',
            Base::First === $aim->bag => 'first',
            default => 'lead',
        };
    }
}
