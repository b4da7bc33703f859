<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range;

use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Game\BatterTrait;
use FoxCorner\Core\Game\Tendency;
use FoxCorner\Core\People\Bats;

/** Where a batter's ground balls go: a mixture of pulled, straight and the other way. The shares are ours. */
final readonly class Spray
{
    /**
     * Degrees from straight away to the middle of pulled balls, and of those the other way; and how far they scatter.
     */
    private const PULLED = 20.0;
    private const OTHER_WAY = 22.0;
    private const SCATTER = 13.0;

    /** @param int $pullSide −1: left, of a right-handed batter */
    private function __construct(
        private int $pullSide,
        private float $pulled,
        private float $straight,
        private float $otherWay,
    ) {}

    public static function of(Batter $batter): self
    {
        $side = Bats::Right === $batter->type->bats() ? -1 : 1;

        return match (true) {
            $batter->is(BatterTrait::Slaps) && Tendency::Pulls !== $batter->tendency => new self(
                $side,
                0.12,
                0.25,
                0.63,
            ),
            Tendency::Pulls === $batter->tendency => new self($side, 0.62, 0.26, 0.12),
            Tendency::OtherWay === $batter->tendency => new self($side, 0.26, 0.32, 0.42),
            default => new self($side, 0.48, 0.32, 0.2),
        };
    }

    /** Relative, not normed. */
    public function density(float $degrees): float
    {
        $bell = static fn(float $middle): float => exp(-((($degrees - $middle) / self::SCATTER) ** 2) / 2);

        return $this->pulled * $bell($this->pullSide * self::PULLED) +
            $this->straight * $bell(0.0) +
            $this->otherWay * $bell(-$this->pullSide * self::OTHER_WAY);
    }
}
