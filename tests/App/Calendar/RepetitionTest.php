<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App\Calendar;

use FoxCorner\App\Calendar\CalendarBudget;
use FoxCorner\App\Calendar\CalendarTooLarge;
use FoxCorner\App\Calendar\Repetition;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Rules of repetition: what they give, and that they always come to an end. */
final class RepetitionTest extends TestCase
{
    /** @param list<string> $days */
    #[TestWith(['FREQ=DAILY;COUNT=3', '2027-05-03 18:00', ['05-03', '05-04', '05-05']])]
    #[TestWith(['FREQ=DAILY;INTERVAL=10;UNTIL=20270524', '2027-05-03 18:00', ['05-03', '05-13', '05-23']])]
    #[TestWith(['FREQ=DAILY;BYDAY=SA,SU;UNTIL=20270510', '2027-05-03 18:00', ['05-03', '05-08', '05-09']])]
    #[TestWith(['FREQ=WEEKLY;COUNT=3', '2027-05-03 18:00', ['05-03', '05-10', '05-17']])]
    #[
        TestWith([
            'FREQ=WEEKLY;INTERVAL=2;BYDAY=MO,TH;COUNT=5',
            '2027-05-03 18:00',
            ['05-03', '05-06', '05-17', '05-20', '05-31'],
        ]),
    ]
    #[
        TestWith([
            'FREQ=WEEKLY;INTERVAL=2;WKST=SU;BYDAY=SU,MO;COUNT=4',
            '2027-05-03 18:00',
            ['05-03', '05-16', '05-17', '05-30'],
        ]),
    ]
    #[TestWith(['FREQ=MONTHLY;COUNT=3', '2027-01-31 18:00', ['01-31', '03-31', '05-31']])]
    #[TestWith(['FREQ=MONTHLY;BYDAY=2TU;COUNT=3', '2027-05-11 18:00', ['05-11', '06-08', '07-13']])]
    #[TestWith(['FREQ=MONTHLY;BYDAY=-1FR;COUNT=2', '2027-05-28 18:00', ['05-28', '06-25']])]
    #[TestWith(['FREQ=MONTHLY;BYMONTHDAY=-1;COUNT=3', '2027-05-31 18:00', ['05-31', '06-30', '07-31']])]
    #[TestWith(['FREQ=MONTHLY;BYDAY=MO,TU,WE,TH,FR;BYSETPOS=-1;COUNT=2', '2027-05-31 18:00', ['05-31', '06-30']])]
    #[TestWith(['FREQ=YEARLY;COUNT=2', '2027-05-03 18:00', ['05-03', '05-03']])]
    #[TestWith(['FREQ=YEARLY;BYMONTH=6,7;BYDAY=1SU;COUNT=3', '2027-06-06 18:00', ['06-06', '07-04', '06-04']])]
    #[TestWith(['FREQ=WEEKLY;UNTIL=20270510T160000Z', '2027-05-03 18:00', ['05-03', '05-10']])]
    #[TestWith(['FREQ=WEEKLY;UNTIL=20270510T155959Z', '2027-05-03 18:00', ['05-03']])]
    public function testWhatARuleGives(string $rule, string $first, array $days): void
    {
        $starts = self::starts($rule, $first, '2027-01-01', '2029-01-01');

        self::assertSame(
            $days,
            array_map(static fn(\DateTimeImmutable $start): string => $start->format('m-d'), $starts),
        );
        self::assertSame(
            ['18:00'],
            array_values(
                array_unique(array_map(static fn(\DateTimeImmutable $start): string => $start->format('H:i'), $starts)),
            ),
            'the same hour, over changes of clocks too',
        );
    }

    public function testTwoHoursADay(): void
    {
        $starts = self::starts(
            'FREQ=DAILY;BYHOUR=9,18;BYMINUTE=0,30;COUNT=5',
            '2027-05-03 09:00',
            '2027-01-01',
            '2028-01-01',
        );

        self::assertSame(
            ['03 09:00', '03 09:30', '03 18:00', '03 18:30', '04 09:00'],
            array_map(static fn(\DateTimeImmutable $start): string => $start->format('d H:i'), $starts),
        );
    }

    /** The time asked for begins years after the first one: only what is counted is gone through from there. */
    public function testAnOldRuleIsTakenUpWhereItIsAskedFor(): void
    {
        $budget = new CalendarBudget();
        $starts = [
            ...Repetition::read('FREQ=WEEKLY;INTERVAL=3')->starts(
                new \DateTimeImmutable('1990-01-02 18:00'),
                new \DateTimeImmutable('2027-05-01'),
                new \DateTimeImmutable('2027-07-01'),
                $budget,
            ),
        ];
        $days = array_map(
            static fn(\DateTimeImmutable $start): int => (new \DateTimeImmutable('1990-01-02 18:00'))->diff($start)
                ->days,
            $starts,
        );

        self::assertGreaterThan(3, \count($starts));
        self::assertSame([0], array_values(array_unique(array_map(static fn(int $day): int => $day % 21, $days))));
    }

    #[TestWith(['FREQ=DAILY;INTERVAL=7;BYDAY=TU'])]
    #[TestWith(['FREQ=MONTHLY;INTERVAL=12;BYMONTHDAY=30'])]
    #[TestWith(['FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30'])]
    #[TestWith(['FREQ=MONTHLY;BYDAY=1MO;BYSETPOS=9'])]
    #[TestWith(['FREQ=DAILY;INTERVAL=7;BYDAY=TU;COUNT=900'])]
    public function testARuleThatNeverHoldsComesToAnEnd(string $rule): void
    {
        self::assertCount(
            1,
            self::starts($rule, '2027-02-01 18:00', '2027-01-01', '2027-12-31'),
            'the first takes place all the same',
        );
    }

    #[TestWith(['FREQ=HOURLY;COUNT=3400', 'It repeats “HOURLY”. Allowed: DAILY, WEEKLY'])]
    #[TestWith(['FREQ=SECONDLY', 'It repeats “SECONDLY”'])]
    #[TestWith(['FREQ=DAILY;BYHOUR=25', 'BYHOUR=25. Allowed: whole numbers from 0 to 23'])]
    #[TestWith(['FREQ=YEARLY;BYMONTH=2.5', 'BYMONTH=2.5. Allowed: whole numbers from 1 to 12'])]
    #[TestWith(['FREQ=DAILY;INTERVAL=0', 'INTERVAL=0. Allowed: whole numbers from 1 to 999'])]
    #[TestWith(['FREQ=DAILY;COUNT=1001', 'COUNT=1001. Allowed: whole numbers from 1 to 1000'])]
    #[TestWith(['FREQ=WEEKLY;BYDAY=XX', 'BYDAY=XX. Allowed: days such as MO'])]
    #[TestWith(['FREQ=DAILY;UNTIL=soon', 'UNTIL=SOON. Allowed: a day or a moment'])]
    #[TestWith(['FREQ=YEARLY;BYWEEKNO=20', 'a part “BYWEEKNO”'])]
    #[TestWith(['', 'a part “”'])]
    public function testWhatCannotBeLaidOutIsSaid(string $rule, string $words): void
    {
        $this->expectException(\InvalidArgumentException::class);
        $this->expectExceptionMessage($words);
        Repetition::read($rule);
    }

    public function testTheWorkOfAllRulesTogetherIsBounded(): void
    {
        $budget = new CalendarBudget();
        $this->expectException(CalendarTooLarge::class);
        for ($event = 0; $event < 100; ++$event) {
            iterator_to_array(
                Repetition::read('FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30;COUNT=1000')->starts(
                    new \DateTimeImmutable('1900-01-01'),
                    new \DateTimeImmutable('2027-01-01'),
                    new \DateTimeImmutable('2027-12-31'),
                    $budget,
                ),
                false,
            );
        }
    }

    /** @return list<\DateTimeImmutable> */
    private static function starts(string $rule, string $first, string $from, string $to): array
    {
        $zone = new \DateTimeZone('Europe/Berlin');

        return array_values([
            ...Repetition::read($rule)->starts(
                new \DateTimeImmutable($first, $zone),
                new \DateTimeImmutable($from, $zone),
                new \DateTimeImmutable($to, $zone),
                new CalendarBudget(),
            ),
        ]);
    }
}
