<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play\Running;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\Play\Choice\AfterPlay;
use FoxCorner\Core\Play\Running\Alarm;
use FoxCorner\Core\Play\Running\Battery;
use FoxCorner\Core\Play\Running\Leads;
use FoxCorner\Core\Play\Running\PickKind;
use FoxCorner\Core\Play\Running\PickRace;
use FoxCorner\Core\Play\Running\PickRules;
use FoxCorner\Core\Play\Running\TagThrow;
use FoxCorner\Core\Play\Running\Thief;
use FoxCorner\Core\Play\Running\Toll;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A pick on one clock: which are open, when it is in time, where the alarm line lies. */
final class PickRaceTest extends TestCase
{
    /** In fastpitch and on the small field the pitcher has nobody to throw behind; the catcher has. */
    #[TestWith(['fastpitch-43'])]
    #[TestWith(['fastpitch-35'])]
    #[TestWith(['baseball-60'])]
    public function testWithoutLeadsOnlyTheCatcherThrowsBehind(string $rules): void
    {
        $set = ShippedRuleSets::get($rules);
        foreach (PickKind::cases() as $kind) {
            foreach ($kind->bases() as $base) {
                $rule = PickRules::of($kind, $base, $set);
                self::assertSame($kind->isCatchers(), $rule->isOpen, $kind->value);
                self::assertStringEndsWith('Your league’s book and umpire decide.', $rule->why);
            }
        }
        self::assertStringContainsString(
            'fastpitch-35' === $rules || 'fastpitch-43' === $rules ? 'before the release' : 'before the pitch reaches',
            PickRules::of(PickKind::Quick, Base::First, $set)->why,
        );
    }

    public function testWithLeadsAllAreOpenWhereTheyAreThrownAndNoneInSlowpitch(): void
    {
        $rules = ShippedRuleSets::get('baseball-90');
        $kinds = static fn(Base $base): array => array_map(
            static fn(PickKind $kind): string => $kind->value,
            PickRules::open($base, $rules),
        );

        self::assertSame(
            ['quick', 'step-off', 'first-behind', 'catcher-behind', 'catcher-after-bunt'],
            $kinds(Base::First),
        );
        self::assertCount(8, $kinds(Base::Second));
        self::assertSame(['step-off', 'timed', 'catcher-behind', 'catcher-after-bunt'], $kinds(Base::Third));
        self::assertFalse(PickRules::of(PickKind::Quick, Base::Second, $rules)->isOpen);
        self::assertSame([], PickRules::open(Base::First, ShippedRuleSets::get('slowpitch-65')));
        $noBunt = $rules->with(bunts: false);
        self::assertFalse(PickRules::of(PickKind::CatcherAfterBunt, Base::First, $noBunt)->isOpen);
    }

    /** By hand: turn, throw and tag against read, run and dive. */
    public function testTheMarginIsOneClockAgainstTheOther(): void
    {
        $race = self::race(PickKind::Daylight, Base::Second, 14.0);
        $thief = self::thief();
        $legs = Level::Pro->profile()->fieldingLegs($thief->legs)->at(0.85);
        $back = 0.2 + 0.2 + $thief->legs->secondsFor(16.0 - 10.0) + 0.3;

        self::assertEqualsWithDelta(0.7 * (0.7 / 0.75), $race->released, 1e-9);
        self::assertEqualsWithDelta($back, $race->runner($thief, 16.0), 1e-9);
        self::assertEqualsWithDelta($back - $race->ball - 0.15, $race->margin($thief, 16.0), 1e-9);
        self::assertEqualsWithDelta(-0.3 + $legs->secondsFor(12.0), $race->cover, 1e-9);
        self::assertEqualsWithDelta(2.0 + $legs->distanceAfter($race->ball + 0.3), $race->withinReach($legs), 1e-9);
        self::assertEqualsWithDelta(0.2 + 0.2 + 0.15, $race->runner($thief, 5.0), 1e-9, 'half a dive');
    }

