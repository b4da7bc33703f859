<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Plan\Address\PlayControls;
use FoxCorner\App\Plan\Address\SituationAddress;
use FoxCorner\App\Plays\Bunt\BuntControls;
use FoxCorner\App\Shared\Address\ContextAddress;
use FoxCorner\Core\Family\ShippedFamilies;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\PitchSide;
use FoxCorner\Core\Game\RunnerSpeed;
use FoxCorner\Core\Game\Seen;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Symfony\Component\HttpFoundation\InputBag;

/** What an address says comes back from it, and what it cannot say is named. */
final class SituationAddressTest extends TestCase
{
    public function testComesBackTheSame(): void
    {
        $query = [
            'inning' => '7',
            'half' => 'bottom',
            'score' => '-2',
            'batter' => 'slapper',
            'count' => '3-2',
            'view' => 'bunt',
            'coverage' => 'first-stays',
            'moved' => '4:16.5,78.0;6:-14.0,80.3',
            'bunt' => '12,44',
        ];
        $address = self::read('R1R3-2', $query);
        $parameters = $address->with([]);

        self::assertEquals(['situation' => 'R1R3-2'] + $query, $parameters);
        self::assertSame('slapper', $address->context->batter->key);
        self::assertEquals([4 => Point::of(16.5, 78.0), 6 => Point::of(-14.0, 80.3)], $address->moved);
        self::assertEquals(
            $address,
            self::read($parameters['situation'], array_diff_key($parameters, ['situation' => true])),
        );
    }

    /** What the pitcher's own way is, and the times of runners, come from the roster and the opponents. */
    public function testEveryFieldOfTheContextIsPartOfTheAddress(): void
    {
        $other = [
            'inning' => '5',
            'half' => 'bottom',
            'score' => '2',
            'batter' => 'left',
            'count' => '2-1',
            'pitcher' => 'somebody',
            'runners' => RunnerSpeed::Quick->value,
            'pitch' => PitchSide::Inside->value,
            'seen' => Seen::TriedNow->value,
        ];
        self::assertSame($other, ContextAddress::write(self::context($other)));
        foreach ($other as $name => $value) {
            self::assertFalse(self::context([$name => $value])->isSameAs(Context::ordinary()), $name);
        }
        $fields = array_map(
            static fn(\ReflectionParameter $one): string => 'lead' === $one->name ? 'score' : $one->name,
            (new \ReflectionMethod(Context::class, '__construct'))->getParameters(),
        );
        self::assertEqualsCanonicalizing([...ContextAddress::NAMES, 'pitching', 'times'], $fields);
    }

    /** @param array<string, string> $query */
    private static function context(array $query): Context
    {
        /** @var InputBag<string> $bag */
        $bag = new InputBag($query);

        return ContextAddress::read($bag, static fn(string $id): ?Batter => null);
    }

    public function testAnEmptyAddressIsTheOrdinaryContext(): void
    {
        $address = self::read('none-0', []);

        self::assertArrayNotHasKey('view', $address->with([]), 'what is usual is left out');
        self::assertArrayNotHasKey('bunt', $address->with([]));
        self::assertArrayNotHasKey('moved', $address->with([]));
        self::assertSame('3', $address->with([])['inning']);
    }

    public function testTouchingABagDropsWhatBelongsToTheOldSituation(): void
    {
        $address = self::read('R1-0', ['coverage' => 'first-stays', 'moved' => '4:1,2', 'score' => '3']);
        $next = $address->toggling(Base::Second);

        self::assertSame('R1R2-0', $next['situation']);
        self::assertSame('3', $next['score'], 'the context stays');
        self::assertArrayNotHasKey('coverage', $next);
        self::assertArrayNotHasKey('moved', $next);
        self::assertSame('R1-2', $address->withOuts(Outs::Two)['situation']);
    }

    /** @param array<string, string> $query */
    #[TestWith([['at' => '0,0'], 0.0, 8.0])]
    #[TestWith([['at' => '500,10'], 45.0, 100.0])]
    #[TestWith([['at' => '-30,-5'], -45.0, 30.0])]
    #[TestWith([['at' => '-20.5,35.5'], -30.0, 41.0])]
    #[TestWith([['bunt' => '40,50'], 40.0, 50.0])]
    public function testWhereTheBuntRests(array $query, float $degrees, float $feet): void
    {
        $address = self::read('R1-0', $query);

        $bunt = (new BuntControls())->trial(
            $address->trial,
            Teams::plan(
                GameState::of(ShippedRuleSets::get('fastpitch-43'), $address->situation, $address->context),
            )->scene(),
        );
        self::assertSame([$degrees, $feet], [$bunt->degrees, $bunt->feet]);
        self::assertLessThanOrEqual(45.0, abs($bunt->ball->sprayDegrees), 'fair');
    }

    /** @param array<string, string> $query */
    #[TestWith([['moved' => '2:1,2'], 'moved'])]
    #[TestWith([['moved' => '4'], 'moved'])]
    #[TestWith([['moved' => '4:1;6:2,3'], 'moved'])]
    #[TestWith([['bunt' => '1,2,3'], 'bunt'])]
    #[TestWith([['how' => 'backwards'], 'how'])]
    #[TestWith([['view' => 'top'], 'view'])]
    #[TestWith([['at' => 'x,y'], 'at'])]
    #[TestWith([['inning' => '1e3'], 'inning'])]
    #[TestWith([['score' => '11'], 'score'])]
    #[TestWith([['half' => 'middle'], 'half'])]
    #[TestWith([['batter' => 'somebody'], 'batter'])]
    public function testWhatAnAddressCannotSay(array $query, string $field): void
    {
        try {
            self::read('R1-0', $query);
            self::fail('This address says nothing.');
        } catch (Problem $problem) {
            self::assertSame($field, $problem->field());
            self::assertNotSame('', $problem->allowed());
        }
    }

    /** @param array<string, string> $query */
    private static function read(string $situation, array $query): SituationAddress
    {
        /** @var InputBag<string> $bag */
        $bag = new InputBag($query);

        return SituationAddress::read(
            $situation,
            $bag,
            ContextAddress::read($bag, static fn(string $id): ?Batter => null),
            new PlayControls(ShippedFamilies::all(), [new BuntControls()]),
        );
    }
}
