<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\FirstThird;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Play\Scheme\Trial;

/** Runners on first and third go: how the one of first does, and what the one of third makes of it. */
final readonly class FirstThirdTrial implements Trial
{
    /** @param ThirdRunner|null $third null: whatever the defence likes least */
    public function __construct(public GoesWhen $when, public ?ThirdRunner $third = null) {}

    public function words(): string
    {
        $third = null === $this->third ? '' : '; on third: ' . lcfirst($this->third->label());

        return match ($this->when) {
            GoesWhen::WithPitch => "The runner on first goes with the pitch$third.",
            GoesWhen::FakeBunt => "The batter shows bunt and takes it, the runner on first goes$third.",
            GoesWhen::Delayed => "The runner on first goes late, after the catch$third.",
            GoesWhen::Early => "The runner on first goes before the pitch$third.",
        };
    }

    public function restsAt(): ?Point
    {
        return null;
    }

    public function fields(): array
    {
        return ['when' => $this->when->value, ...null === $this->third ? [] : ['third' => $this->third->value]];
    }
}
