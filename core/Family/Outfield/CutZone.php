<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Hand;

/** Where a cutoff man may stand, and what every stride beside the line loses. */
final readonly class CutZone
{
    /** s that standing anywhere in the zone loses at most (ours). */
    public const TOLERATED = 0.1;
    /** Strides to both sides that are told. */
    private const STRIDES = 3;

    /**
     * @param list<Point>             $outline
     * @param list<array{int, float}> $strides from the glove side (negative) to the arm side: strides off, s lost
     * @param float                   $stride  ft
     */
    private function __construct(public array $outline, public array $strides, public float $stride) {}

    public static function of(CutMan $cut, Point $ball, Point $bag): self
    {
        $arms = $cut->arms;
        [$near, $far] = $arms->within($cut->feet, $cut->place, self::TOLERATED);
        $throws = $cut->who->player->traits->throws;
        // He faces the ball: a right-hander's arm is on his right, which is the left of the throw as it goes in.
        $armIsLeft = Hand::Left !== $throws;
        $corner = static function (float $along, float $share, bool $left) use (
            $arms,
            $cut,
            $ball,
            $bag,
            $armIsLeft,
        ): Point {
            $off = $share * $arms->beside($cut->feet, $cut->place->fromBall, self::TOLERATED, $left === $armIsLeft);
            $at = $ball->toward($bag, $along);
            $length = max(1.0, $ball->distanceTo($bag));
            [$x, $y] = [($bag->x - $ball->x) / $length, ($bag->y - $ball->y) / $length];

            return $left ? $at->plus(-$y * $off, $x * $off) : $at->plus($y * $off, -$x * $off);
        };
        $middle = $cut->place->fromBall;
        $outline = [
            $corner($near, 0.0, true),
            $corner(($near + $middle) / 2, 0.8, true),
            $corner($middle, 1.0, true),
            $corner(($far + $middle) / 2, 0.8, true),
            $corner($far, 0.0, true),
            $corner(($far + $middle) / 2, 0.8, false),
            $corner($middle, 1.0, false),
            $corner(($near + $middle) / 2, 0.8, false),
        ];
        $stride = $cut->who->player->traits->pace();
        $strides = [];
        for ($count = -self::STRIDES; $count <= self::STRIDES; ++$count) {
            $lost = $arms->offLine($cut->feet, $middle, abs($count) * $stride, $count > 0);
            $strides[] = [$count, 0 === $count ? 0.0 : $lost];
        }

        return new self($outline, $strides, $stride);
    }
}
