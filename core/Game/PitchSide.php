<?php

declare(strict_types=1);

namespace FoxCorner\Core\Game;

use FoxCorner\Core\People\Pitching;

/** The side of the plate that a pitch is called to: inside is pulled more, outside goes the other way. */
enum PitchSide: string
{
    case Anywhere = 'anywhere';
    case Inside = 'inside';
    case Outside = 'outside';

    /** How much oftener a ball is pulled, goes straight, goes the other way, off a pitch that is there (ours). */
    private const INSIDE = [1.25, 1.0, 0.6];
    private const OUTSIDE = [0.72, 1.1, 1.6];
    /** Of that, what is left when the pitcher is ordinary, and wild (ours). */
    private const ORDINARY = 0.6;
    private const WILD = 0.2;

    public function label(): string
    {
        return match ($this) {
            self::Anywhere => 'Anywhere',
            self::Inside => 'Inside',
            self::Outside => 'Outside',
        };
    }

    /**
     * Shares of what is pulled, straight and the other way, off a pitch that is called there.
     *
     * @param array{float, float, float} $shares together 1
     *
     * @return array{float, float, float} together 1
     */
    public function change(array $shares, Pitching $pitching): array
    {
        $oftener = match ($this) {
            self::Anywhere => [1.0, 1.0, 1.0],
            self::Inside => self::INSIDE,
            self::Outside => self::OUTSIDE,
        };
        $kept = match ($pitching) {
            Pitching::HitsSpots => 1.0,
            Pitching::Ordinary => self::ORDINARY,
            Pitching::Wild => self::WILD,
        };
        $changed = [];
        foreach ($oftener as $third => $times) {
            $changed[] = $shares[$third] * $times ** $kept;
        }
        $whole = array_sum($changed);

        return [$changed[0] / $whole, $changed[1] / $whole, $changed[2] / $whole];
    }
}
