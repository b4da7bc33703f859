<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Sheet;

use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\Core\Practice\Time\BlockKind;
use Psr\Clock\ClockInterface;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;

/** A practice as an iCalendar file. Times are the field's own wall clock, without a zone. */
final readonly class PracticeCalendar
{
    public function __construct(private ClockInterface $clock) {}

    public function of(Practice $practice, Sheet $sheet): string
    {
        return $this->ofAll([[$practice, $sheet]]);
    }

    /** @param list<array{Practice, Sheet}> $practices */
    public function ofAll(array $practices): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Fox Corner//Practice//EN']);
        foreach ($practices as [$practice, $sheet]) {
            $this->add($calendar, $practice, $sheet);
        }

        return $calendar->serialize();
    }

    private function add(VCalendar $calendar, Practice $practice, Sheet $sheet): void
    {
        /** @var VEvent $event */
        $event = $calendar->add('VEVENT', [
            'UID' => $practice->id()->toRfc4122() . '@fox-corner',
            'DTSTAMP' => $this->clock->now()->setTimezone(new \DateTimeZone('UTC')),
            'SEQUENCE' => $practice->version(),
            'SUMMARY' => $practice->team->name . ': practice, ' . $sheet->focus(),
            'DESCRIPTION' => $this->description($sheet, $practice->startsAt()),
        ]);
        foreach (['DTSTART' => $practice->startsAt(), 'DTEND' => $practice->endsAt()] as $name => $time) {
            $event->add($name, $time->format('Ymd\THis'));
        }
        if ('' !== $practice->place()) {
            $event->add('LOCATION', $practice->place());
        }
    }

    private function description(Sheet $sheet, \DateTimeImmutable $start): string
    {
        $lines = [$sheet->result() . '.'];
        foreach ($sheet->blocks as $block) {
            $stations = array_map(static fn($station): string => $sheet->name($station->drill), $block->stations);
            if ('rotation' !== $block->kind) {
                $lines[] =
                    $start->modify("+$block->start minutes")->format('H:i') .
                    ' ' .
                    BlockKind::from($block->kind)->label() .
                    ([] === $stations ? '' : ': ' . implode(', ', $stations));
            }
        }

        return implode("\n", $lines);
    }
}
