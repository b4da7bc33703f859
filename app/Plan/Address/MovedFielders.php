<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan\Address;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/**
 * Fielders put somewhere by hand, as an address carries them: "4:16.5,78;6:-14,80", position number, feet to the right
 * of and out from home.
 */
final class MovedFielders
{
    private const ALLOWED = 'fielders 3 to 9 and where they stand, as in 4:16.5,78;6:-14,80';

    /**
     * @return array<int, Point> by position number
     *
     * @throws Problem
     */
    public static function read(string $value): array
    {
        $moved = [];
        foreach ('' === $value ? [] : explode(';', $value) as $part) {
            [$number, $point] = [...explode(':', $part, 2), ''];
            if (1 !== preg_match('/^[3-9]$/', $number)) {
                throw Refused::because('moved', "\"$part\" names no fielder who can be moved", self::ALLOWED);
            }
            $moved[(int) $number] = Point::of(...TwoNumbers::read('moved', $point, self::ALLOWED));
        }

        return $moved;
    }

    /** @param array<int, Point> $moved */
    public static function write(array $moved): ?string
    {
        $words = array_map(
            static fn(int $number, Point $point): string => \sprintf('%d:%.1f,%.1f', $number, $point->x, $point->y),
            array_keys($moved),
            $moved,
        );

        return [] === $words ? null : implode(';', $words);
    }
}
