<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Ball;

/** How an outfielder comes to a ball: what it takes him to throw it back in hangs on that. */
enum Reached: string
{
    /** He waits for it, or comes in to it. */
    case Straight = 'straight';
    /** He runs to the side. */
    case Across = 'across';
    /** It is over him or past him: he runs away from where the throw goes. */
    case BackTurned = 'back-turned';
    /** It lies at the fence before he is there. */
    case OffFence = 'off-fence';
    /** He has it, drops it, and picks it up again. */
    case Bobbled = 'bobbled';
    /** In the air: the batter is out. */
    case Caught = 'caught';

    /** Steeper than this to the line from home counts as across: cosines of 50° in, and of 50° out. */
    private const STEEP = 0.64;

    public function label(): string
    {
        return match ($this) {
            self::Straight => 'Straight',
            self::Across => 'Across',
            self::BackTurned => 'Back turned',
            self::OffFence => 'Off the fence',
            self::Bobbled => 'Bobbled',
            self::Caught => 'Caught',
        };
    }

    /** @param float $outward the part of his way that leads away from home, −1 to 1 */
    public static function running(float $outward): self
    {
        return match (true) {
            $outward > self::STEEP => self::BackTurned,
            $outward < -self::STEEP => self::Straight,
            default => self::Across,
        };
    }

    /** Whether he cannot see the infield as he gets to the ball: extra bases are sure then. */
    public function isBehindHim(): bool
    {
        return self::BackTurned === $this || self::OffFence === $this;
    }
}
