<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\Field\Sport;
use FoxCorner\Core\Motion\MotionProfile;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Cast\Cast;

/** Who takes the throws at each bag when one of the infield has the ball, and when he is there. */
final readonly class Covering
{
    /** s by which who covers second comes under control, so that he can throw on. Source: the project's calibration. */
    public const UNDER_CONTROL = 0.38;

    /** @param array<int, array<int, array{int, float}>> $there by base, then fielder: the cover's number, seconds */
    private function __construct(public array $there) {}

    public static function of(Cast $cast, Diamond $diamond, MotionProfile $motion, Sport $sport): self
    {
        return self::by(
            static fn(Base $base, Position $fielder): array => self::sent($base, $fielder, $sport),
            $cast,
            $diamond,
            $motion,
        );
    }

    /**
     * By a coverage of one's own.
     *
     * @param callable(Base, Position): list<Position> $sent who is sent to a bag when that one has the ball
     */
    public static function by(callable $sent, Cast $cast, Diamond $diamond, MotionProfile $motion): self
    {
        $there = [];
        foreach (Base::cases() as $base) {
            foreach (Position::INFIELD as $fielder) {
                $best = [0, \INF];
                foreach ($sent($base, $fielder) as $cover) {
                    $seconds = self::seconds($cast, $cover, $base, $diamond, $motion);
                    $best = $seconds < $best[1] ? [$cover->value, $seconds] : $best;
                }
                $there[$base->value][$fielder->value] = $best;
            }
        }

        return new self($there);
    }

    /**
     * Who is sent to a bag; of two, whoever is there first.
     *
     * When the first baseman has it, the pitcher goes to first; in softball, where he is close, the second baseman. Who
     * covers second depends on the side from which the feed comes.
     *
     * @return list<Position>
     */
    public static function sent(Base $base, Position $fielder, Sport $sport): array
    {
        return match ($base) {
            Base::First => match ($fielder) {
                Position::FirstBase => [$sport->isSoftball() ? Position::SecondBase : Position::Pitcher],
                Position::SecondBase => [Position::FirstBase],
                default => [Position::FirstBase, Position::SecondBase],
            },
            Base::Second => match ($fielder) {
                Position::Shortstop, Position::ThirdBase => [Position::SecondBase],
                Position::SecondBase, Position::FirstBase => [Position::Shortstop],
                default => [Position::Shortstop, Position::SecondBase],
            },
            Base::Third => Position::ThirdBase === $fielder ? [Position::Shortstop] : [Position::ThirdBase],
            Base::Home => Position::Catcher === $fielder ? [Position::Pitcher] : [Position::Catcher],
        };
    }

    private static function seconds(
        Cast $cast,
        Position $cover,
        Base $base,
        Diamond $diamond,
        MotionProfile $motion,
    ): float {
        $who = $cast->at($cover);
        $run = $who->legs->secondsFor($who->start->distanceTo($diamond->at($base)));

        return Base::Second === $base
            ? max($motion->infieldReaction, $who->reaction) + $run + self::UNDER_CONTROL
            : $who->reaction + $run;
    }
}
