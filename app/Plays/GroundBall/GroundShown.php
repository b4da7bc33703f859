<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\GroundBall;

use FoxCorner\App\Plays\MappedBall;
use FoxCorner\Core\Family\GroundBall\GroundBallTrial;
use FoxCorner\Core\Family\GroundBall\GroundMap;
use FoxCorner\Core\Family\GroundBall\MappedGroundBall;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Play\Map\MapOutcome;

/** The map of ground balls in the words of the page. */
final readonly class GroundShown
{
    /** Places through which ordinary balls go that a title names. */
    private const NAMED = 2;
    /** ft outside an arc at which the number of whoever fields there stands. */
    private const BESIDE = 9.0;
    /** Degrees from straight away at which the word of an arc ends, in foul ground. */
    private const OUTSIDE = 48.0;

    public function __construct(public GroundMap $map) {}

    /** Where ordinary ground balls get through us: "Ordinary ground balls get through down the third-base line". */
    public function title(): string
    {
        $through = [];
        foreach ($this->map->ofKind('Ordinary') as $ball) {
            if (MapOutcome::Safe === $ball->outcome()) {
                $through[GroundBallTrial::toward($ball->trial->degrees)] = true;
            }
        }
        $places = array_keys($through);

        return match (true) {
            [] === $places => 'No ordinary ground ball gets through',
            \count($places) > self::NAMED => \sprintf(
                'Ordinary ground balls get through in %d places',
                \count($places),
            ),
            default => 'Ordinary ground balls get through ' . implode(' and ', $places),
        };
    }

    /** @return list<array{words: string, at: Point}> how hard the balls of each arc are hit, at its left end */
    public function labels(): array
    {
        $labels = [];
        foreach ($this->map->balls as $ball) {
            $far = hypot($ball->at->x, $ball->at->y);
            $labels[$ball->kind] ??= ['words' => $ball->kind, 'at' => Point::polar($far, -self::OUTSIDE)];
        }

        return array_values($labels);
    }

    /** @return list<array{number: int, at: Point}> who fields which stretch of an arc, beside its middle */
    public function stretches(): array
    {
        $stretches = [];
        $run = [];
        foreach ($this->map->balls as $index => $ball) {
            $run[] = $ball;
            $next = $this->map->balls[$index + 1] ?? null;
            if ($next?->kind !== $ball->kind || self::number($next) !== self::number($ball)) {
                $number = self::number($ball);
                if (null !== $number) {
                    $stretches[] = ['number' => $number, 'at' => self::beside($run)];
                }
                $run = [];
            }
        }

        return $stretches;
    }

    /** @param non-empty-list<MappedGroundBall> $run */
    private static function beside(array $run): Point
    {
        $middle = ($run[0]->trial->degrees + $run[\count($run) - 1]->trial->degrees) / 2;

        return Point::polar(self::BESIDE + hypot($run[0]->at->x, $run[0]->at->y), $middle);
    }

    private static function number(MappedGroundBall $ball): ?int
    {
        return $ball->comes->met?->by->who->position->value;
    }

    /** @return list<MappedBall> */
    public function balls(): array
    {
        return array_map(
            static fn(MappedGroundBall $ball): MappedBall => new MappedBall(
                $ball->at,
                $ball->outcome(),
                $ball->sureness(),
                array_filter(GroundBallControls::carried($ball->trial), is_string(...)),
                self::words($ball),
            ),
            $this->map->balls,
        );
    }

    private static function words(MappedGroundBall $ball): string
    {
        $by = $ball->comes->met?->by->who;

        return \sprintf(
            '%s, %s: %s%d %s in 100.',
            $ball->kind,
            GroundBallTrial::toward($ball->trial->degrees),
            null === $by ? 'nobody is there, ' : $by->position->value . ' ' . $by->player->name . ', ',
            round(100 * (MapOutcome::Lead === $ball->outcome() ? $ball->comes->two : $ball->comes->out)),
            MapOutcome::Lead === $ball->outcome() ? 'times two' : 'times out',
        );
    }
}
