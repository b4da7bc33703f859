<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan\Audit;

use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Play\Check\Finding;

/** A fault of the plan, once, with all the situations in which it shows. */
final readonly class OpenFinding
{
    /** Of the 24 situations; what shows in more is of the roster and not of a situation (ours). */
    private const SHOWN = 12;

    /**
     * @param float               $rank    larger is worse
     * @param list<Situation>     $where   the first of them in the order of the board, and the others
     * @param AuditedFinding|null $audited on how many balls it shows, where it is a coverage's
     * @param PlaySummary|null    $play    whose coverage it is, in the first situation
     */
    private function __construct(
        public Finding $finding,
        public float $rank,
        public array $where,
        public ?AuditedFinding $audited = null,
        public ?PlaySummary $play = null,
    ) {}

    /** @return list<self> worst first, each fault once */
    public static function in(PlanAudit $audit): array
    {
        $open = [];
        foreach ($audit->standing as [$situation, $finding]) {
            $new = new self($finding, $finding->weight, [$situation]);
            $open[$finding->identity()] = $new->after($open[$finding->identity()] ?? null);
        }
        foreach ($audit->plays as $play) {
            foreach ($play->findings as $audited) {
                $identity = $audited->worst->identity();
                $new = new self($audited->worst, $audited->rank(), [$play->situation], $audited, $play);
                $open[$identity] = $new->after($open[$identity] ?? null);
            }
        }
        foreach (self::byFamily($audit->plays) as $family => $own) {
            $finding = Predictable::in($own);
            if (null !== $finding) {
                $open["predictable/$family"] = new self($finding, $finding->weight, [Situation::fromKey('R1-0')]);
            }
        }
        usort($open, static fn(self $a, self $b): int => $b->rank <=> $a->rank);

        return $open;
    }

    /** Whether it has nothing to do with the situation: it shows in most of them. */
    public function isEverywhere(): bool
    {
        return \count($this->where) > self::SHOWN;
    }

    /**
     * How many of them show in each situation, without those that show everywhere.
     *
     * @param list<self> $all
     *
     * @return array<string, int> by the situation's key; only where there are any
     */
    public static function counts(array $all): array
    {
        $counts = [];
        foreach ($all as $open) {
            foreach ($open->isEverywhere() ? [] : $open->where as $situation) {
                $counts[$situation->key()] = ($counts[$situation->key()] ?? 0) + 1;
            }
        }

        return $counts;
    }

    public function situation(): Situation
    {
        return $this->where[0] ?? throw new \LogicException('A fault shows somewhere.');
    }

    /** "Nobody on, nobody out, and in 5 more situations" */
    public function whereWords(): string
    {
        $more = \count($this->where) - 1;

        if ($this->isEverywhere()) {
            return \sprintf('In %d of 24 situations', $more + 1);
        }

        return $this->situation()->label() .
            match ($more) {
                0 => '',
                1 => ', and in one more situation',
                default => ", and in $more more situations",
            };
    }

    /** The same fault met before, with this situation besides. */
    private function after(?self $before): self
    {
        return null === $before
            ? $this
            : new self(
                $before->finding,
                max($before->rank, $this->rank),
                self::each([...$before->where, ...$this->where]),
                $before->audited,
                $before->play,
            );
    }

    /**
     * @param list<Situation> $situations
     *
     * @return list<Situation> each once
     */
    private static function each(array $situations): array
    {
        $each = [];
        foreach ($situations as $situation) {
            $each[$situation->key()] ??= $situation;
        }

        return array_values($each);
    }

    /**
     * @param list<PlaySummary> $plays
     *
     * @return array<string, list<PlaySummary>>
     */
    private static function byFamily(array $plays): array
    {
        $families = [];
        foreach ($plays as $one) {
            $families[$one->family->key()][] = $one;
        }

        return $families;
    }
}
