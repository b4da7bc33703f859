<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\GroundBall;

use FoxCorner\Core\Motion\Legs;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Cast\CastMember;

/** Who has the ball and feeds it on. */
final readonly class Feeder
{
    public function __construct(public Position $position, public Hand $throws, public Speed $arm, public Legs $legs) {}

    public static function of(CastMember $who): self
    {
        return new self($who->position, $who->player->traits->throws, $who->arm, $who->legs);
    }
}
