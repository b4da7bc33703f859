<?php

declare(strict_types=1);

namespace FoxCorner\App\Field;

use FoxCorner\Core\Range\Improvement;

/** What a worker has found who looked for the best small move. */
final readonly class FoundStep
{
    /** @param Improvement|null $step null: none helps */
    public function __construct(public ?Improvement $step) {}
}
