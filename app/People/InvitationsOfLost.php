<?php

declare(strict_types=1);

namespace FoxCorner\App\People;

use FoxCorner\App\Club\May;
use FoxCorner\App\Club\RightsLost;
use Psr\Clock\ClockInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;

/** Whoever may not invite any more has invited nobody: else he came back by what he had made before. */
final readonly class InvitationsOfLost
{
    public function __construct(private InvitationRepository $invitations, private ClockInterface $clock) {}

    #[AsEventListener]
    public function onRightsLost(RightsLost $lost): void
    {
        if ($lost->stillMay(May::People)) {
            return;
        }
        $now = $this->clock->now();
        foreach ($this->invitations->open($lost->team, $now) as $invitation) {
            if ($invitation->by === $lost->account) {
                $invitation->revoke($now);
                $lost->takenBack('the invitation of ' . ($invitation->email ?? 'whoever has the link'));
            }
        }
    }
}
