<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Steal;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Play\Running\Leads;
use FoxCorner\Core\Play\Running\StealKind;
use FoxCorner\Core\Play\Scheme\Trial;
use FoxCorner\Core\Problem\Problem;

/** Runners go: when, and from how far off. */
final readonly class StealTrial implements Trial
{
    private function __construct(public StealKind $kind, public ?float $lead) {}

    /**
     * @param float|null $lead ft before the pitch of whoever goes first; null: as usual
     *
     * @throws Problem when it is none
     */
    public static function going(StealKind $kind, ?float $lead = null): self
    {
        return new self($kind, null === $lead ? null : Leads::check($lead));
    }

    public function words(): string
    {
        $from = null === $this->lead ? '' : \sprintf(', from %g ft', $this->lead);

        return match ($this->kind) {
            StealKind::Straight => "The runner goes with the pitch$from.",
            StealKind::Delayed => "The runner goes late, after the catch$from.",
        };
    }

    public function restsAt(): ?Point
    {
        return null;
    }

    public function fields(): array
    {
        return ['kind' => $this->kind->value, ...null === $this->lead ? [] : ['lead' => $this->lead]];
    }
}
