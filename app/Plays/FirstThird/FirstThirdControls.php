<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\FirstThird;

use FoxCorner\App\Plan\Address\SituationAddress;
use FoxCorner\App\Plays\Running\RunnersControls;
use FoxCorner\Core\Family\FirstThird\FirstThirdFamily;
use FoxCorner\Core\Family\FirstThird\FirstThirdTrial;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Runs\PlayCost;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/** A first-and-third steal in an address: "when" the one goes, and what the one on "third" does. */
#[AutoconfigureTag('fox.family_controls')]
final readonly class FirstThirdControls extends RunnersControls
{
    public function __construct()
    {
        parent::__construct(new FirstThirdFamily(), ['when' => 'when', 'third' => 'third']);
    }

    public function choices(SituationAddress $address, PlannedPlay $play, PlayCost $cost): FirstThirdChoices
    {
        $trial = $this->trial($address->trial, $play->plan->scene());

        return new FirstThirdChoices(
            $address,
            $play,
            $trial instanceof FirstThirdTrial ? $trial : throw new \LogicException('It is first and third.'),
            $cost,
        );
    }
}
