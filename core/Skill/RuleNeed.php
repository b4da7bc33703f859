<?php

declare(strict_types=1);

namespace FoxCorner\Core\Skill;

use FoxCorner\Core\Field\RuleSet;

/** A rule without which a drill has no use. */
enum RuleNeed
{
    /** ft of base path. */
    private const CHILDREN = 60.0;

    case Leads;
    case Steals;
    case Bunts;
    /** The pitcher in the circle with the ball stops the runners. */
    case Circle;
    /** Small-field baseball mostly leaves it out (ours). */
    case DroppedThird;

    public function isMet(RuleSet $rules): bool
    {
        return match ($this) {
            self::Leads => $rules->leads->allowsLeads(),
            self::Steals => $rules->steals,
            self::Bunts => $rules->bunts,
            self::Circle => $rules->circleRule,
            self::DroppedThird => $rules->sport->isSoftball() || $rules->basePath > self::CHILDREN,
        };
    }
}
