<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\GroundBall;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Motion\Throws;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Ball\Hands;
use FoxCorner\Core\Play\Grid\Onward;

/** From a ball at a spot to a bag: the feeds that are there. */
final readonly class Feeds
{
    /** Degrees off straight ahead from which a target counts as at the side, and as behind. */
    private const SIDE = 35.0;
    private const BEHIND = 110.0;
    /** Degrees up to which a backhand still sees its target (ours). */
    private const SEEN = 150.0;
    /** s of a drop-step that opens the hips a quarter turn (ours). */
    private const OPENS = 0.12;
    /** Degrees of a level's throws from which on nobody is taught a stunt (ours): high school has it, boys do not. */
    private const STEADY = 0.9;

    private float $feet;
    /** Degrees from where he faces, home, to the bag: to the side of his arm, or less than 0. */
    private float $toArm;

    /** @param Point $from where the ball is fielded */
    public function __construct(
        private Feeder $who,
        Point $from,
        private Base $base,
        private RuleSet $rules,
        private LevelProfile $level,
    ) {
        $bag = $rules->diamond()->at($base);
        $this->feet = $from->distanceTo($bag);
        $turn = rad2deg(atan2($bag->y - $from->y, $bag->x - $from->x) - atan2(-$from->y, -$from->x));
        // Third's side is to the right of who faces home.
        $left = fmod($turn + 540.0, 360.0) - 180.0;
        $this->toArm = Hand::Right === $who->throws ? -$left : $left;
    }

    /** @return non-empty-list<FeedChoice> the best first */
    public function all(): array
    {
        $feeds = array_map($this->by(...), array_values(array_filter(FeedKind::cases(), $this->fits(...))));
        usort($feeds, static fn(FeedChoice $a, FeedChoice $b): int => $a->worth() <=> $b->worth());

        return [] === $feeds ? throw new \LogicException('A full throw is always there.') : $feeds;
    }

    private function fits(FeedKind $kind): bool
    {
        if ($this->feet > $kind->upTo() || ($kind->isAStunt() && $this->level->skills->throw > self::STEADY)) {
            return false;
        }
        $aside = abs($this->toArm);
        $isSecondBase = Position::SecondBase === $this->who->position;
        $isFar = $this->feet > Giving::UNDERHAND_UP_TO;

        return match ($kind) {
            FeedKind::OwnBag, FeedKind::Dart => true,
            // Toward the bag from short; from second base it is at his side.
            FeedKind::Underhand => !$isSecondBase || $aside <= self::SIDE,
            FeedKind::Full => $isFar,
            // Across the front of the body, from the glove side to the arm's.
            FeedKind::SideToss => $isSecondBase && $aside > self::SIDE,
            FeedKind::Backhand => $this->toArm > self::SIDE && $this->toArm < self::SEEN,
            FeedKind::Spin => -$this->toArm > self::BEHIND && $isFar,
            FeedKind::Jump => $this->toArm > self::SIDE && $isFar,
        };
    }

    private function by(FeedKind $kind): FeedChoice
    {
        $motion = $this->level->motion;
        $exchange = $motion->exchangeSet * $kind->exchange();
        if (FeedKind::OwnBag === $kind) {
            $onHisFeet = $exchange + $this->who->legs->secondsFor($this->feet);

            return new FeedChoice($kind, $this->feet, $onHisFeet, 1.0, $motion->exchangeSet * Onward::OFF_THE_BAG, 1.0);
        }
        $speed = $kind->mph();
        $arm = $this->who->arm;
        $throwing = Throws::of(Ball::for($this->rules->sport));
        $flight =
            null === $speed
                ? $throwing->given($this->feet, $arm)
                : $throwing->seconds($this->feet, $speed < $arm->mph() ? Speed::ofMph($speed) : $arm);
        // Dart and full throw need the hips open: a drop-step toward the arm's side takes time.
        $opens = \in_array($kind, [FeedKind::Dart, FeedKind::Full], true)
            ? self::OPENS * max(0.0, min(1.0, $this->toArm / 90.0))
            : 0.0;
        $skills = $this->level->skills;

        return new FeedChoice(
            $kind,
            $this->feet,
            $exchange + $opens + $flight,
            Giving::caught($this->feet, Giving::reach($this->base), $skills->throw, $skills->bag, 0.0, $kind->wider()),
            $motion->exchangePivot,
            Hands::pivotKept($skills),
        );
    }
}
