<?php

declare(strict_types=1);

namespace FoxCorner\App\Demo;

/**
 * When the demo club does what, from any day on which it is loaded: a practice a week ago, two tomorrow, and on none of
 * these days anybody else on the field.
 */
final readonly class DemoDays
{
    private function __construct(
        public \DateTimeImmutable $held,
        public \DateTimeImmutable $kites,
        public \DateTimeImmutable $terns,
        /** @var list<array{\DateTimeImmutable, \DateTimeImmutable, string}> from, to, what */
        public array $booked,
    ) {}

    public static function from(\DateTimeImmutable $today): self
    {
        $tomorrow = $today->modify('+1 day');
        $after = $today->modify('+2 days')->setTime(0, 0);
        $weekend = '7' === $after->format('N') ? $after : $after->modify('saturday');
        $school = static fn(\DateTimeImmutable $day): array => [
            $day->setTime(16, 0),
            $day->setTime(19, 0),
            'Field: evening school',
        ];

        return new self(
            $today->modify('-7 days')->setTime(17, 30),
            $tomorrow->setTime(17, 30),
            $tomorrow->setTime(19, 0),
            [
                [$weekend->setTime(10, 0), $weekend->setTime(12, 0), 'Game against the Dunlins'],
                $school($after),
                $school($after->modify('+7 days')),
            ],
        );
    }
}
