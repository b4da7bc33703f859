<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Check;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Clock\Move;
use FoxCorner\Core\Play\Clock\Timeline;

/** Two infielders who come so close while both run that they may collide. */
final readonly class PathsCross implements PlayCheck
{
    private const WHO = [
        Position::Pitcher,
        Position::Catcher,
        Position::FirstBase,
        Position::SecondBase,
        Position::ThirdBase,
        Position::Shortstop,
    ];
    /** ft; closer is a collision. */
    private const TOO_CLOSE = 3.5;
    /** s between two looks. */
    private const LOOK = 0.15;

    public function findings(Timeline $play): array
    {
        $areas = [];
        foreach (self::WHO as $position) {
            $move = $play->move($position);
            if ($move->there() > self::LOOK && [] !== $move->jobs) {
                $areas[$position->value] = self::area($move);
            }
        }
        $findings = $ways = [];
        foreach ($areas as $one => $area) {
            foreach ($areas as $other => $otherArea) {
                if ($other <= $one || self::areApart($area, $otherArea)) {
                    continue;
                }
                $at = self::meet(
                    $ways[$one] ??= self::looks($play->moves[$one]),
                    $ways[$other] ??= self::looks($play->moves[$other]),
                );
                if (null !== $at && !self::yields($play, Position::from($one), Position::from($other))) {
                    $findings[] = self::finding($play, Position::from($one), Position::from($other), $at);
                }
            }
        }

        return $findings;
    }

    /** Whether one takes the bag himself, the ball in his hand, and the other who was to cover it sees him come. */
    private static function yields(Timeline $play, Position $one, Position $other): bool
    {
        $made = $play->called();

        return match ($made->cover) {
            $one => $one === $play->fieldedBy() && $play->move($other)->covers($made->base),
            $other => $other === $play->fieldedBy() && $play->move($one)->covers($made->base),
            default => false,
        };
    }

    /** @return array{float, float, float, float} ft: the box in which he runs, left, right, near, far */
    private static function area(Move $move): array
    {
        $across = $ahead = [];
        foreach ($move->track->keyframes as $frame) {
            $across[] = $frame->point->x;
            $ahead[] = $frame->point->y;
        }

        return [min($across), max($across), min($ahead), max($ahead)];
    }

    /**
     * @param array{float, float, float, float} $one
     * @param array{float, float, float, float} $other
     */
    private static function areApart(array $one, array $other): bool
    {
        return $one[1] + self::TOO_CLOSE < $other[0] ||
            $other[1] + self::TOO_CLOSE < $one[0] ||
            $one[3] + self::TOO_CLOSE < $other[2] ||
            $other[3] + self::TOO_CLOSE < $one[2];
    }

    /** @return list<Point> while the fielder is on the way */
    private static function looks(Move $move): array
    {
        $looks = [];
        for ($seconds = self::LOOK; $seconds < $move->there(); $seconds += self::LOOK) {
            $looks[] = $move->track->at($seconds);
        }

        return $looks;
    }

    /**
     * @param list<Point> $one
     * @param list<Point> $other
     *
     * @return float|null seconds at which they meet
     */
    private static function meet(array $one, array $other): ?float
    {
        for ($look = 0, $last = min(\count($one), \count($other)); $look < $last; ++$look) {
            if (
                abs($one[$look]->x - $other[$look]->x) < self::TOO_CLOSE &&
                $one[$look]->distanceTo($other[$look]) < self::TOO_CLOSE
            ) {
                return self::LOOK * ($look + 1);
            }
        }

        return null;
    }

    private static function finding(Timeline $play, Position $one, Position $other, float $at): Finding
    {
        return new Finding(
            'paths-cross',
            "{$one->value} and {$other->value} may collide",
            \sprintf('When %d fields, their ways meet at %.1f s while both run.', $play->fieldedBy()->value, $at),
            "Let {$one->value} call early, or send {$other->value} another way.",
            $other,
            null,
            0.35,
            isClose: true,
            moment: new Moment($at, \sprintf('meet at %.1f s', $at), [$one->value, $other->value]),
        );
    }
}
