<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Live;

use Doctrine\ORM\Mapping as ORM;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Shared\Identified;
use FoxCorner\Core\Practice\Live\PauseReason;
use FoxCorner\Core\Practice\Live\RunClock;
use Symfony\Component\Uid\Uuid;

/** A practice that is being run, or was: its clock. */
#[ORM\Entity(repositoryClass: RunRepository::class)]
class PracticeRun
{
    use Identified;

    /** ms; the usual half hour after the last thunder. */
    private const NOTICE_HOLDS = 30 * 60000;

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

    /** @var list<int> ms that the blocks were to last */
    #[ORM\Column(type: 'json')]
    private array $planned;

    /** Which start of the machine the run goes by, and how many ms since 1970 its own clock was ahead of that start. */
    #[ORM\Column(length: 40)]
    private string $booted = '';

    #[ORM\Column(type: 'bigint')]
    private int $ahead = 0;

    /** ms since 1970 by the run's own clock, as the two after it. */
    #[ORM\Column(type: 'bigint', nullable: true)]
    private ?int $startedAt;

    #[ORM\Column(type: 'bigint', nullable: true)]
    private ?int $pausedAt;

    #[ORM\Column(length: 20, nullable: true)]
    private ?PauseReason $reason;

    /** ms since 1970: the latest lightning notice that has stopped the clock already. */
    #[ORM\Column(type: 'bigint')]
    private int $heededAt = 0;

    private bool $isStoppedUnwritten = false;

    public function __construct(
        #[ORM\OneToOne] #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Practice $practice,
        RunClock $clock,
        RunTime $time,
    ) {
        $this->id = Uuid::v7();
        $this->begin($clock, $time);
    }

    /** Started by the clock on the wall; from here on the run's own clock counts. */
    public function begin(RunClock $clock, RunTime $time): void
    {
        [$this->booted, $this->ahead] = [$time->boot(), $time->wall() - $time->uptime()];
        $this->turn($clock);
    }

    public function clock(): RunClock
    {
        return RunClock::kept(
            $this->lengths,
            $this->skipped,
            $this->startedAt,
            $this->pausedAt,
            $this->reason,
            $this->planned,
        );
    }

    /**
     * The moment by the run's own clock, ms since 1970: what the wall showed at the start and what the machine has run
     * since, so that setting the server's clock neither ends a run nor lengthens it.
     */
    public function now(RunTime $time): int
    {
        return $this->booted === $time->boot() ? $this->ahead + $time->uptime() : $time->wall();
    }

    /** Stops at the moment of a lightning notice, once for each, and for none that is long over. */
    public function heed(int $noticeAt, RunTime $time): void
    {
        [$now, $wall, $clock] = [$this->now($time), $time->wall(), $this->clock()];
        $at = max($clock->startedAt ?? 0, $now - max(0, $wall - $noticeAt));
        if (
            $noticeAt <= $this->heededAt ||
            $wall - $noticeAt > self::NOTICE_HOLDS ||
            !$clock->isStarted() ||
            $clock->isOver($at)
        ) {
            return;
        }
        $this->heededAt = $noticeAt;
        $this->isStoppedUnwritten = true;
        $this->turn($clock->pause($at, PauseReason::Lightning));
    }

    /**
     * Another number for every state that a page can show; a stop that nobody has written down yet counts as half a
     * step.
     */
    public function edition(): int
    {
        return 2 * $this->edition + (int) $this->isStoppedUnwritten;
    }

    public function turn(RunClock $clock): void
    {
        [$this->lengths, $this->skipped, $this->planned] = [$clock->lengths, $clock->skipped, $clock->planned];
        [$this->startedAt, $this->pausedAt, $this->reason] = [$clock->startedAt, $clock->pausedAt, $clock->reason];
    }
}
