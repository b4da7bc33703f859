<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Rule;

/** The rules that come with the program, in the order in which they overrule each other. */
final class ShippedRules
{
    /** @return list<DepthRule> */
    public static function all(): array
    {
        return [
            new NormalDepth(),
            new DoublePlayDepth(),
            new HalfwayDepth(),
            new InfieldIn(),
            new SlapperAtBat(),
            new GuardTheLines(),
            new HoldTheRunner(),
            new CornersForBunt(),
        ];
    }
}
