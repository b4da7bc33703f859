<?php

declare(strict_types=1);

namespace FoxCorner\App\Runners;

use FoxCorner\App\Shared\Drawing\Window;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;

/** The piece of the field between the mound and a bag, with the way to the next one. */
final class RunnersWindow
{
    /** In base paths: how wide it is. */
    private const WIDTH = 1.55;
    /** Height by width: the chart below it is to be seen, too. */
    private const SHAPE = 428 / 692;

    public static function around(Base $base, RuleSet $rules): Window
    {
        $path = $rules->basePath;

        return Window::aroundPoint(
            match ($base) {
                Base::First => Point::of(0.4 * $path, 0.88 * $path),
                Base::Second => Point::of(-0.08 * $path, 1.05 * $path),
                default => Point::of(-0.42 * $path, 0.56 * $path),
            },
            self::WIDTH * $path,
            self::SHAPE,
        );
    }
}
