<?php

declare(strict_types=1);

namespace FoxCorner\App\Club;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsEntityListener;
use Doctrine\ORM\Event\PrePersistEventArgs;
use Doctrine\ORM\Events;

/** A new team has the first address of its name that no other team has. */
#[AsEntityListener(event: Events::prePersist, method: 'give', entity: Team::class)]
final class GiveShortName
{
    /** @var array<string, true> given to teams that are not written yet */
    private array $given = [];

    public function give(Team $team, PrePersistEventArgs $event): void
    {
        $teams = $event->getObjectManager()->getRepository(Team::class);
        $short = ShortName::free(
            $team->name,
            fn(string $tried): bool => isset($this->given[$tried]) || 0 < $teams->count(['shortName' => $tried]),
        );
        $this->given[$short] = true;
        $team->isAt($short);
    }
}
