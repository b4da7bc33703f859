<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Depth;

/** How deep a group stands, by the name that is called. */
enum NamedDepth: string
{
    /** Most range; nobody needs to be anywhere early. */
    case Normal = 'normal';
    /** The middle close enough to reach second for two. */
    case DoublePlay = 'double-play';
    /** Even with the base line: look the runner back, take the out. */
    case Halfway = 'halfway';
    /** In front of the base line: the run must not score. */
    case In = 'in';
    /** Shows halfway, arrives at in as the pitch is delivered, so that the batter cannot read it. */
    case Creep = 'creep';
    /** Closer to the lines and deeper: what gets through is a single. */
    case GuardLines = 'guard-lines';
    /** Corners in for the bunt. */
    case Bunt = 'bunt';
    /** The first baseman at the bag with the runner. */
    case Hold = 'hold';
    /** Outfield closer, so that a single does not score two. */
    case Shallow = 'shallow';
    /** Outfield deep: nothing over the head. */
    case Deep = 'deep';

    public function label(): string
    {
        return match ($this) {
            self::Normal => 'Normal',
            self::DoublePlay => 'Double play',
            self::Halfway => 'Halfway',
            self::In => 'In',
            self::Creep => 'Creep',
            self::GuardLines => 'Guard the lines',
            self::Bunt => 'Bunt',
            self::Hold => 'Hold',
            self::Shallow => 'Shallow',
            self::Deep => 'Deep',
        };
    }
}
