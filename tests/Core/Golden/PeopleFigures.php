<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Golden;

use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\Quantity;
use FoxCorner\Core\Problem\Problem;

/** What people are called, and between which limits they are measured. */
final class PeopleFigures implements Figures
{
    private const WORDS =
        'P SP RP RHP LHP C 1B 2B 3B SS LF CF RF OF IF MI CI UT DH INF Catcher Pitcher Shortstop ' .
        'First-base SecondBaseman third_base left-field centrefield Right.field center-fielder 0 10 x ' .
        '1 2 3 4 5 6 7 8 9 FIRSTBASE FIRSTBASEMAN SECONDBASE THIRDBASE THIRDBASEMAN LEFTFIELD CENTERFIELD RIGHTFIELD ' .
        'OUTFIELD INFIELD EH DP UTIL';

    public static function all(): iterable
    {
        foreach (Quantity::cases() as $quantity) {
            yield "limits/$quantity->value" => [
                self::said(static fn() => $quantity->check(-1.0, 'it')),
                self::said(static fn() => $quantity->check(1000.0, 'it')),
                self::said(static fn() => $quantity->check(\NAN, 'it')),
            ];
        }
        foreach (explode(' ', self::WORDS) as $word) {
            yield "position/$word" => self::said(static fn() => Position::numbers(Position::read($word)));
        }
        yield 'positions' => array_map(
            static fn(Position $position): array => [$position->label(), $position->person(), $position->group()],
            Position::cases(),
        );
        yield 'limits' => array_map(
            static fn(Limit $limit): array => [
                $limit->label(),
                $limit->allowsGameThrows(),
                $limit->forbidsRunning(),
                $limit->forbidsThrowing(),
            ],
            Limit::cases(),
        );
    }

    /** @param \Closure(): mixed $asked */
    private static function said(\Closure $asked): mixed
    {
        try {
            return $asked();
        } catch (Problem $problem) {
            return $problem->getMessage();
        }
    }
}