    public function testWithinReachIsInTimeAndBeyondIsLate(): void
    {
        $thief = self::thief();
        $legs = Level::Pro->profile()->fieldingLegs($thief->legs)->at(0.85);
        $reach = self::race(PickKind::Timed, Base::Second, 10.0)->withinReach($legs);
        $chance = static fn(float $feet): float => self::race(PickKind::Timed, Base::Second, $feet)->chance(
            $thief,
            17.0,
        );

        self::assertEqualsWithDelta($chance(5.0), $chance($reach - 0.1), 1e-9);
        self::assertLessThan($chance(5.0) - 0.1, $chance($reach + 4.0));
        self::assertSame(0.0, self::race(PickKind::Timed, Base::Second, null)->chance($thief, 17.0), 'nobody comes');
        self::assertSame(1.0, self::race(PickKind::Timed, Base::Second, null)->astray());
    }

    public function testALeftHanderIsQuickerToFirstAndReadLater(): void
    {
        $thief = self::thief();
        $left = self::race(PickKind::Quick, Base::First, 0.0, Hand::Left);
        $right = self::race(PickKind::Quick, Base::First, 0.0);

        self::assertEqualsWithDelta(
            0.05 * (0.7 / 0.75) + 0.1,
            $left->margin($thief, 12.0) - $right->margin($thief, 12.0),
            1e-9,
        );
    }

    /** Of the likeliest clue, of the break that somebody sees, and of both missed for a moment. */
    public function testTheChanceIsOverWhatMayTellHim(): void
    {
        $thief = self::thief();
        $profile = Level::HighSchool->profile();
        $race = self::race(PickKind::Daylight, Base::Second, 5.0);
        $kept = new \ReflectionProperty(PickRace::class, 'throw');
        $throw = $kept->getValue($race);
        self::assertInstanceOf(TagThrow::class, $throw);
        $spread = hypot(0.1, (0.55 * 0.18 * 14.0) / 90.0);
        $out = static fn(float $more): float => $throw->out($race->margin($thief, 14.0) + $more, $spread);
        $missed = 2.6 * (Level::Pro->profile()->skills->reaction - 0.295);

        self::assertEqualsWithDelta(
            0.6 * $out(-0.3 + 0.35 - 0.2) + 0.4 * ((1 - $missed) * $out(0.0) + $missed * $out(0.42)),
            $race->chance($thief, 14.0),
            1e-9,
        );
        self::assertEqualsWithDelta($spread, $thief->spreadBack(14.0), 1e-9, 'a short way scatters little');
        self::assertGreaterThan($spread + 0.03, $thief->spread);
        self::assertGreaterThan(0.15, 2.6 * ($profile->skills->reaction - 0.295), 'boys miss it oftener');
    }

    /** One in fifty of professionals, more below; what lives by surprise three times that; no two kinds alike. */
    #[TestWith([Level::Pro, 0.015, 0.03])]
    #[TestWith([Level::College, 0.02, 0.06])]
    #[TestWith([Level::HighSchool, 0.02, 0.06])]
    #[TestWith([Level::Youth13, 0.02, 0.06])]
    public function testAnOrdinaryLeadIsSeldomPicked(Level $level, float $least, float $most): void
    {
        $rules = ShippedRuleSets::get($level->usualRules());
        $profile = $level->profile();
        $thief = Thief::of($rules, $profile);
        $legs = $profile->fieldingLegs($thief->legs)->at($profile->motion->infieldSpeedShare);
        $chances = ['nobody' => 0.0];
        foreach ([Base::First, Base::Second] as $base) {
            foreach (PickRules::open($base, $rules) as $kind) {
                $race = PickRace::of($kind, $base, Battery::ordinary($profile), 15.0, $legs, $rules, $profile);
                $off = Leads::atThrow($kind, Leads::held($base, $rules), $rules);
                $chances[$base->word() . ' ' . $kind->value] = $race->chance($thief, $off);
            }
        }
        $quick = $chances['first quick'];

        self::assertGreaterThan($least, $quick);
        self::assertLessThan($most, $quick);
        self::assertLessThan(3 * max(0.02, $quick), max($chances));
        self::assertCount(
            \count($chances),
            array_unique(array_map(static fn(float $one): int => (int) round(1e5 * $one), $chances)),
        );
        self::assertGreaterThan(
            2 * $chances['second step-off'],
            $chances['second daylight'],
            'the foot says it at once',
        );
    }

