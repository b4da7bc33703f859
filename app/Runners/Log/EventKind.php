<?php

declare(strict_types=1);

namespace FoxCorner\App\Runners\Log;

/** What is counted about runners. */
enum EventKind: string
{
    case Steal = 'steal';
    case Pick = 'pick';
    /** A throw to a base that got by. */
    case Away = 'away';
    /** Looks at the runner before a pitch. */
    case Looks = 'looks';
}
