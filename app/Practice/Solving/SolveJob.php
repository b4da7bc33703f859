<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Solving;

use Doctrine\ORM\Mapping as ORM;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Shared\Identified;
use FoxCorner\App\Shared\Time\Instant;
use Symfony\Component\Uid\Uuid;

/**
 * Something that takes longer than a page may: solved by a worker, waited for by a page.
 *
 * Its state is turned by {@see SolveJobs} with single statements: a worker's mapper may be of no use any more by then.
 */
#[ORM\Entity]
#[ORM\Index(name: 'IDX_SOLVE_TEAM_STATE', columns: ['team_id', 'state'])]
class SolveJob
{
    use Identified;

    #[ORM\Column(length: 10)]
    private SolveState $state = SolveState::Waiting;

    /** JSON by {@see SolveOutcome}; null until a worker is done. */
    #[ORM\Column(type: 'text', length: 16777215, nullable: true)]
    private ?string $outcome;

    #[ORM\Column(type: Instant::NAME, nullable: true)]
    private ?\DateTimeImmutable $begunAt;

    /** @param string $practice its id; of one that is to be made, the id that it will have */
    public function __construct(
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false)] public readonly Team $team,
        #[ORM\ManyToOne] #[ORM\JoinColumn(name: 'by_id', nullable: false)] public readonly Account $by,
        #[ORM\Column(length: 12)] public readonly SolveKind $kind,
        #[ORM\Column(length: 36)] public readonly string $practice,
        /** JSON, as the kind of work reads it. */
        #[ORM\Column(type: 'text', length: 16777215)] public readonly string $request,
        #[ORM\Column(type: Instant::NAME)] private \DateTimeImmutable $askedAt,
    ) {
        $this->id = Uuid::v7();
        $this->hold(null, null);
    }

    private function hold(?string $outcome, ?\DateTimeImmutable $begunAt): void
    {
        [$this->outcome, $this->begunAt] = [$outcome, $begunAt];
    }

    public function state(): SolveState
    {
        return $this->state;
    }

    public function askedAt(): \DateTimeImmutable
    {
        return $this->askedAt;
    }

    public function begunAt(): ?\DateTimeImmutable
    {
        return $this->begunAt;
    }

    public function outcome(): ?SolveOutcome
    {
        return null === $this->outcome ? null : SolveOutcome::read($this->outcome);
    }
}
