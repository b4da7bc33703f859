<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Family\Outfield\AirRules;
use FoxCorner\Core\Family\Outfield\BallKind;
use FoxCorner\Core\Family\Outfield\Calls;
use FoxCorner\Core\Family\Outfield\Flight;
use FoxCorner\Core\Family\Outfield\IdleCheck;
use FoxCorner\Core\Family\Outfield\OutfieldCoverages;
use FoxCorner\Core\Family\Outfield\OutfieldDefence;
use FoxCorner\Core\Family\Outfield\OutfieldFamily;
use FoxCorner\Core\Family\Outfield\OutfieldPlay;
use FoxCorner\Core\Family\Outfield\OutfieldTrial;
use FoxCorner\Core\Family\Outfield\Simpler;
use FoxCorner\Core\Family\Outfield\TagUp;
use FoxCorner\Core\Family\Outfield\TwelveBalls;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Count;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Ball\Reached;
use FoxCorner\Core\Play\Choice\Boldness;
use FoxCorner\Core\Play\Clock\Voice;
use FoxCorner\Core\Play\Clock\VoiceWord;
use FoxCorner\Core\Play\Scheme\JobKind;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Runs\PlayCost;
use FoxCorner\Core\Runs\WinTable;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What is called on a ball to the outfield, flies with runners on, and balls that cannot be. */
final class OutfieldCallsTest extends TestCase
{
    use BallsToTheOutfield;

    public function testTheRunnerDecidesByWhatItPays(): void
    {
        $to = Point::polar(290.0, -25.0);
        $ends = static fn(string $situation, Boldness $boldness): int => self::play(
            Level::Pro,
            $situation,
            $to,
            boldness: $boldness,
        )->made()->ends[2];

        self::assertSame(3, $ends('R2-0', Boldness::Ordinary), 'with nobody out he waits');
        self::assertSame(3, $ends('R2-2', Boldness::Cautious));
        self::assertSame(4, $ends('R2-2', Boldness::Bold), 'with two out it pays to try');
        $play = self::play(Level::Pro, 'R2-2', $to, boldness: Boldness::Bold);
        $lead = $play->runners[0];
        $needs = $play->advance->needs($lead, 4, $play->advance->sure);
        self::assertEqualsWithDelta(0.39, $needs, 0.05, 'the break-even of the run table');
        self::assertEqualsWithDelta(0.17, $play->made()->chance, 0.03);
    }

    public function testWhatIsCalledOut(): void
    {
        $silent = self::calls(self::play(Level::Pro, 'R2-2', Point::polar(290.0, -25.0), boldness: Boldness::Bold));
        self::assertSame([], $silent['cut'], 'a throw that is let through is not called');
        $held = self::calls(self::play(Level::Pro, 'R2-0', Point::polar(290.0, -25.0)));
        self::assertSame([VoiceWord::Cut], $held['cut'], 'nobody goes on: hold it');
        $tandem = self::play(Level::Pro, 'R1-0', Point::polar(345.0, -14.0), Flight::Line);
        self::assertContains([VoiceWord::Tandem], array_map(self::words(...), $tandem->timeline()->voices));
        self::assertContains([VoiceWord::LetGo], array_map(self::words(...), $tandem->timeline()->voices));
        $times = array_map(static fn(Voice $voice): float => $voice->seconds, $tandem->timeline()->voices);
        $sorted = $times;
        sort($sorted);
        self::assertSame($sorted, $times);
    }

    /** @return array{cut: list<VoiceWord>} what the cutoff man hears */
    private static function calls(OutfieldPlay $play): array
    {
        foreach ($play->timeline()->voices as $voice) {
            if (JobKind::Cut === $play->timeline()->move($voice->to)->jobs[0]->kind) {
                self::assertSame(Position::Catcher, $voice->by, 'at home the catcher decides');

                return ['cut' => $voice->words];
            }
        }
        self::fail('The cutoff man hears nothing about himself.');
    }

