<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Plan;

use FoxCorner\Core\Alignment\InfieldWant;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Count;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\Plan\Board;
use FoxCorner\Core\Plan\BoardCell;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\TestCase;

final class BoardTest extends TestCase
{
    public function testTwentyFourCellsAndNothingChangedInTheBasePlan(): void
    {
        $board = self::board(Context::ordinary());

        self::assertCount(24, $board->cells);
        self::assertSame([], $board->changed());
    }

    public function testEachContextChangesWhatItsReasonSays(): void
    {
        $slapper = self::board(Context::of(3, Half::Top, 0, Batter::ofType(BatterType::Slapper), Count::none()));
        $ahead = self::board(Context::of(3, Half::Top, 6, Batter::ofType(BatterType::Right), Count::none()));
        $tiedLate = self::board(Context::of(7, Half::Bottom, 0, Batter::ofType(BatterType::Right), Count::none()));
        $twoStrikes = self::board(
            Context::of(3, Half::Top, 0, Batter::ofType(BatterType::Right), Count::fromKey('0-2')),
        );

        self::assertSame(
            '5 bunt, 1 off; 6 halfway, 5 off; 7, 8, 9 shallow, 5 left',
            self::cell($slapper, 'R1-0')->changeWords(),
        );
        self::assertSame('3 double play; 5 double play, 2 off', self::cell($ahead, 'R1-0')->changeWords());
        self::assertSame('3 double play; 5 double play, 2 off', self::cell($twoStrikes, 'R1-0')->changeWords());
        self::assertSame('Plate', self::cell($tiedLate, 'R3-0')->want->label());
        self::assertSame('Plate, then first', self::cell($tiedLate, 'loaded-1')->want->label());
        self::assertSame('Normal', self::cell($ahead, 'R3-1')->plan->alignment->call(), 'the run is conceded');
    }

    public function testWhatTheInfieldWants(): void
    {
        $board = self::board(Context::ordinary());
        $wants = [];
        foreach (['none-0', 'R1-0', 'R1-2', 'R3-1', 'R1R3-1', 'loaded-2'] as $key) {
            $wants[$key] = self::cell($board, $key)->want->label();
        }

        self::assertSame(
            [
                'none-0' => 'Sure out',
                'R1-0' => 'Lead if sure, else first',
                'R1-2' => 'Sure out',
                'R3-1' => 'Look back, then first',
                'R1R3-1' => 'Plate from the corners, else first',
                'loaded-2' => 'Sure out',
            ],
            $wants,
        );
    }

    public function testWhoMovesIsSaidInAWord(): void
    {
        $moves = static fn(BatterType $batter): string => self::cell(
            self::board(Teams::state(batter: $batter)->context),
            'R1-2',
        )->moveWords();

        self::assertSame('', $moves(BatterType::Right));
        self::assertSame('; moves 4, 5, 6, outfield', $moves(BatterType::Slapper));
    }

    /** Nobody's first wish is a double play where one ground out in eleven at most becomes one. */
    public function testTwoIsWantedWhereItIsTurned(): void
    {
        $wants = [];
        foreach (Level::cases() as $level) {
            $plan = Teams::plan(Teams::state($level->usualRules(), 'R1-1'), $level);
            $both = Teams::plan(Teams::state($level->usualRules(), 'R1R3-1'), $level);
            $turned = $level->profile()->advancement()->doublePlay;
            $want = static fn(SituationPlan $plan): string => InfieldWant::in($plan->state, $plan->alignment, $turned)
                ->value;
            $wants[$level->value] = $want($plan) . ', ' . $want($both);
        }

        self::assertSame(
            [
                'baseball-10-12' => 'lead-then-first, corners-plate',
                'baseball-13-14' => 'two, two-or-plate',
                'baseball-high-school' => 'two, two-or-plate',
                'baseball-college' => 'two, two-or-plate',
                'pro' => 'two, two-or-plate',
                'fastpitch-12u' => 'lead-then-first, corners-plate',
                'fastpitch-14-16u' => 'lead-then-first, corners-plate',
                'fastpitch-college' => 'two, two-or-plate',
            ],
            $wants,
        );
    }

    public function testRulesThatPlaceNobodyAreSaid(): void
    {
        $book = PlanBook::shipped(ShippedRuleSets::get('fastpitch-43'))->withoutRule('normal');

        $this->expectExceptionMessage(
            'rules: no rule that is on places the first baseman with nobody on; allowed: a first rule that always ' .
                'holds and places everybody',
        );
        Board::of(
            ShippedRuleSets::get('fastpitch-43'),
            Context::ordinary(),
            Level::Fastpitch16->profile(),
            Lineup::choose(Teams::nine()),
            $book,
        );
    }

    private static function board(Context $context): Board
    {
        return Board::of(
            ShippedRuleSets::get('fastpitch-43'),
            $context,
            Level::Fastpitch16->profile(),
            Lineup::choose(Teams::nine()),
            PlanBook::shipped(ShippedRuleSets::get('fastpitch-43')),
        );
    }

    private static function cell(Board $board, string $key): BoardCell
    {
        foreach ($board->cells as $cell) {
            if ($cell->situation->key() === $key) {
                return $cell;
            }
        }
        self::fail("The board has no $key.");
    }
}
