<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Practice;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use FoxCorner\Core\Practice\Showing\Leg;
use FoxCorner\Core\Practice\Showing\Repetition;
use FoxCorner\Core\Practice\Showing\Way;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** One repetition of a drill on the clock of a field. */
final class RepetitionTest extends TestCase
{
    /** Drills in which nothing goes from anybody to anybody. */
    private const STILL = ['mixed-looks', 'easy-feet'];

    #[DataProvider('fields')]
    public function testEveryDrillCanBeDoneInTheTimeThatItsSheetReckonsWith(RuleSet $rules, Level $level): void
    {
        foreach (ShippedDrills::all() as $key => $drill) {
            $one = Repetition::of($drill, $rules, $level->profile());
            self::assertSame(\in_array($key, self::STILL, true), null === $one, $key);
            if (null === $one) {
                continue;
            }
            self::assertLessThan($one->again, $one->seconds(), "$key: over before the same player begins again");
            self::assertOneBall($one->legs, $key);
            self::assertGreaterThan(0, $drill->together($drill->min));
        }
    }

    /** @return iterable<string, array{RuleSet, Level}> */
    public static function fields(): iterable
    {
        foreach (
            [
                'baseball-60' => Level::Youth10,
                'baseball-80' => Level::Youth13,
                'baseball-90-7' => Level::HighSchool,
                'baseball-90' => Level::Pro,
                'fastpitch-35' => Level::Fastpitch12,
                'fastpitch-43' => Level::FastpitchCollege,
            ] as $rules => $level
        ) {
            yield $level->value => [ShippedRuleSets::get($rules), $level];
        }
    }

    /**
     * The ball goes on from where it came to, when it is there, and whoever runs to take it is there before it.
     *
     * @param list<Leg> $legs
     */
    private static function assertOneBall(array $legs, string $key): void
    {
        $ball = null;
        foreach ($legs as $leg) {
            self::assertGreaterThan($leg->begins, $leg->ends, $key);
            if (!$leg->way->isOfTheBall()) {
                continue;
            }
            if (null !== $ball) {
                self::assertLessThan(1.0, $ball->end->distanceTo($leg->start), "$key: {$leg->words()}");
                self::assertGreaterThan($ball->ends + 0.3, $leg->begins, "$key: it has to be in hand first");
            }
            foreach ($legs as $other) {
                if (Way::Runs === $other->way && Way::Thrown === $leg->way && self::isFor($other->end, $leg)) {
                    self::assertLessThanOrEqual($leg->ends + 1e-9, $other->ends, "$key: {$other->words()}");
                }
            }
            $ball = $leg;
        }
    }

    private static function isFor(Point $point, Leg $leg): bool
    {
        return $point->distanceTo($leg->end) < 1.0;
    }

    public function testABuntIsRolledRunToAndThrownOnTheClock(): void
    {
        $one = $this->repetition(ShippedDrills::get('charge-and-throw'));

        self::assertSame(
            'The helper rolls it; the pitcher runs to the ball; the pitcher throws to first.',
            $one->words(),
        );
        [$roll, $run, $throw] = $one->legs;
        // 35.5 ft at 25 ft/s; the throw begins an exchange after he is there
        self::assertEqualsWithDelta($roll->start->distanceTo($roll->end) / 25.0, $roll->ends, 1e-9);
        self::assertSame(0.0, $run->begins, 'with the ball');
        self::assertEqualsWithDelta(
            max($roll->ends, $run->ends) + Level::HighSchool->profile()->motion->exchangeSet,
            $throw->begins,
            1e-9,
        );
        self::assertEqualsWithDelta(0.75, $throw->ends - $throw->begins, 0.1, '67 ft across');
    }

    public function testAThrowWaitsForWhoCovers(): void
    {
        [$cover, $throw] = $this->repetition(ShippedDrills::get('cover-first-on-the-run'))->legs;
        self::assertEqualsWithDelta($cover->ends, $throw->ends, 1e-9, 'they meet at the bag');
        self::assertGreaterThan(1.0, $throw->begins);
        [$roll, $late, $feed] = $this->repetition(ShippedDrills::get('pitchers-to-first'))->legs;
        self::assertLessThan($feed->ends, $late->ends, 'nobody to wait for');
        self::assertEqualsWithDelta(0.75, $feed->begins - $roll->ends, 0.06, 'an exchange');
        self::assertSame('the first baseman tosses to first', $feed->words());
    }

    public function testWhatIsFarIsHitAndALobIsUpForItsLength(): void
    {
        $far = $this->repetition(ShippedDrills::get('sure-out'))->legs[0];
        self::assertSame('the helper hits to the shortstop', $far->words());
        $lob = $this->repetition(ShippedDrills::get('over-the-head'))->legs[0];
        self::assertSame('the helper throws it high', $lob->words());
        // 57 ft: the root of 2 · 57 / 32.2
        self::assertEqualsWithDelta(1.88, $lob->ends, 0.03);
    }

    public function testALegThatNobodyCanReadOrOfNobodyIsAFault(): void
    {
        $like = ShippedDrills::get('sure-out');
        $with = static fn(string $said): Drill => new Drill(
            'own',
            'Own',
            'Own',
            $like->family,
            '',
            $like->serves,
            $like->place,
            min: 1,
            max: 4,
            atOnce: 1,
            secondsPerRep: 10,
            throwsPerRep: 1,
            helpers: 1,
            equipment: [],
            steps: [],
            points: [],
            mistakes: [],
            progression: [],
            repetition: $said,
        );
        foreach (['H~9', 'nonsense', 'H~6, 6>4B'] as $said) {
            try {
                $this->repetition($with($said));
                self::fail("“{$said}” was read");
            } catch (\OutOfBoundsException $fault) {
                self::assertNotSame('', $fault->getMessage());
            }
        }
        self::assertNull(
            Repetition::of($with(''), ShippedRuleSets::get('baseball-90-7'), Level::HighSchool->profile()),
        );
    }

    private function repetition(Drill $drill): Repetition
    {
        $one = Repetition::of($drill, ShippedRuleSets::get('baseball-90-7'), Level::HighSchool->profile());
        self::assertNotNull($one);

        return $one;
    }
}