    public function testASacrificeFlyByDepthAndArm(): void
    {
        $table = TagUp::table(self::defence(Level::Pro, 'R3-1'));
        self::assertSame(['left', 'center', 'right'], array_keys($table));
        $chances = array_map(static fn(TagUp $one): float => $one->chance, $table['center']);
        $sorted = $chances;
        sort($sorted);
        self::assertSame($sorted, $chances, 'the deeper, the safer');
        $at = static fn(Level $level, float $feet): ?TagUp => TagUp::at(
            'center',
            Point::of(0.0, $feet),
            self::defence($level, 'R3-1'),
            Boldness::Ordinary,
        );
        self::assertEqualsWithDelta(0.27, $at(Level::Pro, 200.0)->chance ?? 0.0, 0.08);
        self::assertEqualsWithDelta(0.97, $at(Level::Pro, 265.0)->chance ?? 0.0, 0.05);
        self::assertGreaterThan($at(Level::Pro, 225.0)->chance ?? 1.0, $at(Level::Youth13, 225.0)->chance ?? 0.0);
        self::assertSame([], TagUp::table(self::defence(Level::Pro, 'none-0')));
        self::assertSame([], TagUp::table(self::defence(Level::Pro, 'R3-2')));
        self::assertEqualsWithDelta(0.0, ($at(Level::Pro, 250.0)->runner ?? 0.0) - 3.95, 0.1);
    }

    public function testAFoulFlyIsCaughtAndEverybodyTags(): void
    {
        $foul = Point::polar(240.0, -50.0);
        $play = self::play(Level::Pro, 'R2R3-1', $foul, Flight::Fly, reached: Reached::Caught);
        self::assertSame(BallKind::Caught, $play->kind);
        self::assertSame(Position::LeftField, $play->firstBy());
        self::assertStringContainsString('foul on the left', $play->trial->words());
        self::assertSame([3, 2], array_column($play->runners, 'from'), 'the batter is out');
        $rules = ShippedRuleSets::get('baseball-90');
        self::assertSame(Reached::Caught, OutfieldTrial::near($foul, Flight::Fly, $rules)->reached);
        self::assertLessThan(45.0, abs(OutfieldTrial::near($foul, Flight::Ground, $rules)->to->sprayDegrees()));
        self::assertNull(
            OutfieldTrial::near(Point::of(0.0, 200.0), Flight::Ground, $rules, Reached::Caught)->reached,
            'what rolls is not caught',
        );
    }

    /** Tied in their last at-bat the run that comes in on the catch loses the game; else an out is an out. */
    #[TestWith([9, Half::Bottom, 0, true])]
    #[TestWith([9, Half::Bottom, 3, false])]
    #[TestWith([3, Half::Top, 0, false])]
    public function testAFoulFlyIsLetDropWhereTheRunDecides(int $inning, Half $half, int $lead, bool $drop): void
    {
        $rules = ShippedRuleSets::get('baseball-90');
        $context = Context::of($inning, $half, $lead, Batter::ofType(BatterType::Right), Count::none());
        $state = GameState::of($rules, Situation::fromKey('R3-1'), $context);
        $plan = Teams::plan($state, Level::Pro);
        $chain = Level::Pro->profile()->chain();
        $cost = 9 === $inning ? PlayCost::inChance(WinTable::of($chain, 9), $context) : PlayCost::inRuns($chain);
        $coverage = OutfieldCoverages::for($state->situation->bases, $rules)[0];
        $defence = new OutfieldDefence($plan->scene($cost), $coverage);
        $foul = static fn(float $degrees): OutfieldPlay => $defence->play(
            OutfieldTrial::near(Point::polar(265.0, $degrees), Flight::Fly, $rules, Reached::Caught),
        );

        self::assertSame($drop, $foul(-49.0)->isLetDrop());
        self::assertSame($drop, str_starts_with($foul(-49.0)->title(), 'Let it drop: caught, R3 is safe at home'));
        self::assertFalse($foul(-30.0)->isLetDrop(), 'a fair one falls for a hit');
        $words = Calls::on($foul(-49.0), $foul(-49.0)->made())[0]->words;
        self::assertSame($drop, [VoiceWord::Drop] === $words);
        self::assertSame($drop, str_contains(implode(' ', AirRules::in($state)), 'let it drop'));
    }

