<?php

declare(strict_types=1);

namespace FoxCorner\App\Calendar;

/** The parts of a rule of repetition as the text has them; what cannot be laid out is refused with a sentence. */
final readonly class RepetitionParts
{
    private const DAYS = ['MO' => 1, 'TU' => 2, 'WE' => 3, 'TH' => 4, 'FR' => 5, 'SA' => 6, 'SU' => 7];
    private const PARTS = [
        'FREQ',
        'UNTIL',
        'COUNT',
        'INTERVAL',
        'BYDAY',
        'BYMONTHDAY',
        'BYMONTH',
        'BYSETPOS',
        'BYHOUR',
        'BYMINUTE',
        'BYSECOND',
        'WKST',
    ];

    /** @param array<string, string> $parts by name */
    private function __construct(private array $parts) {}

    /** @throws \InvalidArgumentException a sentence, as do all others here */
    public static function of(string $rule): self
    {
        $parts = [];
        foreach (explode(';', strtoupper(trim($rule, " ;\r\n"))) as $part) {
            [$name, $value] = [...explode('=', $part, 2), ''];
            if (!\in_array($name, self::PARTS, true)) {
                throw new \InvalidArgumentException(
                    "Its repetition has a part “{$name}”. Allowed: " . implode(', ', self::PARTS) . '.',
                );
            }
            $parts[$name] = $value;
        }

        return new self($parts);
    }

    public function frequency(): string
    {
        $frequency = $this->parts['FREQ'] ?? '';

        return \in_array($frequency, ['DAILY', 'WEEKLY', 'MONTHLY', 'YEARLY'], true)
            ? $frequency
            : throw new \InvalidArgumentException(
                "It repeats “{$frequency}”. Allowed: DAILY, WEEKLY, MONTHLY, YEARLY.",
            );
    }

    /** From 1, Monday. */
    public function weekStart(): int
    {
        return self::DAYS[$this->parts['WKST'] ?? 'MO'] ?? 1;
    }

    /**
     * @return list<int> without doubles
     */
    public function numbers(string $name, int $least, int $most): array
    {
        $numbers = [];
        foreach ('' === ($this->parts[$name] ?? '') ? [] : explode(',', $this->parts[$name]) as $number) {
            if (
                1 !== preg_match('/^[+-]?\d{1,4}$/', $number) ||
                (int) $number < $least ||
                (int) $number > $most ||
                (0 === (int) $number && $least < 0)
            ) {
                throw new \InvalidArgumentException(
                    "Its repetition has {$name}={$number}. Allowed: whole numbers from $least to $most.",
                );
            }
            $numbers[(int) $number] = (int) $number;
        }

        return array_values($numbers);
    }

    /** @return list<array{int, int}> 0 or the place in month or year, and the day of the week from 1 */
    public function days(): array
    {
        $value = $this->parts['BYDAY'] ?? '';
        $days = [];
        foreach ('' === $value ? [] : explode(',', $value) as $day) {
            if (1 !== preg_match('/^([+-]?\d{1,2})?(MO|TU|WE|TH|FR|SA|SU)$/', $day, $found)) {
                throw new \InvalidArgumentException(
                    "Its repetition has BYDAY={$day}. Allowed: days such as MO or 2SU or -1FR.",
                );
            }
            $days[$day] = [(int) $found[1], self::DAYS[$found[2]]];
        }

        return array_values($days);
    }

    /** Nothing, or the day or moment after which there is none. */
    public function until(): string
    {
        $value = $this->parts['UNTIL'] ?? '';

        return '' === $value || 1 === preg_match('/^\d{8}(T\d{6}Z?)?$/', $value)
            ? $value
            : throw new \InvalidArgumentException(
                "Its repetition has UNTIL={$value}. Allowed: a day or a moment, as in 20270930.",
            );
    }
}
