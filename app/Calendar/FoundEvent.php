<?php

declare(strict_types=1);

namespace FoxCorner\App\Calendar;

/** One time that something in a calendar file takes place, by the clock on the field's wall. */
final readonly class FoundEvent
{
    /** Bytes of a UID that are kept as they are; a longer one is kept as its fingerprint. */
    private const LONGEST_UID = 180;

    public string $uid;
    public string $summary;
    public string $place;

    /** @param bool $takesField whether nothing else can be on the field then */
    public function __construct(
        string $uid,
        string $summary,
        string $place,
        public \DateTimeImmutable $startsAt,
        public \DateTimeImmutable $endsAt,
        public bool $allDay,
        public bool $takesField,
    ) {
        $this->uid = self::key($uid);
        $this->summary = mb_substr($summary, 0, 160);
        $this->place = mb_substr($place, 0, 120);
    }

    public static function key(string $uid): string
    {
        return \strlen($uid) <= self::LONGEST_UID ? $uid : hash('sha256', $uid);
    }
}
