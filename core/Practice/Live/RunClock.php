<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Live;

use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Value\ButFor;

/**
 * The clock of a practice that is being run: the same for everybody, whatever his phone says.
 *
 * Blocks follow each other by themselves. All times are milliseconds; moments are since 1970.
 */
final readonly class RunClock
{
    use ButFor;

    private const MINUTE = 60000;
    private const LONGEST_BLOCK = 120 * self::MINUTE;
    /** Share of what a block was to last from which it counts as practised; ours: less is a wrong press. */
    private const DONE = 0.25;

    /**
     * @param list<int> $lengths of the blocks; a block that was cut short has the time that it took
     * @param list<int> $skipped indices of blocks that do not count as done
     * @param list<int> $planned what the blocks were to last
     */
    private function __construct(
        public array $lengths,
        public array $skipped,
        public ?int $startedAt,
        public ?int $pausedAt,
        public ?PauseReason $reason,
        public array $planned,
    ) {}

    /** @param non-empty-list<int> $minutes of the blocks */
    public static function ready(array $minutes): self
    {
        $lengths = array_map(static fn(int $length): int => $length * self::MINUTE, $minutes);

        return new self($lengths, [], null, null, null, $lengths);
    }

    /**
     * As it was kept.
     *
     * @param list<int> $lengths
     * @param list<int> $skipped
     * @param list<int> $planned
     */
    public static function kept(
        array $lengths,
        array $skipped,
        ?int $startedAt,
        ?int $pausedAt,
        ?PauseReason $reason,
        array $planned,
    ): self {
        return new self($lengths, $skipped, $startedAt, $pausedAt, $reason, $planned);
    }

    public function isStarted(): bool
    {
        return null !== $this->startedAt;
    }

    public function isPaused(): bool
    {
        return null !== $this->pausedAt;
    }

    public function isOver(int $now): bool
    {
        return $this->isStarted() && $this->at($now)->index >= \count($this->lengths);
    }

    public function at(int $now): RunMoment
    {
        $gone = null === $this->startedAt ? 0 : ($this->pausedAt ?? $now) - $this->startedAt;
        foreach ($this->lengths as $index => $length) {
            if ($gone < $length) {
                return new RunMoment($index, $length - max(0, $gone));
            }
            $gone -= $length;
        }

        return new RunMoment(\count($this->lengths), 0);
    }

    /** Whether a block is behind us, lasted long enough to count, and was not skipped. */
    public function isDone(int $index, int $now): bool
    {
        return $this->isStarted() &&
            $index < $this->at($now)->index &&
            !\in_array($index, $this->skipped, true) &&
            $this->lengths[$index] >= self::DONE * $this->planned[$index];
    }

    /** Whether a block can still be changed: it is after the one that runs. */
    public function isAhead(int $index, int $now): bool
    {
        return !$this->isStarted() || $index > $this->at($now)->index;
    }

    /** Moment at which it will all be over if nothing is changed. */
    public function endsAt(int $now): int
    {
        return ($this->startedAt ?? $now) +
            array_sum($this->lengths) +
            (null === $this->pausedAt ? 0 : $now - $this->pausedAt);
    }

    /** @throws Problem when it runs already */
    public function start(int $now): self
    {
        if ($this->isStarted()) {
            throw Refused::because('practice', 'it is running already', 'pause, next, longer, skip');
        }

        return $this->but(startedAt: $now, pausedAt: null, reason: null);
    }

    /** @throws Problem when nothing runs */
    public function pause(int $now, PauseReason $reason): self
    {
        $this->mustRun($now);

        // Another reason for the same break does not move the moment at which it began.
        return $this->but(pausedAt: $this->pausedAt ?? $now, reason: $reason);
    }

    /** @throws Problem when it does not stand still */
    public function goOn(int $now): self
    {
        if (null === $this->startedAt || null === $this->pausedAt) {
            throw Refused::because('practice', 'it does not stand still', 'pause, next, longer, skip');
        }

        return $this->but(startedAt: $this->startedAt + $now - $this->pausedAt, pausedAt: null, reason: null);
    }

    /**
     * To the next block at once; what was done of this one counts.
     *
     * @throws Problem when nothing runs
     */
    public function next(int $now): self
    {
        $moment = $this->mustRun($now);
        $lengths = $this->lengths;
        $lengths[$moment->index] -= $moment->left;

        return $this->but(lengths: array_values($lengths));
    }

    /**
     * To the block before, with what was left of it, at least a minute; the time since does not count. After the end,
     * the last block is taken up again.
     *
     * @throws Problem when nothing has begun, or this is the first block
     */
    public function back(int $now): self
    {
        if (null === $this->startedAt) {
            throw Refused::because('practice', 'it has not begun', 'start');
        }
        $index = $this->at($now)->index;
        $before = $index - 1;
        if (!isset($this->lengths[$before], $this->planned[$before])) {
            throw Refused::because('practice', 'this is the first block', '“not yet”, which takes the start back');
        }
        $since = ($this->pausedAt ?? $now) - $this->startedAt - array_sum(\array_slice($this->lengths, 0, $index));
        $lengths = $this->lengths;
        $lengths[$before] += max($this->planned[$before] - $lengths[$before], self::MINUTE);
        if (isset($this->planned[$index])) {
            $lengths[$index] = $this->planned[$index];
        }

        return $this->but(
            lengths: array_values($lengths),
            skipped: array_values(array_diff($this->skipped, [$before, $index])),
            startedAt: $this->startedAt + $since,
        );
    }

    /**
     * As if nobody had started it.
     *
     * @throws Problem when nobody has
     */
    public function notYet(): self
    {
        return $this->isStarted()
            ? new self($this->planned, [], null, null, null, $this->planned)
            : throw Refused::because('practice', 'it has not begun', 'start');
    }

    /**
     * To the next block at once; this one does not count.
     *
     * @throws Problem when nothing runs
     */
    public function skip(int $now): self
    {
        $moment = $this->mustRun($now);
        $next = $this->next($now);

        return new self(
            $next->lengths,
            [...$this->skipped, $moment->index],
            $next->startedAt,
            $next->pausedAt,
            $next->reason,
            $this->planned,
        );
    }

    /**
     * More time for the block that runs; everything after it is later.
     *
     * @throws Problem when nothing runs, or a block would last for hours
     */
    public function extend(int $now, int $minutes): self
    {
        $moment = $this->mustRun($now);
        OutOfRange::unlessBetween('minutes more', $minutes, 1, 30, 'minutes');
        [$lengths, $planned] = [$this->lengths, $this->planned];
        $lengths[$moment->index] += $minutes * self::MINUTE;
        $planned[$moment->index] += $minutes * self::MINUTE;
        OutOfRange::unlessBetween(
            'block',
            $lengths[$moment->index] / self::MINUTE,
            0,
            self::LONGEST_BLOCK / self::MINUTE,
            'minutes',
        );

        return $this->but(lengths: array_values($lengths), planned: array_values($planned));
    }

    private function mustRun(int $now): RunMoment
    {
        if (!$this->isStarted() || $this->isOver($now)) {
            throw Refused::because('practice', $this->isStarted() ? 'it is over' : 'it has not begun', 'start');
        }

        return $this->at($now);
    }
}
