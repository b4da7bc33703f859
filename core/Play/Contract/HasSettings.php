<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Contract;

use FoxCorner\Core\Value\Settings;

/** A family of which a team sets more than coverages, policies and balls. */
interface HasSettings extends PlayFamily
{
    /** @return class-string<Settings> what is set */
    public function settings(): string;
}
