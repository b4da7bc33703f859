<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Family\GroundBall\GroundBallTrial;
use FoxCorner\Core\Family\Looks\LookMix;
use FoxCorner\Core\Family\Looks\LooksDrawn;
use FoxCorner\Core\Family\Outfield\Flight;
use FoxCorner\Core\Family\Outfield\OutfieldTrial;
use FoxCorner\Core\Family\Pickoff\PickTrial;
use FoxCorner\Core\Family\Rundown\RundownTrial;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Play\Ball\Reached;
use FoxCorner\Core\Play\Running\PickKind;
use FoxCorner\Core\Problem\Problem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What can be tried goes just as far as it is said to, and no farther. */
final class TrialEdgesTest extends TestCase
{
    /**
     * @param \Closure(mixed): mixed $tried
     * @param mixed                  $last  that can be tried
     * @param mixed                  $first that cannot
     */
    #[DataProvider('edges')]
    public function testTheEdgeIsWhereItIsSaidToBe(\Closure $tried, mixed $last, mixed $first, string $field): void
    {
        self::assertIsObject($tried($last));
        try {
            $tried($first);
            self::fail("$field goes farther than it is said to.");
        } catch (Problem $problem) {
            self::assertSame($field, $problem->field());
        }
    }

    /** @return iterable<string, array{\Closure, mixed, mixed, string}> */
    public static function edges(): iterable
    {
        $rules = ShippedRuleSets::get('baseball-90');
        $hit = static fn(float $mph): object => GroundBallTrial::hit(0.0, $mph, $rules);
        yield 'the slowest ground ball' => [$hit, 15.0, 14.9, 'exit speed'];
        yield 'the hardest ground ball' => [$hit, 120.0, 120.1, 'exit speed'];
        $foul = static fn(float $degrees): object => OutfieldTrial::hit(
            Point::polar(230.0, $degrees),
            Flight::Fly,
            $rules,
            Reached::Caught,
        );
        yield 'the widest foul fly' => [$foul, -59.9, -60.2, 'direction of the ball'];
        $deep = static fn(float $feet): object => OutfieldTrial::hit(Point::of(0.0, $feet), Flight::Fly, $rules);
        $fence = $rules->fence->distanceAt(0.0);
        yield 'the deepest fly' => [$deep, floor($fence - 4.0), $fence - 3.0, 'place of the ball'];
        yield 'the shallowest ball' => [$deep, 144.1, 143.8, 'place of the ball'];
        $rolls = static fn(float $feet): object => OutfieldTrial::hit(Point::of(0.0, $feet), Flight::Ground, $rules);
        yield 'the hardest ball on the ground' => [$rolls, 999.0, 999.2, 'place of the ball'];
        $off = static fn(float $feet): object => RundownTrial::caught(Base::First, $feet);
        yield 'caught near a bag' => [$off, 6.0, 5.9, 'runner'];
        yield 'caught far from it' => [$off, 100.0, 100.1, 'runner'];
        $gap = static fn(float $feet): object => RundownTrial::caught(Base::First, 45.0, $feet);
        yield 'the ball near him' => [$gap, 1.0, 0.9, 'ball'];
        yield 'the ball far from him' => [$gap, 100.0, 100.1, 'ball'];
        $sign = static fn(int $letters): object => PickTrial::thrown(
            PickKind::Daylight,
            Base::Second,
            sign: str_repeat('ü', $letters),
        );
        yield 'a long sign' => [$sign, 40, 41, 'sign'];
        $used = static fn(int $times): object => PickTrial::thrown(PickKind::Daylight, Base::Second, used: $times);
        yield 'thrown often' => [$used, 99, 100, 'used'];
        $looks = static fn(int $most): object => LookMix::of([0, $most], [1.0]);
        yield 'many looks' => [$looks, 5, 6, 'looks'];
        $hold = static fn(float $seconds): object => LookMix::of([0], [$seconds]);
        yield 'a short hold' => [$hold, 0.5, 0.4, 'hold'];
        yield 'a long hold' => [$hold, 10.0, 10.1, 'hold'];
        $kinds = static fn(int $many): object => LookMix::of([0], array_map(floatval(...), range(1, $many)));
        yield 'many holds' => [$kinds, 10, 11, 'hold'];
        $pitches = static fn(int $many): object => LooksDrawn::draw(
            LookMix::ordinary(),
            $many,
            new Randomizer(new Mt19937(3)),
        );
        yield 'many pitches' => [$pitches, 200, 201, 'pitches'];
    }
}
