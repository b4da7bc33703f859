<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Rule;

use FoxCorner\Core\Alignment\NamedDepth;
use FoxCorner\Core\People\Position;

/** What a rule says of some positions. */
final readonly class Ruling
{
    /**
     * @param list<Position> $positions
     * @param string         $reason    a sentence
     */
    public function __construct(public array $positions, public NamedDepth $depth, public string $reason)
    {
    }
}
