<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Contract;

use FoxCorner\Core\Play\Clock\Play;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Coverage;

/** A family of plays of which the other side may do something else than what a coverage is drawn up for. */
interface WeighsOffence extends PlayFamily
{
    /**
     * What they may do instead and besides, in their order.
     *
     * @param list<Play> $tried the coverage against {@see PlayFamily::trials()}, where that is there already
     *
     * @return non-empty-list<OffenceLine> together all of it
     *
     * @throws \LogicException when the setting knows no cost
     */
    public function offence(Scene $scene, Coverage $coverage, array $tried = []): array;
}
