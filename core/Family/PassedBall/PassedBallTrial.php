<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\PassedBall;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Motion\RollingBall;
use FoxCorner\Core\Play\Scheme\Trial;

/** A pitch that gets away: how far, and to which side. */
final readonly class PassedBallTrial implements Trial
{
    private function __construct(public Gone $gone, public ToSide $side, public RollingBall $ball) {}

    public static function gone(Gone $gone, ToSide $side, RuleSet $rules): self
    {
        return new self($gone, $side, RollingBall::restingAt($gone->feet(), $rules->buntSurface(), $side->degrees()));
    }

    public function words(): string
    {
        return \sprintf(
            '%s, on the %s: it lies %d ft from the plate.',
            match ($this->gone) {
                Gone::Blocked => 'The pitch is blocked',
                Gone::Past => 'The pitch is by the catcher',
                Gone::Backstop => 'The pitch goes to the backstop',
            },
            strtolower($this->side->label()),
            round($this->gone->feet()),
        );
    }

    public function restsAt(): Point
    {
        return $this->ball->restPoint();
    }

    public function fields(): array
    {
        return ['gone' => $this->gone->value, 'side' => $this->side->value];
    }
}
