<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Live;

use Doctrine\ORM\Mapping as ORM;
use FoxCorner\App\Practice\Practice;
use FoxCorner\App\Shared\Identified;
use FoxCorner\Core\Practice\Live\PauseReason;
use FoxCorner\Core\Practice\Live\RunClock;
use Symfony\Component\Uid\Uuid;

/** A practice that is being run, or was: its clock. */
#[ORM\Entity(repositoryClass: RunRepository::class)]
class PracticeRun
{
    use Identified;

    /**
     * Goes up whenever anything that the pages of the run show has changed.
     *
     * Two coaches who press at the same moment: only one of them turns the clock.
     */
    #[ORM\Version]
    #[ORM\Column(type: 'integer')]
    private int $edition = 1;

    /** @var list<int> ms */
    #[ORM\Column(type: 'json')]
    private array $lengths;

    /** @var list<int> */
    #[ORM\Column(type: 'json')]
    private array $skipped;

    /** ms since 1970, as the two after it. */
    #[ORM\Column(type: 'bigint', nullable: true)]
    private ?int $startedAt;

    #[ORM\Column(type: 'bigint', nullable: true)]
    private ?int $pausedAt;

    #[ORM\Column(length: 20, nullable: true)]
    private ?PauseReason $reason;

    /** ms since 1970: the latest lightning notice that has stopped the clock already. */
    #[ORM\Column(type: 'bigint')]
    private int $heededAt = 0;

    public function __construct(
        #[ORM\OneToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public readonly Practice $practice,
        RunClock $clock,
    ) {
        $this->id = Uuid::v7();
        $this->turn($clock);
    }

    public function clock(): RunClock
    {
        return RunClock::kept($this->lengths, $this->skipped, $this->startedAt, $this->pausedAt, $this->reason);
    }

    /** Stops for a lightning notice, once for each. */
    public function heed(int $noticeAt, int $now): void
    {
        if ($noticeAt <= $this->heededAt || !$this->clock()->isStarted() || $this->clock()->isOver($now)) {
            return;
        }
        $this->heededAt = $noticeAt;
        $this->turn($this->clock()->pause($now, PauseReason::Lightning));
    }

    public function edition(): int
    {
        return $this->edition;
    }

    public function turn(RunClock $clock): void
    {
        [$this->lengths, $this->skipped, $this->startedAt, $this->pausedAt, $this->reason] = [$clock->lengths, $clock->skipped, $clock->startedAt, $clock->pausedAt, $clock->reason];
    }
}
