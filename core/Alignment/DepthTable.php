<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment;

use FoxCorner\Core\Field\Sport;
use FoxCorner\Core\People\PositionGroup;

/**
 * Where each named depth is for the infield groups, and how far out for the outfield.
 *
 * Source of the shipped values: the project's model; the hold is ours.
 */
final readonly class DepthTable
{
    /**
     * @param array<string, array<string, DepthFractions>> $infield  by group, then by depth
     * @param array<string, float>                         $outfield share of the fence's distance, by depth
     */
    private function __construct(private array $infield, private array $outfield)
    {
    }

    public static function shipped(Sport $sport): self
    {
        return new self($sport->isSoftball() ? self::softball() : self::baseball(), ['normal' => 0.72, 'shallow' => 0.60, 'deep' => 0.82]);
    }

    /** The fractions of a depth; a group that has no such depth stands at its normal one. */
    public function infield(PositionGroup $group, NamedDepth $depth): DepthFractions
    {
        $depths = $this->infield[$group->value] ?? throw new \LogicException("The $group->value group has no infield depth.");

        return $depths[$depth->value] ?? $depths[NamedDepth::Normal->value];
    }

    public function outfieldShare(NamedDepth $depth): float
    {
        return $this->outfield[$depth->value] ?? $this->outfield[NamedDepth::Normal->value];
    }

    /** @return array<string, array<string, DepthFractions>> */
    private static function baseball(): array
    {
        return [
            'middle' => [
                'normal' => new DepthFractions(.36, .30), 'double-play' => new DepthFractions(.25, .20),
                'halfway' => new DepthFractions(.36, .06), 'in' => new DepthFractions(.36, -.06),
            ],
            'corners' => [
                'normal' => new DepthFractions(.14, .14), 'double-play' => new DepthFractions(.14, .04), 'halfway' => new DepthFractions(.14, 0),
                'in' => new DepthFractions(.14, -.08), 'guard-lines' => new DepthFractions(.06, .18), 'bunt' => new DepthFractions(.12, -.35),
                'hold' => new DepthFractions(.03, -.03),
            ],
        ];
    }

    /** @return array<string, array<string, DepthFractions>> */
    private static function softball(): array
    {
        return [
            'middle' => [
                'normal' => new DepthFractions(.38, .15), 'double-play' => new DepthFractions(.27, .10),
                'halfway' => new DepthFractions(.36, .02), 'in' => new DepthFractions(.36, -.05),
            ],
            'corners' => [
                'normal' => new DepthFractions(.12, -.20), 'bunt' => new DepthFractions(.10, -.45), 'guard-lines' => new DepthFractions(.06, -.05),
            ],
        ];
    }
}
