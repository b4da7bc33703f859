<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Bunt;

use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Play\Coverage;
use FoxCorner\Core\Play\PlayFamily;
use FoxCorner\Core\Play\PlayQuestion;
use FoxCorner\Core\Play\Timeline;

/** Bunts, with fewer than two out, wherever the rules allow them; with coverages of the team's own, once somebody fields in them, beside the shipped ones. */
final readonly class BuntFamily implements PlayFamily
{
    /** @param list<BuntCoverage> $own */
    public function __construct(private array $own = [])
    {
    }

    public function key(): string
    {
        return 'bunt';
    }

    /** @return list<BuntCoverage> */
    public function coverages(RuleSet $rules, Situation $situation): array
    {
        if (!$rules->bunts || Outs::Two === $situation->outs) {
            return [];
        }

        return [...ShippedCoverages::for($situation->bases, $rules->sport), ...array_values(array_filter($this->own, static fn(BuntCoverage $coverage): bool => [] !== $coverage->fielders() && \in_array($situation->bases, $coverage->bases, true)))];
    }

    public function run(PlayQuestion $question): Timeline
    {
        return BuntPlay::of($question, self::coverage($question->coverage))->timeline();
    }

    /** The outs that are there, without drawing the play. */
    public function options(PlayQuestion $question): BuntOptions
    {
        return BuntOptions::of($question, self::coverage($question->coverage));
    }

    private static function coverage(Coverage $coverage): BuntCoverage
    {
        return $coverage instanceof BuntCoverage ? $coverage : throw new \LogicException('“'.$coverage->name().'” is no bunt coverage.');
    }
}
