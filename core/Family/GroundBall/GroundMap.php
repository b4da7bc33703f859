<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\GroundBall;

use FoxCorner\Core\Field\Point;

/** What ground balls come to all over the infield: soft, ordinary and hard ones, an arc of each from line to line. */
final readonly class GroundMap
{
    /** Degrees between two balls, and from straight away to the last ones. */
    public const APART = 4.0;
    private const LAST = 44.0;
    /** Base paths from home at which the balls of a kind are drawn, so that they stand apart (ours). */
    public const ARCS = ['Soft' => 0.62, 'Ordinary' => 1.02, 'Hard' => 1.44];

    /** @param non-empty-list<MappedGroundBall> $balls by how hard they are hit, each from third to first */
    private function __construct(public array $balls) {}

    public static function of(GroundDefence $defence): self
    {
        $scene = $defence->scene;
        $balls = [];
        foreach (ResultTable::KINDS as $kind => $share) {
            foreach (range(-self::LAST, self::LAST, self::APART) as $degrees) {
                $trial = GroundBallTrial::hit($degrees, round($share * $scene->level->groundBallSpeed), $scene->rules);
                $at = Point::polar(self::ARCS[$kind] * $scene->rules->basePath, $degrees);
                $balls[] = new MappedGroundBall($kind, $trial, $at, $defence->fielding($trial)->comes);
            }
        }

        return new self($balls);
    }

    /** @return list<MappedGroundBall> that are hit so hard, from third to first */
    public function ofKind(string $kind): array
    {
        return array_values(array_filter($this->balls, static fn(MappedGroundBall $one): bool => $kind === $one->kind));
    }
}
