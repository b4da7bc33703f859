<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Bunt;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\ThrowOption;

/** One bunt of the map: where it comes to rest, who has it, what is made of it. */
final readonly class BuntSpot
{
    /** Chance from which an out counts as there. */
    private const THERE = 0.5;

    /** @param list<ThrowOption> $options lead base first */
    public function __construct(public float $degrees, public float $feet, public Point $rest, public Position $by, public ThrowOption $called, public array $options)
    {
    }

    public function outcome(): BuntOutcome
    {
        return match (true) {
            $this->called->chance < self::THERE => BuntOutcome::Safe,
            Base::First === $this->called->base => BuntOutcome::First,
            default => BuntOutcome::Lead,
        };
    }
}
