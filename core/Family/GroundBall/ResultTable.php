<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\GroundBall;

use FoxCorner\Core\Play\Grid\BallFielded;

/** What ground balls at each infielder come to in a situation: soft, ordinary and hard ones. */
final readonly class ResultTable
{
    /** Of an ordinary ground ball's speed. */
    public const KINDS = ['Soft' => 0.55, 'Ordinary' => 1.0, 'Hard' => 1.25];

    /** @param array<int, array<string, BallFielded>> $rows by position number, from third to first, then kind */
    private function __construct(public array $rows) {}

    public static function of(GroundDefence $defence): self
    {
        $scene = $defence->scene;
        $rows = [];
        foreach (Starter::WHO as $position) {
            $degrees = Starter::toward($scene, $position);
            foreach (self::KINDS as $kind => $share) {
                $trial = GroundBallTrial::hit($degrees, $share * $scene->level->groundBallSpeed, $scene->rules);
                $rows[$position->value][$kind] = $defence->fielding($trial)->comes;
            }
        }

        return new self($rows);
    }
}
