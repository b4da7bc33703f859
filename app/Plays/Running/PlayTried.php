<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\Running;

use FoxCorner\App\Plan\Address\FamilyControls;
use FoxCorner\App\Plan\Address\SituationAddress;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Scheme\Trial;
use FoxCorner\Core\Runs\PlayCost;

/** One of what a coverage is tried against, what comes of it, and the address at which it can be watched. */
final readonly class PlayTried
{
    /** @param array<string, string> $address */
    private function __construct(public Trial $trial, public ThrowOption $called, public array $address) {}

    /**
     * @return list<self> the surest out first
     *
     * @throws \LogicException when the situation has no coverage
     */
    public static function all(
        PlannedPlay $play,
        FamilyControls $controls,
        SituationAddress $address,
        PlayCost $cost,
    ): array {
        $tried = array_map(
            static fn(Timeline $timeline): self => new self(
                $timeline->trial,
                $timeline->called(),
                $address->with([...$controls->carry($timeline->trial), 'view' => $play->family->key()]),
            ),
            array_values($play->runs($play->family->trials($play->plan->scene()), $cost)),
        );
        usort($tried, static fn(self $a, self $b): int => $b->called->chance <=> $a->called->chance);

        return $tried;
    }
}
