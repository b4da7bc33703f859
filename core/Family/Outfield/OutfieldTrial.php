<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\BattedBall;
use FoxCorner\Core\Play\Ball\Reached;
use FoxCorner\Core\Play\Choice\Boldness;
use FoxCorner\Core\Play\Scheme\Trial;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** One ball to the outfield: where it comes down, or would come to rest on the ground, and how it is reached. */
final readonly class OutfieldTrial implements Trial
{
    /** Of the base path: nearer to home the infield has it. */
    private const NEAREST = 1.6;
    /** ft in front of the fence up to which a ball comes down in play. */
    private const IN_FRONT = 4.0;
    /** ft that a ball on the ground can be hit to roll; the fence stops it before. */
    private const FARTHEST = 999.0;
    /** Degrees beyond the line to which an outfielder still catches one. */
    private const FOUL = 60.0;

    private function __construct(
        public Point $to,
        public Flight $flight,
        public ?Reached $reached,
        public Boldness $boldness,
        public BattedBall $ball,
    ) {}

    /**
     * @param Reached|null $reached null: as it comes
     *
     * @throws Problem when the place is not in the outfield, no ball of the kind gets there, or it is foul and not
     *                 caught
     */
    public static function hit(
        Point $to,
        Flight $flight,
        RuleSet $rules,
        ?Reached $reached = null,
        Boldness $boldness = Boldness::Ordinary,
    ): self {
        $feet = $to->distanceTo(Point::home());
        $kind = $flight->kind();
        $fence = $rules->fence->distanceAt($to->sprayDegrees()) - self::IN_FRONT;
        $most = null === $kind ? self::FARTHEST : min($fence, BattedBall::farthest($kind, Ball::for($rules->sport)));
        $isCaught = Reached::Caught === $reached;
        if ($isCaught && null === $kind) {
            throw Refused::because('reached', 'a ball on the ground is not caught', 'line or fly as the flight');
        }
        $widest = $isCaught ? self::FOUL : Diamond::FAIR;
        OutOfRange::unlessBetween(
            'direction of the ball',
            round($to->sprayDegrees(), 1),
            -$widest,
            $widest,
            'degrees from straight away, negative toward third; beyond 45 only when it is caught',
        );
        OutOfRange::unlessBetween(
            'place of the ball',
            round($feet, 1),
            self::nearest($rules),
            floor($most),
            'feet from home, in the outfield',
        );
        $ball =
            null === $kind
                ? BattedBall::restingAt($to, $rules)
                : BattedBall::comingDownAt($to, $kind, $rules) ??
                    throw new \LogicException('A ball of the kind comes down there.');

        return new self($to, $flight, $reached, $boldness, $ball);
    }

    /** The place nearest to a touch at which a ball can be, and the flight that gets there. */
    public static function near(
        Point $touch,
        Flight $flight,
        RuleSet $rules,
        ?Reached $reached = null,
        Boldness $boldness = Boldness::Ordinary,
    ): self {
        // In the air and foul: there is nothing but to catch it.
        $isFoul = Flight::Fly === $flight && $touch->isFoul();
        $widest = ($isFoul ? self::FOUL : Diamond::FAIR) - 0.5;
        $degrees = min($widest, max(-$widest, $touch->sprayDegrees()));
        $reached = match (true) {
            $isFoul => Reached::Caught,
            Flight::Ground === $flight && Reached::Caught === $reached => null,
            default => $reached,
        };
        $fence = $rules->fence->distanceAt($degrees) - self::IN_FRONT - 1.0;
        $feet = min($fence, max(self::nearest($rules) + 1.0, $touch->distanceTo(Point::home())));
        $kind = $flight->kind();
        $carries = null === $kind ? $fence : BattedBall::farthest($kind, Ball::for($rules->sport));
        $to = Point::polar($feet, $degrees);

        return self::hit(
            Point::of(round($to->x), round($to->y)),
            $feet < $carries - 1.0 ? $flight : Flight::Fly,
            $rules,
            $reached,
            $boldness,
        );
    }

    /** ft from home at which the outfield begins */
    public static function nearest(RuleSet $rules): float
    {
        return round(self::NEAREST * $rules->basePath);
    }

    public function words(): string
    {
        return \sprintf(
            '%s %s, %s.',
            match ($this->flight) {
                Flight::Ground => 'On the ground',
                Flight::Line => 'On a line',
                Flight::Fly => 'In the air',
            },
            self::place($this->to->sprayDegrees()),
            Flight::Ground === $this->flight
                ? \sprintf('hit to roll %d ft', round($this->to->distanceTo(Point::home())))
                : \sprintf('down at %d ft', round($this->to->distanceTo(Point::home()))),
        );
    }

    /** "to left", "to the left-center gap" */
    public static function place(float $degrees): string
    {
        return match (true) {
            $degrees < -Diamond::FAIR => 'foul on the left',
            $degrees > Diamond::FAIR => 'foul on the right',
            $degrees <= -38.0 => 'down the left line',
            $degrees <= -21.0 => 'to left',
            $degrees <= -7.0 => 'to the left-center gap',
            $degrees < 7.0 => 'to center',
            $degrees < 21.0 => 'to the right-center gap',
            $degrees < 38.0 => 'to right',
            default => 'down the right line',
        };
    }

    public function restsAt(): Point
    {
        return $this->ball->at($this->ball->restsAfter());
    }

    public function fields(): array
    {
        return [
            'x' => $this->to->x,
            'y' => $this->to->y,
            'flight' => $this->flight->value,
            'reached' => $this->reached->value ?? '',
            'boldness' => $this->boldness->value,
        ];
    }
}
