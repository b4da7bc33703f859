<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Cast;

use FoxCorner\Core\Alignment\Alignment;
use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Alignment\Spot;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Motion\Legs;
use FoxCorner\Core\Motion\MotionProfile;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\PositionGroup;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\People\Traits;

/** The nine who play, standing in an alignment. */
final readonly class Cast
{
    /** @param array<int, CastMember> $members by position number */
    private function __construct(private array $members) {}

    public static function of(Lineup $lineup, Alignment $alignment, RuleSet $rules, LevelProfile $level): self
    {
        $members = [];
        foreach ($lineup->players() as $number => $player) {
            $position = Position::from($number);
            $motion = $level->motion;
            $share =
                PositionGroup::Outfield === $position->group()
                    ? $motion->outfieldSpeedShare
                    : $motion->infieldSpeedShare;
            $members[$number] = new CastMember(
                $position,
                $player,
                self::atContact($alignment->spot($position), $player, $motion),
                $level->fieldingLegs(self::runningLegs($player->traits, $rules, $level))->at($share),
                Position::Pitcher === $position
                    ? $motion->pitcherRecovery * $player->traits->fielding->recoveryShare()
                    : $motion->plannedReaction,
                Speed::ofMph($player->traits->armMph ?? $level->armAt($position)),
                null === $player->traits->exchange
                    ? 0.0
                    : $player->traits->exchange -
                        (Position::Catcher === $position ? $level->running->catcherExchange : $motion->exchangeSet),
            );
        }

        return new self($members);
    }

    /** The same nine with one of them somewhere else before the pitch. */
    public function moved(Position $position, Point $to): self
    {
        return $this->with($this->at($position)->movedTo($to, $this->at($position)->reaction));
    }

    /** The same nine, one of whom stands elsewhere or starts otherwise. */
    public function with(CastMember $member): self
    {
        $members = $this->members;
        $members[$member->position->value] = $member;

        return new self($members);
    }

    /**
     * The same nine, of whom nobody knew what was coming: each reacts in so many seconds, or later if he always does.
     */
    public function surprised(float $reaction): self
    {
        return new self(
            array_map(
                static fn(CastMember $member): CastMember => $member->leaving(max($reaction, $member->reaction)),
                $this->members,
            ),
        );
    }

    /** The same nine, each so many seconds sooner off, though not before contact; the pitcher still has to finish. */
    public function sooner(float $seconds): self
    {
        return new self(
            array_map(
                static fn(CastMember $member): CastMember => Position::Pitcher === $member->position
                    ? $member
                    : $member->leaving(max(0.0, $member->reaction - $seconds)),
                $this->members,
            ),
        );
    }

    public function at(Position $position): CastMember
    {
        return $this->members[$position->value];
    }

    /** The legs behind a player's measured home-to-first time, or behind the level's when there is none. */
    public static function runningLegs(Traits $traits, RuleSet $rules, LevelProfile $level): Legs
    {
        if (null === $traits->homeToFirst) {
            return Legs::fromHomeToFirst(
                $level->homeToFirstOver($rules->basePath),
                $level->motion->startRight,
                $rules->basePath,
                $level->motion->accelerationTime,
            );
        }

        return Legs::fromHomeToFirst(
            $traits->homeToFirst,
            $traits->bats->startDelay($level->motion),
            $rules->basePath,
            $level->motion->accelerationTime,
        );
    }

    /**
     * The delivery carries the pitcher toward home, and to the side of the arm that does not throw: a left-hander
     * toward third. A first baseman who has held the runner shuffles off along the base line as the pitch goes.
     */
    private static function atContact(Spot $spot, RosterPlayer $player, MotionProfile $motion): Point
    {
        $point = $spot->placement->point();
        if (Position::FirstBase === $spot->position && NamedDepth::Hold === $spot->depth && !$spot->byHand) {
            return $point->plus(-\M_SQRT1_2 * $motion->holdShuffle, \M_SQRT1_2 * $motion->holdShuffle);
        }
        if (Position::Pitcher !== $spot->position) {
            return $point;
        }
        $side = Hand::Left === $player->traits->throws ? -$motion->pitcherFall : $motion->pitcherFall;

        return $point->plus($side, -$motion->pitcherStride);
    }
}
