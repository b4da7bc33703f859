<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\Rundown;

use FoxCorner\App\Plan\Address\SituationAddress;
use FoxCorner\App\Plays\Running\RunnersControls;
use FoxCorner\Core\Family\Rundown\RundownFamily;
use FoxCorner\Core\Family\Rundown\RundownTrial;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Runs\PlayCost;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/** A rundown in an address: the base he is caught "from", how "far" off it, the "gap" to the ball, and its side. */
#[AutoconfigureTag('fox.family_controls')]
final readonly class RundownControls extends RunnersControls
{
    public function __construct()
    {
        parent::__construct(new RundownFamily(), [
            'from' => 'from',
            'far' => 'off',
            'gap' => 'gap',
            'side' => 'ball',
        ]);
    }

    public function choices(SituationAddress $address, PlannedPlay $play, PlayCost $cost): RundownChoices
    {
        $trial = $this->trial($address->trial, $play->plan->scene());

        return new RundownChoices(
            $address,
            $play,
            $trial instanceof RundownTrial ? $trial : throw new \LogicException('It is a rundown.'),
            $cost,
        );
    }
}
