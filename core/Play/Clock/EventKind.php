<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Clock;

enum EventKind: string
{
    case Contact = 'contact';
    case Fielded = 'fielded';
    case Released = 'released';
    case Arrives = 'arrives';
    case RunnerThere = 'runner';
}
