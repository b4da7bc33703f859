<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Database;

use Symfony\Contracts\Service\ResetInterface;

/** Whether anything that this request has written stands already: then it cannot be tried again as a whole. */
final class Writes implements ResetInterface
{
    private bool $stands = false;

    public function note(): void
    {
        $this->stands = true;
    }

    public function anyStands(): bool
    {
        return $this->stands;
    }

    public function reset(): void
    {
        $this->stands = false;
    }
}
