<?php

declare(strict_types=1);

namespace FoxCorner\App\Setup;

use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** A club, a team and a head coach as the first page's form gives them. */
final class StartDraft
{
    public ?string $code = null;
    public ?string $club = null;
    public ?string $team = null;
    public ?Level $level = null;
    public ?string $name = null;
    public ?string $email = null;
    public ?string $password = null;

    /** @throws Problem */
    public function played(): Level
    {
        return $this->level ?? throw Refused::because('level', 'nothing is chosen', 'one of those shown');
    }
}
