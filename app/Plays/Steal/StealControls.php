<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\Steal;

use FoxCorner\App\Plan\Address\SituationAddress;
use FoxCorner\App\Plays\Running\RunnersControls;
use FoxCorner\Core\Family\Steal\StealFamily;
use FoxCorner\Core\Family\Steal\StealTrial;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Runs\PlayCost;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/** A steal in an address: when he "goes", and how far "led" in feet. */
#[AutoconfigureTag('fox.family_controls')]
final readonly class StealControls extends RunnersControls
{
    public function __construct()
    {
        parent::__construct(new StealFamily(), ['goes' => 'kind', 'led' => 'lead']);
    }

    public function choices(SituationAddress $address, PlannedPlay $play, PlayCost $cost): StealChoices
    {
        $trial = $this->trial($address->trial, $play->plan->scene());

        return new StealChoices(
            $address,
            $play,
            $trial instanceof StealTrial ? $trial : throw new \LogicException('It is a steal.'),
            $cost,
        );
    }
}
