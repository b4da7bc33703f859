<?php

declare(strict_types=1);

namespace FoxCorner\App\Calendar;

/**
 * A rule of repetition of a calendar (RFC 5545, RRULE), laid out within a time.
 *
 * Written here and not taken from the package that reads the rest: there a rule that never holds is looked for without
 * end. Here the days of the time asked for are gone through, so that the work is bounded whatever the rule says.
 */
final readonly class Repetition
{
    private const MOST_COUNTED = 1000;
    private const LARGEST_INTERVAL = 999;

    /**
     * @param list<array{int, int}> $byDay      0 or the place in month or year, and the day of the week from 1
     * @param list<int>             $byMonthDay
     * @param list<int>             $byMonth
     * @param list<int>             $bySetPos
     * @param list<int>             $byHour
     * @param list<int>             $byMinute
     */
    private function __construct(
        private string $frequency,
        private int $interval,
        private ?int $count,
        private string $until,
        private array $byDay,
        private array $byMonthDay,
        private array $byMonth,
        private array $bySetPos,
        private array $byHour,
        private array $byMinute,
        private int $weekStart,
    ) {}

    /** @throws \InvalidArgumentException a sentence, when it cannot be laid out */
    public static function read(string $rule): self
    {
        $parts = RepetitionParts::of($rule);

        return new self(
            $parts->frequency(),
            $parts->numbers('INTERVAL', 1, self::LARGEST_INTERVAL)[0] ?? 1,
            $parts->numbers('COUNT', 1, self::MOST_COUNTED)[0] ?? null,
            $parts->until(),
            $parts->days(),
            $parts->numbers('BYMONTHDAY', -31, 31),
            $parts->numbers('BYMONTH', 1, 12),
            $parts->numbers('BYSETPOS', -366, 366),
            $parts->numbers('BYHOUR', 0, 23),
            $parts->numbers('BYMINUTE', 0, 59),
            $parts->weekStart(),
        );
    }

    /**
     * @param \DateTimeImmutable $first the beginning of the first one, which always takes place
     *
     * @return iterable<\DateTimeImmutable> beginnings in order, by the same clock as the first, from about $from until
     *                                      $to
     */
    public function starts(
        \DateTimeImmutable $first,
        \DateTimeImmutable $from,
        \DateTimeImmutable $to,
        CalendarBudget $budget,
    ): iterable {
        // The first takes place whatever the rule says, and is counted.
        if ($first <= $to) {
            yield $first;
        }
        $left = null === $this->count ? null : $this->count - 1;
        // What is counted has to be counted from the beginning; anything else may begin near the time asked for.
        for ($period = null === $this->count ? $this->near($first, $from) : 0; null === $left || $left > 0; ++$period) {
            $begin = $this->begin($first, $period);
            if ($begin > $to) {
                return;
            }
            foreach ($this->within($begin, $first, $budget) as $start) {
                if ($start <= $first || (null !== $left && $left <= 0)) {
                    continue;
                }
                if ($start > $to || ('' !== $this->until && $this->isAfter($start))) {
                    return;
                }
                $left = null === $left ? null : $left - 1;
                yield $start;
            }
        }
    }

    private function isAfter(\DateTimeImmutable $start): bool
    {
        return match (true) {
            str_ends_with($this->until, 'Z') => $start->setTimezone(new \DateTimeZone('UTC'))->format('Ymd\THis\Z') >
                $this->until,
            8 === \strlen($this->until) => $start->format('Ymd') > $this->until,
            default => $start->format('Ymd\THis') > $this->until,
        };
    }

    /** The number of the period that a moment is in, or the one before it. */
    private function near(\DateTimeImmutable $first, \DateTimeImmutable $from): int
    {
        $days = (int) floor(($from->getTimestamp() - $first->getTimestamp()) / 86400);
        $length = ['DAILY' => 1, 'WEEKLY' => 7, 'MONTHLY' => 31, 'YEARLY' => 366][$this->frequency];

        return max(0, intdiv($days, $length * $this->interval) - 1);
    }

    private function begin(\DateTimeImmutable $first, int $period): \DateTimeImmutable
    {
        $steps = $period * $this->interval;
        $midnight = $first->setTime(0, 0);

        return match ($this->frequency) {
            'DAILY' => $midnight->modify("+$steps days"),
            'WEEKLY' => $midnight
                ->modify('-' . ((int) $first->format('N') - $this->weekStart + 7) % 7 . ' days')
                ->modify('+' . 7 * $steps . ' days'),
            'MONTHLY' => $midnight->modify('first day of this month')->modify("+$steps months"),
            default => $midnight->setDate((int) $first->format('Y') + $steps, 1, 1),
        };
    }

    /** @return list<\DateTimeImmutable> of a period, in order */
    private function within(\DateTimeImmutable $begin, \DateTimeImmutable $first, CalendarBudget $budget): array
    {
        $length = [
            'DAILY' => 1,
            'WEEKLY' => 7,
            'MONTHLY' => (int) $begin->format('t'),
            'YEARLY' => 365 + (int) $begin->format('L'),
        ][$this->frequency];
        $found = [];
        for ($day = 0; $day < $length; ++$day) {
            $budget->step();
            $date = 0 === $day ? $begin : $begin->modify("+$day days");
            if ($this->holds($date, $first)) {
                array_push($found, ...$this->times($date, $first));
            }
        }

        return [] === $this->bySetPos ? $found : $this->places($found);
    }

    private function holds(\DateTimeImmutable $date, \DateTimeImmutable $first): bool
    {
        $dayOfMonth = (int) $date->format('j');
        if ([] !== $this->byMonth && !\in_array((int) $date->format('n'), $this->byMonth, true)) {
            return false;
        }
        if (
            [] !== $this->byMonthDay &&
            !\in_array($dayOfMonth, $this->byMonthDay, true) &&
            !\in_array($dayOfMonth - (int) $date->format('t') - 1, $this->byMonthDay, true)
        ) {
            return false;
        }
        if ([] !== $this->byDay) {
            return $this->isNamed($date);
        }

        return [] !== $this->byMonthDay ||
            match ($this->frequency) {
                'DAILY' => true,
                'WEEKLY' => $date->format('N') === $first->format('N'),
                'MONTHLY' => $date->format('j') === $first->format('j'),
                default => [] === $this->byMonth
                    ? $date->format('n-j') === $first->format('n-j')
                    : $date->format('j') === $first->format('j'),
            };
    }

    private function isNamed(\DateTimeImmutable $date): bool
    {
        $ofYear = 'YEARLY' === $this->frequency && [] === $this->byMonth;
        $day = $ofYear ? (int) $date->format('z') : (int) $date->format('j') - 1;
        $days = $ofYear ? 365 + (int) $date->format('L') : (int) $date->format('t');
        foreach ($this->byDay as [$place, $weekday]) {
            $fits =
                0 === $place ||
                'DAILY' === $this->frequency ||
                'WEEKLY' === $this->frequency ||
                intdiv($day, 7) + 1 === $place ||
                -intdiv($days - 1 - $day, 7) - 1 === $place;
            if ($fits && (int) $date->format('N') === $weekday) {
                return true;
            }
        }

        return false;
    }

    /** @return list<\DateTimeImmutable> */
    private function times(\DateTimeImmutable $date, \DateTimeImmutable $first): array
    {
        $times = [];
        foreach ([] === $this->byHour ? [(int) $first->format('G')] : $this->byHour as $hour) {
            foreach ([] === $this->byMinute ? [(int) $first->format('i')] : $this->byMinute as $minute) {
                $times[] = $date->setTime($hour, $minute, (int) $first->format('s'));
            }
        }
        sort($times);

        return $times;
    }

    /**
     * @param list<\DateTimeImmutable> $found
     *
     * @return list<\DateTimeImmutable>
     */
    private function places(array $found): array
    {
        $kept = [];
        foreach ($found as $index => $start) {
            if (
                \in_array($index + 1, $this->bySetPos, true) ||
                \in_array($index - \count($found), $this->bySetPos, true)
            ) {
                $kept[] = $start;
            }
        }

        return $kept;
    }
}
