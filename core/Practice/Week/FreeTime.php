<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Week;

/** Where a practice fits between what is on the field already. */
final class FreeTime
{
    /** min; practices begin at the half hour. */
    private const STEP = 30;

    /**
     * The first fit of every day.
     *
     * @param list<array{\DateTimeImmutable, \DateTimeImmutable}> $busy
     * @param array{int, int}                                     $hours of the day in minutes from midnight: not
     *                                                                   before, not beyond
     *
     * @return list<\DateTimeImmutable> starts, one a day at most
     */
    public static function of(array $busy, \DateTimeImmutable $from, int $days, int $minutes, array $hours): array
    {
        $starts = [];
        for ($day = 0; $day < $days; ++$day) {
            $midnight = $from->setTime(0, 0)->modify("+$day days");
            for ($minute = $hours[0]; $minute + $minutes <= $hours[1]; $minute += self::STEP) {
                // By the clock on the wall: on two days of a year that is not so many minutes after midnight.
                $start = $midnight->setTime(0, $minute);
                if ($start >= $from && self::isFree($busy, $start, $start->modify("+$minutes minutes"))) {
                    $starts[] = $start;
                    break;
                }
            }
        }

        return $starts;
    }

    /** @param list<array{\DateTimeImmutable, \DateTimeImmutable}> $busy */
    public static function isFree(array $busy, \DateTimeImmutable $start, \DateTimeImmutable $end): bool
    {
        foreach ($busy as [$from, $to]) {
            if ($start < $to && $end > $from) {
                return false;
            }
        }

        return true;
    }
}
