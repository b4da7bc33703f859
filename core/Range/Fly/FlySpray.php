<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range\Fly;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Game\BatterTrait;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Tendency;
use FoxCorner\Core\People\Bats;

/**
 * Where a batter's balls in the air come down: about as many to each side, since what is pulled is mostly hit on the
 * ground; a power hitter's farther and more to the pull side, a slapper's short and the other way. The shares are ours.
 */
final readonly class FlySpray
{
    /** Degrees from straight away at which the shares of the sides hold; between them it goes straight. */
    private const SIDE = 27.0;
    /** Of the distance that the hardest hit carries: how much a distance scatters. */
    private const SCATTER = 0.2;

    /** Shares pulled, straight and the other way; and the distance, of what the hardest hit carries. */
    private const ORDINARY = [0.34, 0.38, 0.28, 0.68];
    private const PULLS = [0.44, 0.35, 0.21, 0.68];
    private const POWER = [0.44, 0.35, 0.21, 0.82];
    private const OTHER_WAY = [0.24, 0.36, 0.4, 0.64];
    private const SLAPS = [0.15, 0.33, 0.52, 0.48];

    /** @param array{float, float, float, float} $ways */
    private function __construct(private int $pullSide, private array $ways) {}

    public static function of(Context $context): self
    {
        $batter = $context->batter;
        [$pulled, $straight, $other, $distance] = match (true) {
            $batter->is(BatterTrait::Slaps) => $batter->is(BatterTrait::Power) ? self::OTHER_WAY : self::SLAPS,
            $batter->is(BatterTrait::Power) => self::POWER,
            Tendency::OtherWay === $batter->tendency => self::OTHER_WAY,
            Tendency::Pulls === $batter->tendency => self::PULLS,
            default => self::ORDINARY,
        };

        return new self(Bats::Right === $batter->type->bats() ? -1 : 1, [
            ...$context->pitch->change([$pulled, $straight, $other], $context->pitching),
            $distance,
        ]);
    }

    /**
     * How many come down there, of a square foot; relative, not normed.
     *
     * @param float $farthest ft that the hardest hit of the kind carries
     */
    public function weight(Point $point, float $farthest): float
    {
        $along = max(-1.0, min(1.0, ($this->pullSide * $point->sprayDegrees()) / self::SIDE));
        [$pulled, $straight, $other, $distance] = $this->ways;
        $share = $straight + abs($along) * (($along > 0.0 ? $pulled : $other) - $straight);
        $feet = max(1.0, $point->distanceTo(Point::home()));

        return ($share * exp(-((($feet / $farthest - $distance) / self::SCATTER) ** 2) / 2)) / $feet;
    }
}
