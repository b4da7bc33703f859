<?php

declare(strict_types=1);

namespace FoxCorner\App\Ahead;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsDoctrineListener;
use Doctrine\DBAL\Exception;
use Doctrine\ORM\Event\OnFlushEventArgs;
use Doctrine\ORM\Events;
use Doctrine\ORM\Exception\ManagerException;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Player;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Lineup\TodaysLineup;
use FoxCorner\App\Plan\PlanDraft;
use FoxCorner\App\Practice\Solving\SolveJobs;
use FoxCorner\App\Practice\Solving\SolveKind;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\TerminateEvent;
use Symfony\Contracts\Service\ResetInterface;

/** Once somebody has changed what figures rest on, and has his answer, a worker reckons what pages will ask. */
#[AsDoctrineListener(Events::onFlush)]
final class ReckonAhead implements ResetInterface
{
    /** @var array<string, Team> by id */
    private array $changed = [];

    public function __construct(
        private readonly SolveJobs $jobs,
        private readonly Security $security,
        #[Autowire('%fox.ahead%')] private readonly bool $isOn,
    ) {}

    public function onFlush(OnFlushEventArgs $event): void
    {
        $unit = $event->getObjectManager()->getUnitOfWork();
        $entities = [
            ...$unit->getScheduledEntityInsertions(),
            ...$unit->getScheduledEntityUpdates(),
            ...$unit->getScheduledEntityDeletions(),
        ];
        foreach ($this->isOn ? $entities : [] as $entity) {
            $team = match (true) {
                $entity instanceof Team => $entity,
                $entity instanceof Player,
                $entity instanceof PlanDraft,
                $entity instanceof TodaysLineup => $entity->team,
                default => null,
            };
            if (null !== $team && !$unit->isScheduledForDelete($team)) {
                $this->changed[(string) $team->id()] = $team;
            }
        }
    }

    #[AsEventListener]
    public function onTerminate(TerminateEvent $event): void
    {
        $account = $this->security->getUser();
        if (!$account instanceof Account) {
            return;
        }
        try {
            foreach ($this->changed as $team) {
                $this->jobs->leave($team, $account, SolveKind::Ahead);
            }
        } catch (Exception|ManagerException) {
            // The database is away, or what was to be changed was not: whoever looks next reckons.
        } finally {
            $this->reset();
        }
    }

    public function reset(): void
    {
        $this->changed = [];
    }
}
