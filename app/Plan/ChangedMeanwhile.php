<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

/** Somebody else has changed what a page wanted to replace; nothing was overwritten. */
final class ChangedMeanwhile extends \RuntimeException
{
    public static function by(?string $who): self
    {
        return new self(\sprintf('%s has decided in the meantime. Look at the plan again before you change it: nothing was overwritten.', $who ?? 'Somebody'));
    }
}
