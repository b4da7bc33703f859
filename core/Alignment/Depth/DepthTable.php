<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Depth;

use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\PositionGroup;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Value\ButFor;

/**
 * Where each named depth is for each infielder, and how far out for the outfield; and what the coach calls it and how
 * he signs it.
 *
 * Source of the shipped values: the project's model; the hold is ours.
 */
final readonly class DepthTable
{
    use ButFor;

    /** Shares of the base path that an infield spot may be off the bag, and behind or in front of it. */
    private const OFF = [-0.15, 0.6];
    private const BACK = [-0.7, 0.6];
    /** Share of the way to the fence. */
    private const OUT = [0.3, 0.95];

    /**
     * @param array<int, array<string, DepthFractions>> $infield  by position number, then by depth
     * @param array<string, float>                      $outfield share of the fence's distance, by depth
     * @param array<string, DepthName>                  $names    by depth; a depth without one is called by its own
     */
    private function __construct(private array $infield, private array $outfield, private array $names) {}

    public static function shipped(RuleSet $rules): self
    {
        return new self(ShippedDepths::infield($rules), ShippedDepths::outfield($rules), []);
    }

    /** The fractions of a depth; who has no such depth stands at the normal one. */
    public function infield(Position $position, NamedDepth $depth): DepthFractions
    {
        $depths =
            $this->infield[$position->value] ??
            throw new \LogicException($position->label() . ' has no infield depth.');

        return $depths[$depth->value] ?? $depths[NamedDepth::Normal->value];
    }

    public function outfieldShare(NamedDepth $depth): float
    {
        return $this->outfield[$depth->value] ?? $this->outfield[NamedDepth::Normal->value];
    }

    /** @return list<NamedDepth> that a position has a spot of its own for */
    public function depthsOf(Position $position): array
    {
        $own =
            PositionGroup::Outfield === $position->group() ? $this->outfield : $this->infield[$position->value] ?? [];

        return array_values(
            array_filter(NamedDepth::cases(), static fn(NamedDepth $depth): bool => isset($own[$depth->value])),
        );
    }

    /** As the coach calls it. */
    public function word(NamedDepth $depth): string
    {
        return $this->names[$depth->value]->word ?? $depth->label();
    }

    /** The sign for it, in words; empty when there is none. */
    public function sign(NamedDepth $depth): string
    {
        return $this->names[$depth->value]->sign ?? '';
    }

    /** @throws Problem when the spot is nowhere near the bag */
    public function withInfield(Position $position, NamedDepth $depth, DepthFractions $fractions): self
    {
        $unit = '% of the base path';
        self::check($fractions->off, self::OFF, "$position->value {$depth->value}, off", $unit);
        self::check($fractions->back, self::BACK, "$position->value {$depth->value}, back", $unit);
        $infield = $this->infield;
        $infield[$position->value][$depth->value] = $fractions;

        return $this->but(infield: $infield);
    }

    /** @throws Problem when it is not between home and the fence */
    public function withOutfield(NamedDepth $depth, float $share): self
    {
        self::check($share, self::OUT, "outfield {$depth->value}", '% of the way to the fence');

        return $this->but(outfield: [...$this->outfield, $depth->value => $share]);
    }

    public function withName(NamedDepth $depth, DepthName $name): self
    {
        $names = $this->names;
        unset($names[$depth->value]);
        if ($name->word !== $depth->label() || '' !== $name->sign) {
            $names[$depth->value] = $name;
        }

        return $this->but(names: $names);
    }

    /** @param array{float, float} $limits */
    private static function check(float $share, array $limits, string $field, string $unit): void
    {
        OutOfRange::unlessBetween($field, 100 * $share, 100 * $limits[0], 100 * $limits[1], $unit);
    }
}
