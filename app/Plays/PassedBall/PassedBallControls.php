<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\PassedBall;

use FoxCorner\App\Plays\Running\KindControls;
use FoxCorner\Core\Family\PassedBall\Gone;
use FoxCorner\Core\Family\PassedBall\PassedBallFamily;
use FoxCorner\Core\Family\PassedBall\ToSide;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/** A passed ball in an address: how far it is "gone", and to which "side". */
#[AutoconfigureTag('fox.family_controls')]
final readonly class PassedBallControls extends KindControls
{
    public function __construct()
    {
        parent::__construct(new PassedBallFamily(), [
            'gone' => ['How far', Gone::cases()],
            'side' => ['Which side', ToSide::cases()],
        ]);
    }
}
