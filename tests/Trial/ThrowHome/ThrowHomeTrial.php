<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Trial\ThrowHome;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Scheme\Trial;

/** The runner on third leaves while somebody has the ball in his hand. */
final readonly class ThrowHomeTrial implements Trial
{
    public function __construct(public Position $who) {}

    public function words(): string
    {
        return ucfirst($this->who->person()) . ' has it, and the runner on third goes.';
    }

    public function restsAt(): ?Point
    {
        return null;
    }

    public function fields(): array
    {
        return ['who' => (float) $this->who->value];
    }
}
