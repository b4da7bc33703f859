<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Tools;

/** Words that programs stumble over. */
final class OddWords
{
    public const ALL = [
        '',
        '0',
        '-1',
        '1',
        '2',
        '99999999999999999999',
        '1e309',
        'NaN',
        'null',
        'true',
        '[]',
        "'",
        '"',
        '<b>x</b>',
        '../../etc/passwd',
        '%',
        "a\0b",
        "\xFF\xFE",
        "\u{202E}abc",
        '😀',
        'x,y',
        '1,2',
        '-20,30',
        '400,400',
        '4:16.5,78',
        '4:1e9,2;6:x',
        'R1-0',
        'R9-9',
        'none',
        'loaded-2',
        '2027-05-14T17:30',
        '2027-02-30',
        '0000-00-00',
        'corners-crash',
        'bunt',
        'air',
        'depth',
        'slapper',
        'power-slapper',
        'right',
        'away',
        'here',
        'start',
        'next',
        'back',
        'on',
        'skip',
        "BEGIN:VCALENDAR\nBEGIN:VEVENT\nUID:1\nDTSTART:20270101T100000\nRRULE:FREQ=DAILY;BYHOUR=25\nEND:VEVENT\n" .
        'END:VCALENDAR',
        "number,name.x,positions\n1,Ash,6",
        "#;Player;Pos\n1;=A;SS/2B",
        '=1+1',
        '00000000-0000-7000-8000-000000000000',
    ];
}
