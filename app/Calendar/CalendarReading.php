<?php

declare(strict_types=1);

namespace FoxCorner\App\Calendar;

/** What was found in a calendar file: every time that something takes place, and what could not be read. */
final readonly class CalendarReading
{
    /**
     * @param list<FoundEvent> $events   in order of time
     * @param list<string>     $problems sentences
     * @param list<string>     $uids     of everything in it, also of what is called off: an earlier reading of these
     *                                   is replaced
     * @param string           $zone     by whose clock the times are
     */
    public function __construct(
        public array $events,
        public array $problems,
        public array $uids = [],
        public string $zone = '',
    ) {}

    public function calledOff(): int
    {
        return \count(
            array_diff($this->uids, array_map(static fn(FoundEvent $event): string => $event->uid, $this->events)),
        );
    }
}
