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

    /** Steps done and how many there are, "3/4"; null: nobody says. */
    #[ORM\Column(length: 12, nullable: true)]
    private ?string $progress;

    /** Whether somebody takes what is found by now. */
    #[ORM\Column(options: ['default' => 0])]
    private bool $enough = false;

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
        $this->hold(null, null, null);
    }

    private function hold(?string $outcome, ?\DateTimeImmutable $begunAt, ?string $progress): void
    {
        [$this->outcome, $this->begunAt, $this->progress] = [$outcome, $begunAt, $progress];
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

    /** @return array{int, int}|null steps done, and how many there are */
    public function progress(): ?array
    {
        return null === $this->progress || 2 !== sscanf($this->progress, '%d/%d', $done, $steps)
            ? null
            : [(int) $done, (int) $steps];
    }

    /** Whether there is something by now that could be taken: all is solved once. */
    public function isTakeable(): bool
    {
        [$done, $steps] = $this->progress() ?? [0, 0];

        return SolveKind::Week === $this->kind && !$this->enough && $steps > 1 && 2 * $done >= $steps;
    }

    public function outcome(): ?SolveOutcome
    {
        return null === $this->outcome ? null : SolveOutcome::read($this->outcome);
    }
}