    public function testTheAlarmLineIsWhereThePickWinsAsOftenAsThat(): void
    {
        $race = self::race(PickKind::Quick, Base::First, 0.0);
        $thief = self::thief();
        $line = $race->line($thief, 0.5) ?? 0.0;

        self::assertEqualsWithDelta(0.5, $race->chance($thief, $line), 0.002);
        self::assertEqualsWithDelta(18.55, $line, 0.1);
        self::assertLessThan($line, $race->line($thief, 0.3) ?? 99.0);
        self::assertNull($race->line($thief, 0.999), 'so often it never wins');
        $profile = Level::Pro->profile();
        $alarm = static fn(Base $base, string $rules): ?PickKind => Alarm::usual($base, ShippedRuleSets::get($rules));
        self::assertSame(PickKind::Quick, $alarm(Base::First, 'baseball-90'));
        self::assertSame(PickKind::Daylight, $alarm(Base::Second, 'baseball-90'));
        self::assertSame(PickKind::Timed, $alarm(Base::Third, 'baseball-90'));
        self::assertSame(PickKind::CatcherBehind, $alarm(Base::Second, 'fastpitch-43'));
        self::assertNull($alarm(Base::First, 'slowpitch-65'));
        self::assertEqualsWithDelta(
            $line,
            Alarm::of(
                Base::First,
                Battery::ordinary($profile),
                $thief,
                $profile->fieldingLegs($thief->legs),
                ShippedRuleSets::get('baseball-90'),
                $profile,
            )->line(0.5),
            0.01,
        );
    }

    /** Behind it, from the rubber, into the seats: what a bad throw costs in runs. */
    public function testWhatAThrowThatGetsByCosts(): void
    {
        $after = new AfterPlay(Teams::cost(), Situation::fromKey('R1-0'));
        $toll = new Toll($after);
        $given = static fn(int $bases): float => $after->of($after->given($bases)) - $after->now();
        [$one, $two] = [$given(1), $given(2)];

        self::assertEqualsWithDelta($one, $toll->ofError(Base::First, 1.0, true, true), 1e-9);
        self::assertEqualsWithDelta(0.35 * $two + 0.65 * $one, $toll->ofError(Base::First, 1.0, false, true), 1e-9);
        self::assertEqualsWithDelta($two, $toll->ofError(Base::Second, 1.0, true, false), 1e-9, 'never out of play');
        self::assertEqualsWithDelta(0.1 * $one, $toll->ofError(Base::First, 0.1, true, true), 1e-9);
        $loaded = new AfterPlay(Teams::cost(), Situation::fromKey('R1R3-1'));
        self::assertEqualsWithDelta(
            1 + Teams::cost()->after(2, 1, 0),
            $loaded->of($loaded->given(1)),
            1e-9,
            'the one on third is in, the other on second',
        );
    }

    private static function thief(): Thief
    {
        return Thief::of(ShippedRuleSets::get('baseball-90'), Level::Pro->profile());
    }

    private static function race(PickKind $kind, Base $base, ?float $fielder, Hand $hand = Hand::Right): PickRace
    {
        $level = Level::Pro->profile();

        return PickRace::of(
            $kind,
            $base,
            new Battery(1.36, 0.73, Speed::ofMph(82.0), 0.97, Speed::ofMph(82.0), $hand),
            $fielder,
            $level->fieldingLegs(self::thief()->legs)->at(0.85),
            ShippedRuleSets::get('baseball-90'),
            $level,
        );
    }
}
