<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Depth;

use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\People\PositionGroup;

/**
 * Where each named depth is on a field of that size: a smaller one is not the same at another scale, since people and
 * balls do not shrink with it.
 *
 * Source: the project's model, for the smaller fields and the corners its calibration; the hold, the softball corners
 * in and halfway and the depths of small fields besides the normal one are ours.
 */
final class ShippedDepths
{
    /** ft of base path up to which a field is small, and from which it is large. */
    private const SMALL = 65.0;
    private const LARGE = 85.0;
    /** ft of pitching distance up to which fastpitch is played by children. */
    private const CHILDREN = 38.0;

    /**
     * As shipped, the two of a group mirror each other.
     *
     * @return array<int, array<string, DepthFractions>> by position number, then depth
     */
    public static function infield(RuleSet $rules): array
    {
        $groups = match (true) {
            $rules->sport->isSoftball() => self::softball($rules->pitchingDistance < self::CHILDREN),
            $rules->basePath >= self::LARGE => self::large(),
            $rules->basePath > self::SMALL => self::middling(),
            default => self::small(),
        };
        $depths = [];
        foreach ($groups as $group => $spots) {
            foreach (PositionGroup::from($group)->positions() as $position) {
                foreach ($spots as $depth => [$off, $back]) {
                    $depths[$position->value][$depth] = new DepthFractions($off, $back);
                }
            }
        }

        return $depths;
    }

    /**
     * Small fields are shallow for their base path: throws home are short, and few balls carry to the fence. Set so
     * that runners take about the bases that they are known to take (ours).
     *
     * @return array<string, float> share of the fence's distance, by depth
     */
    public static function outfield(RuleSet $rules): array
    {
        return match (true) {
            $rules->basePath >= self::SMALL => ['normal' => 0.72, 'shallow' => 0.6, 'deep' => 0.82],
            $rules->sport->isSoftball() && $rules->pitchingDistance >= self::CHILDREN => [
                'normal' => 0.67,
                'shallow' => 0.56,
                'deep' => 0.78,
            ],
            default => ['normal' => 0.7, 'shallow' => 0.59, 'deep' => 0.81],
        };
    }

    /** @return array<string, array<string, array{float, float}>> */
    private static function large(): array
    {
        return [
            'middle' => [
                'normal' => [0.36, 0.22],
                'double-play' => [0.27, 0.13],
                'halfway' => [0.36, 0.06],
                'in' => [0.36, -0.06],
                'creep' => [0.36, -0.06],
            ],
            'corners' => [
                'normal' => [0.2, 0.12],
                'double-play' => [0.18, 0.04],
                'halfway' => [0.18, 0.0],
                'in' => [0.18, -0.08],
                'guard-lines' => [0.15, 0.14],
                'bunt' => [0.12, -0.35],
                'hold' => [0.03, -0.03],
            ],
        ];
    }

    /** @return array<string, array<string, array{float, float}>> */
    private static function middling(): array
    {
        return [
            'middle' => [
                'normal' => [0.36, 0.13],
                'double-play' => [0.27, 0.09],
                'halfway' => [0.36, 0.03],
                'in' => [0.36, -0.08],
                'creep' => [0.36, -0.08],
            ],
            'corners' => [
                'normal' => [0.19, 0.04],
                'double-play' => [0.18, 0.02],
                'halfway' => [0.18, -0.01],
                'in' => [0.18, -0.06],
                'guard-lines' => [0.14, 0.06],
                'bunt' => [0.12, -0.35],
                'hold' => [0.03, -0.03],
            ],
        ];
    }

    /** @return array<string, array<string, array{float, float}>> */
    private static function small(): array
    {
        return [
            'middle' => [
                'normal' => [0.36, 0.07],
                'double-play' => [0.29, 0.04],
                'halfway' => [0.36, -0.04],
                'in' => [0.36, -0.14],
                'creep' => [0.36, -0.14],
            ],
            'corners' => [
                'normal' => [0.19, -0.03],
                'double-play' => [0.19, -0.03],
                'halfway' => [0.19, -0.03],
                'in' => [0.19, -0.05],
                'guard-lines' => [0.15, -0.01],
                'bunt' => [0.12, -0.35],
                'hold' => [0.03, -0.03],
            ],
        ];
    }

    /** @return array<string, array<string, array{float, float}>> */
    private static function softball(bool $children): array
    {
        return [
            'middle' => [
                'normal' => $children ? [0.38, 0.0] : [0.38, 0.06],
                'double-play' => $children ? [0.3, 0.01] : [0.27, 0.06],
                'halfway' => $children ? [0.33, -0.1] : [0.33, -0.06],
                'in' => [0.33, -0.17],
                'creep' => [0.33, -0.17],
            ],
            'corners' => [
                'normal' => $children ? [0.16, -0.26] : [0.16, -0.22],
                'halfway' => [0.16, -0.28],
                'in' => [0.16, -0.33],
                'bunt' => [0.1, -0.45],
                'guard-lines' => $children ? [0.12, -0.24] : [0.12, -0.2],
            ],
        ];
    }
}
