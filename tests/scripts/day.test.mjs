// On which day the tests run: drawn by a seed, or set, and said.
import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import { test } from 'node:test';

/** What is chosen: the sentence, the zone, and the moment that it comes to, s since 1970. */
function choose(day, zone, seed) {
    const { status, stdout, stderr } = spawnSync(
        'bash',
        [
            '--norc',
            '-c',
            '. bin/lib/day.sh; choose_day "$@"; echo "$FOX_TIME_ZONE $((FOX_CLOCK_SHIFT + $(date +%s)))"',
            'day',
            day,
            zone,
            seed,
        ],
        { encoding: 'utf8' },
    );
    const [said, last = ''] = stdout.trim().split('\n');
    const [place, at] = last.split(' ');
    return { status, said, zone: place, at: Number(at), wrong: stderr.trim() };
}

for (const [day, zone, at, said] of [
    ['2028-02-29', 'UTC', Date.UTC(2028, 1, 29, 10), 'Tuesday 29 February 2028, 10:00 in UTC'],
    ['2027-12-31T23:59', 'Europe/Berlin', Date.UTC(2027, 11, 31, 22, 59), 'Friday 31 December 2027, 23:59'],
    ['2027-03-28', 'Europe/Berlin', Date.UTC(2027, 2, 28, 8), 'Sunday 28 March 2027, 10:00'],
    ['2027-10-31', 'Europe/Berlin', Date.UTC(2027, 9, 31, 9), 'Sunday 31 October 2027, 10:00'],
]) {
    test(`${day} in ${zone}`, () => {
        const chosen = choose(day, zone, '1');
        assert.ok(Math.abs(chosen.at - at / 1000) <= 2, `${chosen.at}`);
        assert.ok(chosen.said.includes(said), chosen.said);
        assert.ok(chosen.said.endsWith(`bin/test --day ${day} --zone ${zone}`));
    });
}

test('a seed draws the same day again, and another seed another', () => {
    const [one, same, other] = ['7', '7', '8'].map((seed) => choose('', '', seed));
    assert.equal(one.said, same.said);
    assert.notEqual(one.said, other.said);
});

test('what is drawn can be set, and is a day of five years by daylight', () => {
    for (const seed of ['0', '1825', '1826', '9999', '1073741823']) {
        const drawn = choose('', '', seed);
        const [, day, zone] = drawn.said.match(/--day (\S+) --zone (\S+)$/);
        assert.equal(choose(day, zone, '1').said, drawn.said);
        assert.match(day, /^20(27|28|29|30|31)-\d\d-\d\dT(09|1\d):\d\d$/);
    }
});

for (const [day, zone, seed, wrong] of [
    ['2027-02-29', 'UTC', '1', /^bin\/test: --day is "2027-02-29"; allowed: a day/],
    ['tomorrow', 'UTC', '1', /--day is "tomorrow"/],
    ['2027-02-28', 'Mars/Olympus', '1', /--zone is "Mars\/Olympus"; allowed: a zone/],
    ['', '', 'x', /--seed is "x"; allowed: a number/],
]) {
    test(`refused: ${day} ${zone} ${seed}`, () => {
        const chosen = choose(day, zone, seed);
        assert.equal(chosen.status, 2);
        assert.match(chosen.wrong, wrong);
    });
}
