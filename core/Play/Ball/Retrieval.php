<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Ball;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Motion\BattedBall;
use FoxCorner\Core\Motion\MotionProfile;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Cast\Cast;
use FoxCorner\Core\Play\Cast\CastMember;
use FoxCorner\Core\Value\ButFor;

/** Who of the outfield has a ball, where and when, and how he came to it. */
final readonly class Retrieval
{
    use ButFor;

    /** ft; whoever has run less waits for the ball. */
    private const STILL = 6.0;
    /** ft to the fence within which a ball is played off it. */
    private const AT_FENCE = 4.0;
    /** s that a ball off a fence costs besides: the carom has to be read, and he bends for it standing (ours). */
    private const CAROM = 0.25;
    /** s by which whoever runs to a ball on the ground comes under control before he has it (ours). */
    private const GATHER = 0.38;
    /** s; of two who are there that close together the one who has priority takes it. */
    public const TOGETHER = 0.3;
    /** s between two looks; what is between them is halved so often. */
    private const STEP = 0.15;
    private const HALVINGS = 6;

    /**
     * @param CastMember $by      with the reaction that he had to this ball
     * @param float      $seconds from contact until he has it
     * @param float      $early   s that he waits for a ball in the air
     * @param float      $late    s by which he is too late to catch it; 0: on the ground
     */
    private function __construct(
        public CastMember $by,
        public Point $at,
        public float $seconds,
        public Reached $reached,
        public float $early,
        public float $late,
        private float $onX,
        private float $onY,
        private MotionProfile $motion,
    ) {}

    /** @param Reached|null $how as the coach wants to see it; null: as it comes */
    public static function of(BattedBall $ball, Cast $cast, MotionProfile $motion, ?Reached $how = null): self
    {
        $first = null;
        foreach ([Position::CenterField, Position::LeftField, Position::RightField] as $position) {
            $one = self::by($cast->at($position)->leaving($motion->outfieldReaction), $ball, $motion, $how);
            // Center comes first, and has it if he is there as soon.
            if (null === $first || $one->seconds < $first->seconds - self::TOGETHER) {
                $first = $one;
            }
        }

        return $first;
    }

    public static function by(CastMember $who, BattedBall $ball, MotionProfile $motion, ?Reached $how = null): self
    {
        $landing = $ball->landing();
        $there = $who->reaction + $who->legs->secondsFor($who->start->distanceTo($landing) - $motion->reach);
        $isCaught = $ball->isInTheAir() && $there <= $ball->hang && (null === $how || Reached::Caught === $how);
        if ($isCaught || Reached::Caught === $how) {
            return new self(
                $who,
                $landing,
                max($there, $ball->hang),
                Reached::Caught,
                max(0.0, $ball->hang - $there),
                0.0,
                0.0,
                0.0,
                $motion,
            );
        }
        $seconds = self::meets($who, $ball, $motion);

        $late = $ball->isInTheAir() ? max(0.0, $there - $ball->hang) : 0.0;

        return self::onTheGround($who, $ball, $seconds, $motion, $how)->but(late: $late);
    }

    /** The moment after which it could leave his hand, and in which direction he moves until then. */
    public function possession(): Possession
    {
        return Possession::onTheRun(
            $this->by,
            $this->at,
            $this->seconds,
            $this->motion->exchangeOutfield + $this->by->exchangeMore,
            $this->onX,
            $this->onY,
        );
    }

    private static function onTheGround(
        CastMember $who,
        BattedBall $ball,
        float $seconds,
        MotionProfile $motion,
        ?Reached $how,
    ): self {
        $at = $ball->at($seconds);
        [$x, $y] = [$at->x - $who->start->x, $at->y - $who->start->y];
        $run = hypot($x, $y);
        $outward = $run < self::STILL ? 0.0 : ($x * $ball->directionX + $y * $ball->directionY) / $run;
        $reached = $run < self::STILL ? Reached::Straight : Reached::running($outward);
        if ($ball->reachesFence() && $ball->distanceAfter($seconds) > $ball->fence - self::AT_FENCE) {
            $reached = Reached::OffFence;
        }
        $share = $run < self::STILL ? 0.0 : $who->legs->shareAfter($seconds - $who->reaction) / $run;
        [$onX, $onY] = [$x * $share, $y * $share];
        if (null !== $how && $how !== $reached) {
            [$onX, $onY] = self::heading($how, $ball, $onX, $onY);
        }
        $reached = $how ?? $reached;
        if (Reached::OffFence === $reached) {
            // It lies still: he stands as he bends for it.
            [$onX, $onY] = [0.0, 0.0];
        }
        $lost = $run < self::STILL ? 0.0 : self::GATHER;
        $lost += match ($reached) {
            Reached::OffFence => self::CAROM,
            Reached::Bobbled => Hands::PICKED_UP * $motion->exchangeOutfield,
            default => 0.0,
        };

        return new self($who, $at, $seconds + $lost, $reached, 0.0, 0.0, $onX, $onY, $motion);
    }

    /** @return array{float, float} of his top speed, as if he had come to it like that */
    private static function heading(Reached $how, BattedBall $ball, float $onX, float $onY): array
    {
        return match ($how) {
            Reached::BackTurned => [$ball->directionX, $ball->directionY],
            Reached::Across => [-$ball->directionY, $ball->directionX],
            Reached::Straight => [-$ball->directionX, -$ball->directionY],
            Reached::Bobbled, Reached::Caught, Reached::OffFence => [$onX, $onY],
        };
    }

    /** The earliest moment at which he can have it on the ground. */
    private static function meets(CastMember $who, BattedBall $ball, MotionProfile $motion): float
    {
        $rest = $ball->restsAfter();
        $late = max($ball->hang, $who->reaction);
        if (self::missing($who, $ball, $motion, $late) <= 0.0) {
            return $late;
        }
        do {
            $early = $late;
            $late += self::STEP;
            if ($late >= $rest) {
                return max(
                    $early,
                    $who->reaction + $who->legs->secondsFor($who->start->distanceTo($ball->at($rest)) - $motion->reach),
                );
            }
        } while (self::missing($who, $ball, $motion, $late) > 0.0);
        for ($halving = 0; $halving < self::HALVINGS; ++$halving) {
            $middle = ($early + $late) / 2;
            if (self::missing($who, $ball, $motion, $middle) > 0.0) {
                $early = $middle;
            } else {
                $late = $middle;
            }
        }

        return $late;
    }

    /** Feet between his reach and the ball. */
    private static function missing(CastMember $who, BattedBall $ball, MotionProfile $motion, float $seconds): float
    {
        return $who->start->distanceTo($ball->at($seconds)) -
            $motion->reach -
            $who->legs->distanceAfter($seconds - $who->reaction);
    }
}
