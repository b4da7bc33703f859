<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Team;

/** One piece of team defence, as the caller reads it out. */
final readonly class ScriptLine
{
    /**
     * @param bool   $isLive whether runners run
     * @param string $title  the unit or the situation
     * @param string $say    what the caller calls
     * @param string $do     what the helper hits or rolls
     * @param string $expect what should come of it
     * @param string $watch  where to look; empty: nowhere special
     */
    public function __construct(
        public bool $isLive,
        public int $minutes,
        public string $title,
        public string $say,
        public string $do,
        public string $expect,
        public string $watch,
    ) {}
}
