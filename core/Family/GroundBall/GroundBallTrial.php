<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\GroundBall;

use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Field\Surface;
use FoxCorner\Core\Motion\RollingBall;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Play\Scheme\Trial;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;

/** One ground ball: where to, how hard, and how it hops. */
final readonly class GroundBallTrial implements Trial
{
    /** mph off the bat. */
    public const SLOWEST = 15.0;
    private const FASTEST = 120.0;

    private function __construct(public float $degrees, public float $mph, public Hop $hop, public RollingBall $ball) {}

    /**
     * @param float $degrees from straight away, negative toward third
     * @param float $mph     off the bat
     *
     * @throws Problem when it is foul, or no ball that anybody hits
     */
    public static function hit(
        float $degrees,
        float $mph,
        RuleSet $rules,
        Hop $hop = Hop::True,
        ?Surface $surface = null,
    ): self {
        OutOfRange::unlessBetween(
            'degrees',
            $degrees,
            -Diamond::FAIR,
            Diamond::FAIR,
            'degrees from straight away, negative toward third',
        );
        OutOfRange::unlessBetween('exit speed', $mph, self::SLOWEST, self::FASTEST, 'miles per hour');
        $ball = RollingBall::groundBall(Speed::ofMph($mph * $hop->keeps()), $surface ?? $rules->surface, $degrees);

        return new self($degrees, $mph, $hop, $ball);
    }

    public function words(): string
    {
        return \sprintf('Hit at %d mph, %s%s.', round($this->mph), self::toward($this->degrees), $this->hop->words());
    }

    /** "toward short", "up the middle" */
    public static function toward(float $degrees): string
    {
        return match (true) {
            $degrees <= -40.0 => 'down the third-base line',
            $degrees <= -28.0 => 'toward third',
            $degrees <= -23.0 => 'into the hole between third and short',
            $degrees <= -9.0 => 'toward short',
            $degrees < 9.0 => 'up the middle',
            $degrees < 23.0 => 'toward second base',
            $degrees < 30.0 => 'into the hole between first and second',
            $degrees < 40.0 => 'toward first',
            default => 'down the first-base line',
        };
    }

    public function restsAt(): Point
    {
        return $this->ball->restPoint();
    }

    public function fields(): array
    {
        return ['degrees' => $this->degrees, 'mph' => $this->mph, 'hop' => $this->hop->value];
    }
}
