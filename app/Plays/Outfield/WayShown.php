<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\Outfield;

use FoxCorner\Core\Family\Outfield\CutZone;
use FoxCorner\Core\Family\Outfield\OutfieldPlay;

/** One way of the ball to where it goes, as a bar: how long it takes. */
final readonly class WayShown
{
    private function __construct(public string $label, public float $seconds, public bool $isMade) {}

    /** @return list<self> the one that is made first */
    public static function all(OutfieldPlay $play, ?CutZone $zone): array
    {
        $made = $play->made()->way;
        $base = $made->base;
        $feet = $play->ball->at->distanceTo($play->setting->bag($base));
        $hops = $play->setting->throwing->throws->over($feet, $play->ball->by->arm)->bounces;
        $straight = new self(
            0 === $hops ? 'Straight' : 'Straight, a hop',
            $play->ways->straight($base)->held(),
            !$made->isCut(),
        );
        $over = $play->ways->over($base);
        $cut = $play->ways->cut;
        if (null === $over || null === $cut) {
            return [$straight];
        }
        $relay = new self(\sprintf('Over %d', $cut->who->position->value), $over->held(), $made->isCut());
        $ways = $made->isCut() ? [$relay, $straight] : [$straight, $relay];
        if (null !== $zone && $base === $cut->base) {
            [$strides, $lost] = $zone->strides[\count($zone->strides) - 1];
            $ways[] = new self(self::counted($strides) . ' strides off', $over->held() + $lost, false);
        }

        return $ways;
    }

    private static function counted(int $strides): string
    {
        return ['', 'One', 'Two', 'Three'][$strides] ?? (string) $strides;
    }
}
