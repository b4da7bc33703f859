<?php

declare(strict_types=1);

namespace FoxCorner\Core\Game;

use FoxCorner\Core\People\Pitching;

/**
 * Where a pitch is called to: inside is pulled more, outside goes the other way, and what drops (a drop ball, a
 * sinker) is hit on its top more often.
 */
enum PitchSide: string
{
    case Anywhere = 'anywhere';
    case Inside = 'inside';
    case Outside = 'outside';
    case Dropping = 'dropping';

    /** How much oftener a ball is pulled, goes straight, goes the other way, off a pitch that is there (ours). */
    private const INSIDE = [1.25, 1.0, 0.6];
    private const OUTSIDE = [0.72, 1.1, 1.6];
    /** How much oftener a ball is hit on its top off a pitch that drops: twice (ours). */
    private const TOPPED = 2.0;
    /** Of that, what is left when the pitcher is ordinary, and wild (ours). */
    private const ORDINARY = 0.6;
    private const WILD = 0.2;

    public function label(): string
    {
        return match ($this) {
            self::Anywhere => 'Anywhere',
            self::Inside => 'Inside',
            self::Outside => 'Outside',
            self::Dropping => 'Dropping',
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
            self::Anywhere, self::Dropping => [1.0, 1.0, 1.0],
            self::Inside => self::INSIDE,
            self::Outside => self::OUTSIDE,
        };
        $kept = self::kept($pitching);
        $changed = [];
        foreach ($oftener as $third => $times) {
            $changed[] = $shares[$third] * $times ** $kept;
        }
        $whole = array_sum($changed);

        return [$changed[0] / $whole, $changed[1] / $whole, $changed[2] / $whole];
    }

    /** How much oftener than off any pitch a ground ball is hit on its top. */
    public function topped(Pitching $pitching): float
    {
        return self::Dropping === $this ? self::TOPPED ** self::kept($pitching) : 1.0;
    }

    private static function kept(Pitching $pitching): float
    {
        return match ($pitching) {
            Pitching::HitsSpots => 1.0,
            Pitching::Ordinary => self::ORDINARY,
            Pitching::Wild => self::WILD,
        };
    }
}
