<?php

declare(strict_types=1);

namespace FoxCorner\App\Runners\Log;

use FoxCorner\Core\Play\Running\StealRecord;

/** What a season has counted for one player as pitcher, catcher or fielder. */
final readonly class SeasonLine
{
    /** @param string $as "pitcher", "catcher", "fielder" */
    public function __construct(
        public string $player,
        public string $name,
        public string $as,
        public int $attempts,
        public int $caught,
        public int $picks,
        public int $picked,
        public int $away,
    ) {}

    public function record(): StealRecord
    {
        return StealRecord::of($this->attempts, $this->caught);
    }
}
