<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Bunt;

use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Play\PlayFamily;
use FoxCorner\Core\Play\PlayQuestion;
use FoxCorner\Core\Play\Timeline;

/** Bunts. Drawn up so far: a runner on first, fewer than two out. */
final readonly class BuntFamily implements PlayFamily
{
    public function key(): string
    {
        return 'bunt';
    }

    public function coverages(RuleSet $rules, Situation $situation): array
    {
        if (!$rules->bunts || Outs::Two === $situation->outs) {
            return [];
        }

        return match ($situation->bases) {
            Bases::First => ShippedCoverages::runnerOnFirst(),
            default => [],
        };
    }

    public function run(PlayQuestion $question): Timeline
    {
        return BuntPlay::of($question)->timeline();
    }
}
