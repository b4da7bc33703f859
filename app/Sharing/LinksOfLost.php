<?php

declare(strict_types=1);

namespace FoxCorner\App\Sharing;

use FoxCorner\App\Club\May;
use FoxCorner\App\Club\RightsLost;
use Psr\Clock\ClockInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;

/** Whoever may not share any more has shared nothing. */
final readonly class LinksOfLost
{
    public function __construct(private SharedThings $things, private ClockInterface $clock) {}

    #[AsEventListener]
    public function onRightsLost(RightsLost $lost): void
    {
        if ($lost->stillMay(May::Change)) {
            return;
        }
        foreach ($this->things->links($lost->team) as $link) {
            if ($link->by === $lost->account) {
                $link->revoke($this->clock->now());
                $named = $this->things->of($lost->team, $link->kind)[$link->of] ?? 'something that is gone';
                $lost->takenBack("the link to $named");
            }
        }
    }
}
