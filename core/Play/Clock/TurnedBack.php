<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Clock;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Paces;
use FoxCorner\Core\Play\Cast\CastMember;
use FoxCorner\Core\Play\Scene\PlaySetting;

/** Somebody who charged a ball that was another's: how many steps back to the bag, and whether in time. */
final readonly class TurnedBack
{
    /**
     * @param Paces $steps       in the fielder's own paces, from where he turns
     * @param float $there       seconds at which he is at the bag
     * @param float $runnerThere seconds at which a runner could be
     */
    private function __construct(
        public CastMember $who,
        public Base $base,
        public Paces $steps,
        public float $there,
        public float $runnerThere,
    ) {}

    public static function of(Move $move, Base $base, PlaySetting $setting): self
    {
        $turns = $move->track->at($setting->level->motion->turnBackRead);
        $feet = $turns->distanceTo($setting->bag($base));

        return new self(
            $move->who,
            $base,
            Paces::inFeet($feet, $move->who->player->traits->pace()),
            $move->there(),
            $setting->threats[$base->value] ?? \INF,
        );
    }

    /** "back at 2.13 s, a runner could be there at 3.02 s: in time" */
    public function words(): string
    {
        $back = \sprintf('back at %.2f s, ', $this->there);
        if (\INF === $this->runnerThere) {
            return $back . 'nobody can be there';
        }
        $late = $this->isInTime() ? 'in time' : \sprintf('%.2f s late', $this->there - $this->runnerThere);

        return $back . \sprintf('a runner could be there at %.2f s: %s', $this->runnerThere, $late);
    }

    public function isInTime(): bool
    {
        return $this->there <= $this->runnerThere;
    }
}
