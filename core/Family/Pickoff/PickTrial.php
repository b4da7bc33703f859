<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Pickoff;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Play\Running\Leads;
use FoxCorner\Core\Play\Running\PickKind;
use FoxCorner\Core\Play\Scheme\Trial;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Problem\WrongLength;

/** A throw behind a runner: which, where, how far off he is, and by which sign. */
final readonly class PickTrial implements Trial
{
    /** Letters of a sign. */
    private const LETTERS = 40;
    /** Throws of one kind in a game from which on it is seen coming (ours). */
    private const MOST_USES = 99;

    private function __construct(
        public PickKind $kind,
        public Base $base,
        public ?float $lead,
        public ?string $sign,
        public int $used,
    ) {}

    /**
     * @param float|null  $lead ft off the base before the pitch; null: as usual
     * @param string|null $sign that was agreed; empty: none; null: the usual one of a team that has agreed one
     * @param int         $used how often it was thrown in this game
     *
     * @throws Problem when it is not thrown to that base, or the lead is none
     */
    public static function thrown(
        PickKind $kind,
        Base $base,
        ?float $lead = null,
        ?string $sign = null,
        int $used = 0,
    ): self {
        if (!\in_array($base, $kind->bases(), true)) {
            throw Refused::because(
                'base',
                \sprintf('“%s” is not thrown to %s', $kind->label(), $base->word()),
                implode(', ', array_map(static fn(Base $one): string => $one->word(), $kind->bases())),
            );
        }
        $sign = null === $sign ? null : WrongLength::unlessBetween('sign', $sign, 0, self::LETTERS);
        OutOfRange::unlessBetween('used', $used, 0, self::MOST_USES, 'throws');

        return new self($kind, $base, null === $lead ? null : Leads::check($lead), $sign, $used);
    }

    /** Whether nobody has said how it is begun, though it must be said. */
    public function isSurprise(): bool
    {
        return '' === $this->sign && $this->kind->needsSign();
    }

    public function words(): string
    {
        $off = null === $this->lead ? '' : \sprintf(', runner %g ft off', $this->lead);

        return "{$this->kind->label()} to {$this->base->word()}$off.";
    }

    public function restsAt(): ?Point
    {
        return null;
    }

    public function fields(): array
    {
        return [
            'kind' => $this->kind->value,
            'base' => $this->base->word(),
            ...null === $this->lead ? [] : ['lead' => $this->lead],
            ...null === $this->sign ? [] : ['sign' => $this->sign],
            ...0 === $this->used ? [] : ['used' => (float) $this->used],
        ];
    }
}