    public function testWhoIsTooLateForACatchHasItWhenHeIsThere(): void
    {
        $play = self::play(Level::Pro, 'none-0', Point::polar(340.0, -14.0), Flight::Line, reached: Reached::Caught);
        $who = $play->ball->by;
        $there = $who->reaction + $who->legs->secondsFor($who->start->distanceTo($play->trial->ball->landing()) - 3.0);

        self::assertGreaterThan($play->trial->ball->hang, $there, 'he would be late');
        self::assertEqualsWithDelta($there, $play->ball->seconds, 1e-9);
    }

    public function testFewerRulesAndWhatTheyLose(): void
    {
        $defences = [self::defence(Level::Youth10, 'R1-0'), self::defence(Level::Youth10, 'R2-1')];
        $all = Simpler::of($defences, 9);
        self::assertSame([], $all->dropped);
        self::assertSame(0.0, $all->lost);
        $few = Simpler::of($defences, 2);
        self::assertNotSame([], $few->dropped);
        foreach ($few->coverages as $index => $coverage) {
            $jobs = IdleCheck::of(new OutfieldDefence($defences[$index]->setting->scene, $coverage))->jobs;
            self::assertLessThanOrEqual(2, max([0, ...array_map(\count(...), $jobs)]));
        }
        self::assertGreaterThanOrEqual(0.0, $few->lost);
        self::assertGreaterThan(0, $few->uncovered + (int) (1000 * $few->lost), 'it is not for nothing');
    }

    public function testRulesOfBallsInTheAir(): void
    {
        $state = static fn(string $situation, string $rules = 'baseball-90') => Teams::state($rules, $situation);

        self::assertTrue(AirRules::infieldFly($state('R1R2-1')));
        self::assertTrue(AirRules::infieldFly($state('loaded-0')));
        self::assertFalse(AirRules::infieldFly($state('R1R2-2')));
        self::assertFalse(AirRules::infieldFly($state('R1R3-0')));
        self::assertCount(2, AirRules::in($state('R1R2-0')), 'infield fly, appeal; first is taken: no dropped third');
        self::assertStringContainsString('first is free', AirRules::in($state('R2-1'))[0]);
        self::assertStringContainsString('two out', AirRules::in($state('R1-2'))[0]);
        self::assertStringContainsString('this age', AirRules::in($state('none-0', 'baseball-60'))[0]);
        self::assertStringNotContainsString('this age', AirRules::in($state('none-0', 'baseball-70'))[0]);
        self::assertStringNotContainsString('this age', AirRules::in($state('none-0', 'fastpitch-35'))[0]);
    }

    /** @param array<string, float|string> $fields */
    #[TestWith([['x' => 10.0, 'y' => 40.0], 'place of the ball'])]
    #[TestWith([['x' => -300.0, 'y' => 100.0], 'direction of the ball'])]
    #[TestWith([['x' => 0.0, 'y' => 700.0, 'flight' => 'fly'], 'place of the ball'])]
    #[TestWith([['x' => -220.0, 'y' => 190.0, 'flight' => 'fly'], 'direction of the ball'])]
    #[TestWith([['flight' => 'ground', 'reached' => 'caught'], 'reached'])]
    #[TestWith([['flight' => 'kick'], 'flight'])]
    #[TestWith([['reached' => 'late'], 'reached'])]
    #[TestWith([['boldness' => 'mad'], 'boldness'])]
    public function testABallThatCannotBeIsRefused(array $fields, string $field): void
    {
        try {
            (new OutfieldFamily())->trial($fields, Teams::scene('baseball-90', level: Level::Pro));
            self::fail('It was taken.');
        } catch (Problem $problem) {
            self::assertSame($field, $problem->field());
        }
    }

    public function testATrialIsItsFields(): void
    {
        $rules = ShippedRuleSets::get('fastpitch-43');
        $family = new OutfieldFamily();
        foreach (TwelveBalls::of($rules) as $ball) {
            self::assertEquals($ball, $family->trial($ball->fields(), Teams::scene($rules->key)));
        }
        $touch = OutfieldTrial::near(Point::of(0.0, 900.0), Flight::Line, $rules);
        self::assertSame(Flight::Line, $touch->flight);
        self::assertLessThan($rules->fence->distanceAt(0.0), $touch->to->distanceTo(Point::home()));
        self::assertGreaterThan(
            OutfieldTrial::nearest($rules),
            OutfieldTrial::near(Point::of(3.0, 4.0), Flight::Ground, $rules)->to->distanceTo(Point::home()),
        );
    }
}
