<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Cast;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\LeadRule;
use FoxCorner\Core\Motion\MotionProfile;

/** What makes a runner go. */
enum RunnerMind
{
    /** Sees the bunt on the ground first. */
    case ReadsBunt;
    /** Sees it on the ground, out of a lead that moves already. */
    case ReadsGround;
    /** On third, with the crack of the bat, out of a lead that moves toward home already. */
    case GoesHome;
    /** Goes with the crack of the bat. */
    case OnContact;

    /** Of a ground ball: the runner on third goes with the crack of the bat, the others see it on the ground first. */
    public static function onTheGround(Base $base): self
    {
        return Base::Third === $base ? self::GoesHome : self::ReadsGround;
    }

    /** Seconds from contact to going; negative: before contact. */
    public function startDelay(MotionProfile $motion, LeadRule $leads): float
    {
        return match ($this) {
            self::ReadsBunt => LeadRule::OnRelease === $leads ? $motion->buntReadOnRelease : $motion->buntRead,
            self::ReadsGround => $motion->groundRead,
            self::GoesHome => $motion->stealStart - $motion->movingLead,
            self::OnContact => $motion->stealStart,
        };
    }
}
