<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Play\Choice\Odds;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Choice\Race;
use FoxCorner\Core\Play\Choice\Reasons;
use FoxCorner\Core\Play\Choice\ThrowOption;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Call, reason and price are one comparison. */
final class ReasonsTest extends TestCase
{
    /**
     * @param list<string> $reasons of home at 64 %, second at 30 % and first at 90 %
     */
    #[
        TestWith([
            OutPolicy::Sure,
            Base::First,
            [
                'not called: 64 % sure, 80 are wanted; costs least',
                'not called: 30 % sure, 80 are wanted; costs 0.90 more',
                'called: 90 % sure, 80 are enough; costs 0.52 more',
            ],
            '“Lead out when sure” costs 0.52 more here than home.',
        ]),
    ]
    #[
        TestWith([
            OutPolicy::Lead,
            Base::Home,
            [
                'called: 64 % sure, 35 are enough; costs least',
                'not called: 30 % sure, 35 are wanted; costs 0.90 more',
                'not called: 90 % sure, and not the farthest in front; costs 0.52 more',
            ],
            null,
        ]),
    ]
    #[
        TestWith([
            OutPolicy::First,
            Base::First,
            [
                'not called: first it is; costs least',
                'not called: first it is; costs 0.90 more',
                'called: no matter what; costs 0.52 more',
            ],
            '“First base, no matter what” costs 0.52 more here than home.',
        ]),
    ]
    #[
        TestWith([
            OutPolicy::Numbers,
            Base::Home,
            ['called; costs least', 'not called; costs 0.90 more', 'not called; costs 0.52 more'],
            null,
        ]),
    ]
    public function testEachSaysWhy(OutPolicy $policy, Base $called, array $reasons, ?string $price): void
    {
        $options = [
            self::option(Base::Home, 0.64, 1.1),
            self::option(Base::Second, 0.3, 2.0),
            self::option(Base::First, 0.9, 1.62),
        ];
        $made = $policy->choose($options);
        $why = new Reasons($options, $made, $policy);

        self::assertSame($called, $made->base);
        self::assertSame($reasons, array_map($why->of(...), $options));
        self::assertSame($price, $why->price());
        self::assertEqualsWithDelta(0.52, $why->more($options[2]), 1e-9);
    }

    public function testADifferenceThatNobodySeesIsNone(): void
    {
        $options = [self::option(Base::Home, 0.5, 1.104), self::option(Base::First, 0.9, 1.1)];
        $why = new Reasons($options, $options[0], OutPolicy::Lead);

        self::assertNull($why->price());
        self::assertSame('called: 50 % sure, 35 are enough; costs least', $why->of($options[0]));
        $alone = self::option(Base::First, 0.4, null);
        $only = new Reasons([$alone], $alone, OutPolicy::Sure);
        self::assertSame('called: 40 %, the surest', $only->of($alone), 'nothing was asked of cost');
        self::assertSame(0.0, $only->more($alone));
    }

    private static function option(Base $base, float $chance, ?float $cost): ThrowOption
    {
        return new ThrowOption($base, null, Race::to(1.0, 2.0, 0.0, null, 3.0), Odds::sure($chance), $cost);
    }
}
