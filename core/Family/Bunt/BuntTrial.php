<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Bunt;

use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Motion\RollingBall;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Play\Scheme\Trial;

/** One bunt: where it would come to rest, and how the offence brings it down. */
final readonly class BuntTrial implements Trial
{
    /** mph; the limits of what still is a bunt. Source: the project's model. */
    private const SLOWEST = 12.0;
    private const FASTEST = 40.0;

    private function __construct(
        public float $degrees,
        public float $feet,
        public BuntKind $kind,
        public RollingBall $ball,
    ) {}

    /**
     * The bunt that would come to rest at a point, as near to it as a bunt can.
     *
     * @param float $feet    from home
     * @param float $degrees from straight away, negative toward third; fouls count as on the line
     */
    public static function restingAt(
        float $feet,
        float $degrees,
        RuleSet $rules,
        BuntKind $kind = BuntKind::Sacrifice,
    ): self {
        $surface = $rules->buntSurface();
        $mph = RollingBall::buntSpeedToRestAt($feet, $surface)->mph();
        $exit = Speed::ofMph(min(self::FASTEST, max(self::SLOWEST, $mph)));
        $ball = RollingBall::bunt($exit, $surface, min(Diamond::FAIR, max(-Diamond::FAIR, $degrees)));

        return new self($degrees, $feet, $kind, $ball);
    }

    public function words(): string
    {
        return BuntWords::of($this->ball);
    }

    public function restsAt(): Point
    {
        return $this->ball->restPoint();
    }

    public function fields(): array
    {
        return ['degrees' => $this->degrees, 'feet' => $this->feet, 'kind' => $this->kind->value];
    }
}
