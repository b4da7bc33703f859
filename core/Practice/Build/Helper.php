<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Build;

/** A coach or parent who helps. */
final readonly class Helper
{
    /** @param bool $hits whether he hits a ball where he wants */
    public function __construct(public string $name, public bool $hits) {}
}
