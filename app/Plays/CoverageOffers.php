<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays;

use FoxCorner\App\Plan\ReadPlan;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Scheme\Coverage;

/** What can be done with the coverage that is looked at, and what there is besides. */
final readonly class CoverageOffers
{
    /**
     * @param bool                            $canBePlayed whether the team plays another one now
     * @param list<Coverage>                  $drafts      in which nobody fields yet
     * @param list<array{Coverage, Coverage}> $behind      copies whose original has changed since, each with its
     *                                                     original
     */
    private function __construct(
        public bool $canBePlayed,
        public bool $isOwn,
        public array $drafts,
        public array $behind,
    ) {}

    public static function of(ReadPlan $read, PlannedPlay $play): self
    {
        $decided = $read->book->plays($play->family->key());
        $played = $play->drawnUp($read->choice($play->family)?->coverage) ?? ($play->coverages[0] ?? null);
        $bases = $play->plan->state->situation->bases;
        $drafts = array_filter(
            $decided->own,
            static fn(Coverage $one): bool => [] === $one->fielders && \in_array($bases, $one->bases, true),
        );
        $behind = [];
        foreach ($play->coverages as $copy) {
            foreach ($play->coverages as $original) {
                if ($copy->isBehind($original)) {
                    $behind[] = [$copy, $original];
                }
            }
        }

        return new self(
            $played?->key !== $play->coverage?->key,
            null !== $decided->own($play->coverage->key ?? ''),
            array_values($drafts),
            $behind,
        );
    }
}
