<?php

declare(strict_types=1);

namespace FoxCorner\App\WalkOff;

use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\Situation;

/** One spot, how to walk to it, and when. */
final readonly class WalkOffLine
{
    /** @param list<Situation> $situations */
    public function __construct(
        public string $depth,
        public string $paces,
        public string $feet,
        public string $landmark,
        public array $situations,
    ) {}

    /** "First 0 1; loaded 2": runners, then outs. */
    public function when(): string
    {
        $parts = [];
        foreach (Bases::cases() as $bases) {
            $outs = array_map(
                static fn(Situation $one): int => $one->outs->value,
                array_filter($this->situations, static fn(Situation $one): bool => $one->bases === $bases),
            );
            if ([] !== $outs) {
                $parts[] =
                    lcfirst($bases->label()) .
                    (\count($outs) === \count(Outs::cases()) ? '' : ' (' . implode(', ', $outs) . ' out)');
            }
        }

        return \count($this->situations) === \count(Bases::cases()) * \count(Outs::cases())
            ? 'always'
            : implode('; ', $parts);
    }
}
