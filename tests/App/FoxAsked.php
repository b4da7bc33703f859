<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\CommandLine\Fox;

/** bin/fox, asked in this process. */
trait FoxAsked
{
    private const SCHEMAS = __DIR__ . '/../../docs/schemas';
}
