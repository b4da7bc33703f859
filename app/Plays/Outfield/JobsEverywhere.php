<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\Outfield;

use FoxCorner\Core\Family\Outfield\IdleCheck;
use FoxCorner\Core\Family\Outfield\OutfieldDefence;
use FoxCorner\Core\Family\Outfield\Simpler;

/** Who has how many different jobs on balls to the outfield, and what fewer would lose. */
final readonly class JobsEverywhere
{
    /** Jobs a player that a coach can ask for. */
    private const FEWEST = 2;
    private const MOST = 6;

    public IdleCheck $idle;

    /** @param non-empty-list<OutfieldDefence> $defences one for each situation */
    public function __construct(private array $defences)
    {
        $this->idle = IdleCheck::together(array_map(IdleCheck::of(...), $defences));
    }

    /** A plan with at most so many jobs a player; null when nobody asks for that many. */
    public function simpler(int $limit): ?Simpler
    {
        return $limit < self::FEWEST || $limit > self::MOST ? null : Simpler::of($this->defences, $limit);
    }

    /** @return list<int> to pick from */
    public function limits(): array
    {
        return range(self::FEWEST, self::MOST);
    }
}
