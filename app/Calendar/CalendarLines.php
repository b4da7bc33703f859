<?php

declare(strict_types=1);

namespace FoxCorner\App\Calendar;

use FoxCorner\App\Shared\TypedText;

/** The lines of a calendar file, looked over before anything reads them. */
final readonly class CalendarLines
{
    /** A property's name, parameters, a colon. */
    private const LINE = '~^[A-Za-z0-9-]+(;[^:]*(:[^:]*)*?)?:~';
    private const FOLDED = '~^[ \t]~';
    private const LARGEST = 1_000_000;
    private const MOST_EVENTS = 1000;
    private const DEEPEST = 4;

    /** @param list<string> $lines */
    private function __construct(private array $lines) {}

    /** @throws CalendarTooLarge */
    public static function of(string $text): self
    {
        if (\strlen($text) > self::LARGEST) {
            throw new CalendarTooLarge(
                \sprintf(
                    'The file is larger than %d kB. Allowed: a calendar of games and bookings.',
                    self::LARGEST / 1000,
                ),
            );
        }
        $lines = new self(
            explode(
                "\n",
                str_replace(["\r\n", "\r", "\u{FEFF}", "\0"], ["\n", "\n", '', ''], TypedText::unicode($text)),
            ),
        );
        $lines->mustBeModest();

        return $lines;
    }

    /** @return list<string> each naming its line */
    public function problems(): array
    {
        $problems = [];
        foreach ($this->lines as $number => $line) {
            if (self::isBroken($line)) {
                $problems[] = \sprintf(
                    'Line %d was left out: “%s” has no name and colon. Allowed: lines like SUMMARY:Game.',
                    $number + 1,
                    mb_strimwidth($line, 0, 40, '…'),
                );
            }
        }

        return $problems;
    }

    public function sound(): string
    {
        return implode("\r\n", array_filter($this->lines, static fn(string $line): bool => !self::isBroken($line))) .
            "\r\n";
    }

    /** @throws CalendarTooLarge */
    private function mustBeModest(): void
    {
        /** @var list<string> $open */
        $open = [];
        $parts = 0;
        foreach ($this->lines as $line) {
            $line = strtoupper(rtrim($line));
            if (str_starts_with($line, 'BEGIN:')) {
                $open[] = $line;
                $parts += \in_array($line, ['BEGIN:VEVENT', 'BEGIN:VTIMEZONE'], true) ? 1 : 0;
            } elseif (str_starts_with($line, 'END:')) {
                array_pop($open);
            }
            if (\count($open) > self::DEEPEST) {
                throw new CalendarTooLarge(
                    'Parts stand within parts deeper than any calendar has them. Allowed: events in a calendar.',
                );
            }
        }
        if ($parts > self::MOST_EVENTS) {
            throw new CalendarTooLarge(
                \sprintf(
                    'There are %d parts in it. Allowed: at most %d events and time zones; export only the coming ' .
                        'season.',
                    $parts,
                    self::MOST_EVENTS,
                ),
            );
        }
    }

    private static function isBroken(string $line): bool
    {
        return '' !== trim($line) && 1 !== preg_match(self::FOLDED, $line) && 1 !== preg_match(self::LINE, $line);
    }
}
