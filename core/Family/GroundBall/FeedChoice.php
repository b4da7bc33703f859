<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\GroundBall;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\Sport;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\Motion\Legs;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Motion\Throws;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Ball\Hands;
use FoxCorner\Core\Play\Grid\Onward;

/** From a ball at a spot to a bag: which feed, how long it takes and how surely it is caught; the best one first. */
final readonly class FeedChoice
{
    /** s that a hundredth of reliability is worth when feeds are compared (ours). */
    private const SURE = 0.02;
    /** Degrees off straight ahead from which a target counts as at the side, and as behind. */
    private const SIDE = 35.0;
    private const BEHIND = 110.0;
    /** Degrees up to which a backhand still sees its target (ours). */
    private const SEEN = 150.0;
    /** s of a drop-step that opens the hips a quarter turn (ours). */
    private const OPENS = 0.12;

    /**
     * @param float $seconds     from the ball in hand to the catch, or to his own foot on the bag
     * @param float $reliability chance that it is caught and held
     * @param float $onward      s from then until the ball can leave for the next bag
     * @param float $kept        chance that it does
     */
    private function __construct(
        public FeedKind $kind,
        public float $feet,
        public float $seconds,
        public float $reliability,
        private float $onward,
        private float $kept,
    ) {}

    /**
     * @param Point $from where the ball is fielded
     * @param Speed $arm  of whoever fields it
     * @param Legs  $legs his
     *
     * @return non-empty-list<self>
     */
    public static function all(
        Position $position,
        Hand $throws,
        Point $from,
        Base $base,
        Diamond $diamond,
        Sport $sport,
        LevelProfile $level,
        Speed $arm,
        Legs $legs,
    ): array {
        $bag = $diamond->at($base);
        $feet = $from->distanceTo($bag);
        $turn = self::turn($from, $bag);
        $feeds = [];
        foreach (FeedKind::cases() as $kind) {
            if (self::fits($kind, $position, $feet, $turn, $throws)) {
                $feeds[] = self::by($kind, $feet, $turn, $throws, $base, $sport, $level, $arm, $legs);
            }
        }
        usort($feeds, static fn(self $a, self $b): int => $a->worth() <=> $b->worth());

        return [] === $feeds ? throw new \LogicException('A full throw is always there.') : $feeds;
    }

    /** Smaller is better: seconds until it can go on, with what is unsure counted in. */
    private function worth(): float
    {
        return $this->seconds + $this->onward + 100 * (1 - $this->reliability * $this->kept) * self::SURE;
    }

    /** Degrees from where he faces, home, to the bag: negative to his right, third's side. */
    private static function turn(Point $from, Point $bag): float
    {
        $home = atan2(-$from->y, -$from->x);
        $there = atan2($bag->y - $from->y, $bag->x - $from->x);

        return fmod(rad2deg($there - $home) + 540.0, 360.0) - 180.0;
    }

    private static function fits(FeedKind $kind, Position $position, float $feet, float $turn, Hand $throws): bool
    {
        if ($feet > $kind->upTo()) {
            return false;
        }
        $toArm = Hand::Right === $throws ? $turn < 0.0 : $turn > 0.0;
        $aside = abs($turn);

        return match ($kind) {
            FeedKind::OwnBag, FeedKind::Dart => true,
            // Toward the bag from short; from second base it is at his side.
            FeedKind::Underhand => Position::SecondBase !== $position || $aside <= self::SIDE,
            FeedKind::Full => $feet > Giving::UNDERHAND_UP_TO,
            // Across the front of the body, from the glove side to the arm's.
            FeedKind::SideToss => Position::SecondBase === $position && $aside > self::SIDE,
            FeedKind::Backhand => $toArm && $aside > self::SIDE && $aside < self::SEEN,
            FeedKind::Spin => !$toArm && $aside > self::BEHIND && $feet > Giving::UNDERHAND_UP_TO,
            FeedKind::Jump => $toArm && $aside > self::SIDE && $feet > Giving::UNDERHAND_UP_TO,
        };
    }

    private static function by(
        FeedKind $kind,
        float $feet,
        float $turn,
        Hand $throws,
        Base $base,
        Sport $sport,
        LevelProfile $level,
        Speed $arm,
        Legs $legs,
    ): self {
        $motion = $level->motion;
        $toArm = Hand::Right === $throws ? $turn < 0.0 : $turn > 0.0;
        if (FeedKind::OwnBag === $kind) {
            return new self(
                $kind,
                $feet,
                $motion->exchangeSet * $kind->exchange() + $legs->secondsFor($feet),
                1.0,
                $motion->exchangeSet * Onward::OFF_THE_BAG,
                1.0,
            );
        }
        $speed = $kind->mph();
        $throwing = Throws::of(Ball::for($sport));
        $flight =
            null === $speed
                ? $throwing->given($feet, $arm)
                : $throwing->seconds($feet, $speed < $arm->mph() ? Speed::ofMph($speed) : $arm);
        // Dart and full throw need the hips open: a drop-step toward the arm's side takes time.
        $opens =
            \in_array($kind, [FeedKind::Dart, FeedKind::Full], true) && $toArm
                ? self::OPENS * min(1.0, abs($turn) / 90.0)
                : 0.0;

        return new self(
            $kind,
            $feet,
            $motion->exchangeSet * $kind->exchange() + $opens + $flight,
            Giving::caught(
                $feet,
                Giving::reach($base),
                $level->skills->throw,
                $level->skills->bag,
                0.0,
                $kind->wider(),
            ),
            $motion->exchangePivot,
            Hands::pivotKept($level->skills),
        );
    }
}
