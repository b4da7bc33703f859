<?php

declare(strict_types=1);

namespace FoxCorner\App\Situations;

use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\BoardCell;

/** Which of the 24 a coach wants to see; the others step back. */
enum BoardFilter: string
{
    case All = 'all';
    case Changed = 'changed';
    case Findings = 'findings';
    case Bunt = 'bunt';
    case ByHand = 'by-hand';

    public function label(): string
    {
        return match ($this) {
            self::All => 'All',
            self::Changed => 'Changed',
            self::Findings => 'With findings',
            self::Bunt => 'Corners in',
            self::ByHand => 'By hand',
        };
    }

    /** @param int $findings of this cell */
    public function shows(BoardCell $cell, int $findings): bool
    {
        return match ($this) {
            self::All => true,
            self::Changed => $cell->isChanged(),
            self::Findings => $findings > 0,
            self::Bunt => NamedDepth::Bunt === $cell->plan->alignment->spot(Position::ThirdBase)->depth,
            self::ByHand => [] !==
                array_filter($cell->plan->alignment->spots(), static fn($spot): bool => $spot->byHand),
        };
    }
}
