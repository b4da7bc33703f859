<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment;

use FoxCorner\Core\Alignment\Depth\Placement;
use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;

/** Where pitcher and catcher are when the pitch is thrown. */
final readonly class BatterySpot implements Placement
{
    /** ft behind the apex of home plate at which a catcher squats. */
    private const BEHIND_PLATE = 4.0;

    private function __construct(private Point $point, private string $words, private string $feet) {}

    public static function of(Position $position, Diamond $diamond): self
    {
        return match ($position) {
            Position::Pitcher => new self(
                $diamond->pitchersPlate(),
                'On the rubber',
                \sprintf('%g ft', $diamond->pitchingDistance),
            ),
            Position::Catcher => new self(
                Point::of(0.0, -self::BEHIND_PLATE),
                'Behind the plate',
                \sprintf('%g ft', self::BEHIND_PLATE),
            ),
            default => throw new \LogicException($position->label() . ' is not of the battery.'),
        };
    }

    public function point(): Point
    {
        return $this->point;
    }

    public function inPaces(float $paceLength): string
    {
        return $this->words;
    }

    public function inFeet(): string
    {
        return $this->feet;
    }
}
