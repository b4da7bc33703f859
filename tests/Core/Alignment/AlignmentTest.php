<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Alignment;

use FoxCorner\Core\Alignment\Alignment;
use FoxCorner\Core\Alignment\Depth\DepthName;
use FoxCorner\Core\Alignment\Depth\DepthTable;
use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Alignment\Rule\ShippedRules;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class AlignmentTest extends TestCase
{
    #[DataProvider('calls')]
    public function testCall(GameState $state, string $call): void
    {
        self::assertSame($call, self::alignment($state)->call());
    }

    /** @return iterable<string, array{GameState, string}> */
    public static function calls(): iterable
    {
        yield 'nobody on' => [Teams::state(situation: 'none-2'), 'Normal'];
        yield 'nobody on, an ordinary batter does not bunt' => [Teams::state(situation: 'none-0'), 'Normal'];
        yield 'nobody on, a slapper does' => [
            Teams::state(situation: 'none-0', batter: BatterType::Slapper),
            'Normal, corners in, short halfway',
        ];
        yield 'softball, runner on first, tied' => [Teams::state(), 'Double play, corners in'];
        yield 'baseball: the first baseman holds' => [
            Teams::bunting('baseball-80'),
            'Double play, third in, first holds',
        ];
        yield 'baseball, third inning: no bunt is likely yet' => [
            Teams::state('baseball-80'),
            'Double play, first holds',
        ];
        yield 'small field: nobody leads, nobody holds' => [Teams::bunting('baseball-60'), 'Double play, corners in'];
        yield 'bases loaded: they do not bunt into a force at home' => [
            Teams::state(situation: 'loaded-0', inning: 7),
            'In',
        ];
        yield 'two out' => [Teams::state(situation: 'R1-2'), 'Normal'];
        yield 'far ahead no bunt comes' => [Teams::state(lead: 6), 'Double play'];
        yield 'a power hitter does not bunt' => [Teams::state(batter: BatterType::RightPower), 'Double play'];
        yield 'two strikes send the corners back' => [Teams::state(count: '1-2'), 'Double play'];
        yield 'a slapper bunts with two strikes' => [
            Teams::state(batter: BatterType::Slapper, count: '1-2'),
            'Double play, corners in, short halfway',
        ];
        yield 'runner on third early' => [Teams::state(situation: 'R3-1'), 'Halfway'];
        yield 'runner on third, tied in the last inning' => [Teams::state(situation: 'R3-1', inning: 7), 'In'];
        yield 'ahead by several the run is conceded' => [Teams::state(situation: 'R3-1', lead: 5), 'Normal'];
        yield 'late and up one' => [Teams::state(situation: 'none-2', inning: 7, lead: 1), 'Normal'];
        yield 'late, up one, runner on third: the run comes first' => [
            Teams::state(situation: 'R3-1', inning: 7, lead: 1),
            'In',
        ];
        yield 'slowpitch knows no bunt' => [Teams::state('slowpitch-65'), 'Double play'];
    }

    public function testEverySituationPlacesNineInFairGroundWithAReason(): void
    {
        foreach (['fastpitch-43', 'baseball-90'] as $rules) {
            foreach (Bases::cases() as $bases) {
                foreach (Outs::cases() as $outs) {
                    $alignment = self::alignment(Teams::state($rules, Situation::of($bases, $outs)->key(), 7, 1));
                    self::assertCount(9, $alignment->spots());
                    foreach ($alignment->spots() as $spot) {
                        self::assertNotSame('', $spot->reason);
                        if (Position::Catcher !== $spot->position) {
                            self::assertLessThanOrEqual(45.0, abs($spot->placement->point()->sprayDegrees()));
                        }
                    }
                }
            }
        }
    }

    public function testInIsInFrontOfTheBaseLine(): void
    {
        $state = Teams::state('baseball-90', 'R3-0', 9);
        $alignment = self::alignment($state);
        $line = $state->rules->basePath * \M_SQRT2;
        foreach ([Position::SecondBase, Position::Shortstop] as $position) {
            $point = $alignment->point($position);
            self::assertLessThan($line, $point->y + abs($point->x), 'closer to home than second to first or third');
        }
    }

    public function testSoftballCornersAreInFrontOfTheBagAndBaseballsBehind(): void
    {
        $distance = static fn(string $rules): float => self::alignment(Teams::state($rules, 'none-2'))
            ->point(Position::ThirdBase)
            ->distanceTo(Point::home());

        self::assertLessThan(60.0, $distance('fastpitch-43'));
        self::assertGreaterThan(90.0, $distance('baseball-90'));
    }

    public function testARulingRemembersWhatItReplaced(): void
    {
        $third = self::alignment(Teams::state())->spot(Position::ThirdBase);

        self::assertSame(NamedDepth::Bunt, $third->depth);
        self::assertSame(NamedDepth::DoublePlay, $third->instead);
        self::assertStringContainsString('nobody out, a runner to move up, one run decides', $third->reason);
    }

    public function testTheFarMiddleManShadesToThePullSideAndMirrors(): void
    {
        $x = static fn(BatterType $batter, Position $position): float => self::alignment(
            Teams::state('baseball-90', 'none-1', batter: $batter),
        )->point($position)->x;

        foreach ([Position::Shortstop, Position::SecondBase] as $position) {
            self::assertLessThan(
                $x(BatterType::Left, $position),
                $x(BatterType::Right, $position),
                'against a right-hander both stand farther left',
            );
        }
        self::assertEqualsWithDelta(
            -$x(BatterType::Left, Position::SecondBase),
            $x(BatterType::Right, Position::Shortstop),
            1e-9,
        );
        self::assertEqualsWithDelta(
            3.0 * \M_SQRT1_2,
            $x(BatterType::Left, Position::SecondBase) - $x(BatterType::Right, Position::SecondBase),
            1e-9,
            'the far one goes a step, the near one stays',
        );
        self::assertEqualsWithDelta(
            3.0 * \M_SQRT1_2,
            $x(BatterType::RightPower, Position::ThirdBase) - $x(BatterType::Right, Position::ThirdBase),
            1e-9,
            'and against power the corner on that side comes off the line',
        );
        self::assertSame(
            [],
            self::alignment(Teams::state('baseball-90', 'R1-1'))->spot(Position::Shortstop)->shades,
            'second must be reached',
        );
    }

    public function testAShadeHasItsPartner(): void
    {
        $withRunner = self::alignment(Teams::state(situation: 'R1-1'));
        $withTwo = self::alignment(Teams::state(situation: 'R1R2-1'));

        self::assertSame(-1, $withRunner->spot(Position::Shortstop)->steps());
        self::assertSame(2, $withRunner->spot(Position::ThirdBase)->steps(), 'third base widens to close the hole');
        self::assertStringContainsString('close the hole', $withRunner->spot(Position::ThirdBase)->because());
        self::assertSame(0, $withTwo->spot(Position::Shortstop)->steps(), 'third base on the bunt is his: straight up');
        self::assertContains(
            'The steal and the bunt both need the shortstop at second: a step closer.',
            $withRunner->reasons(),
        );
    }

    public function testHolderStandsAtTheBag(): void
    {
        $state = Teams::state('baseball-90', 'R1-1', lead: 5);

        self::assertLessThan(
            5.0,
            self::alignment($state)
                ->point(Position::FirstBase)
                ->distanceTo($state->rules->diamond()->at(Base::First)),
        );
    }

    private static function alignment(GameState $state): Alignment
    {
        return Alignment::byRules($state, DepthTable::shipped($state->rules), ShippedRules::all());
    }

    public function testAWordForADepthIsNeitherMissingNorLong(): void
    {
        self::assertSame('Kurz', (new DepthName(' Kurz ', ''))->word);
        self::assertSame(30, mb_strlen((new DepthName(str_repeat('ü', 30), str_repeat('ü', 60)))->word));
        $problems = [
            'word: it is empty; allowed: 1 to 30 letters' => ['  ', ''],
            'word: it has 31 letters; allowed: 1 to 30 letters' => [str_repeat('ü', 31), ''],
            'sign: it has 61 letters; allowed: at most 60 letters' => ['in', str_repeat('ü', 61)],
        ];
        foreach ($problems as $message => [$word, $sign]) {
            try {
                new DepthName($word, $sign);
                self::fail("$message: it was taken");
            } catch (Problem $problem) {
                self::assertSame($message, $problem->getMessage());
            }
        }
    }
}
