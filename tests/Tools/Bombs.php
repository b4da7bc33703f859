<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Tools;

/** Four calendars that nobody could lay out, posted at the same time, while somebody else wants a page. */
final class Bombs
{
    private const EVENT =
        "BEGIN:VEVENT\r\nUID:%d\r\nSUMMARY:Bomb\r\nDTSTART:19600101T100000\r\n" . '' . "RRULE:%s\r\nEND:VEVENT\r\n";
    private const RULES = [
        'FREQ=DAILY;BYHOUR=25',
        'FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30;COUNT=1000',
        'FREQ=HOURLY;COUNT=3400',
        'FREQ=DAILY;COUNT=1000',
    ];

    /** @return float s that the other one waited at the most */
    public static function run(string $address): float
    {
        $multi = curl_multi_init();
        foreach (self::RULES as $rule) {
            $coach = Client::of($address, 'coach');
            $text =
                "BEGIN:VCALENDAR\r\nVERSION:2.0\r\n" .
                implode(
                    '',
                    array_map(static fn(int $uid): string => \sprintf(self::EVENT, $uid, $rule), range(1, 900)),
                ) .
                "END:VCALENDAR\r\n";
            curl_multi_add_handle(
                $multi,
                $coach->later("/$coach->team/practice/calendar", [
                    '_token' => $coach->token(),
                    'zone' => 'UTC',
                    'text' => $text,
                ]),
            );
        }
        $other = Client::of($address, 'assistant');
        $begun = microtime(true);
        $slowest = 0.0;
        $waiting = 0;
        do {
            curl_multi_exec($multi, $running);
            $slowest = max($slowest, $other->send('GET', "/$other->team/team")->seconds);
            ++$waiting;
        } while ($running > 0);
        printf(
            "four bombs answered in %.2f s; %d pages of somebody else meanwhile, the slowest in %.2f s\n",
            microtime(true) - $begun,
            $waiting,
            $slowest,
        );

        return $slowest;
    }
}
