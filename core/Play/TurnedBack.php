<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Paces;

/** Somebody who charged a ball that was another's: how many steps back to the bag, and whether in time. */
final readonly class TurnedBack
{
    /**
     * @param Paces $steps       in the fielder's own paces, from where he turns
     * @param float $there       seconds at which he is at the bag
     * @param float $runnerThere seconds at which a runner could be
     */
    private function __construct(public CastMember $who, public Base $base, public Paces $steps, public float $there, public float $runnerThere)
    {
    }

    public static function of(Move $move, Base $base, PlayQuestion $question, float $runnerThere): self
    {
        $turns = $move->track->at($question->level->motion->turnBackRead);
        $feet = $turns->distanceTo($question->rules->diamond()->at($base));

        return new self($move->who, $base, Paces::inFeet($feet, $move->who->player->traits->pace()), $move->there(), $runnerThere);
    }

    public function isInTime(): bool
    {
        return $this->there <= $this->runnerThere;
    }
}
