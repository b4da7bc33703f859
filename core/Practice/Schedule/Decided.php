<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Schedule;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Floor\FloorTable;

/** What the coach has decided about a practice: its stations, where they are, and who stays where he is. */
final readonly class Decided
{
    /**
     * @param array<string, Drill>|null $drills    the stations, by key; null: those that are worth most
     * @param array<string, Point>      $shifts    by which a station has been moved
     * @param list<KeptTurn>            $kept      what stays as it is
     * @param bool                      $isWatched whether there is a grown-up at every station
     * @param FloorTable|null           $floors    of a week; null: those of the age
     */
    public function __construct(
        public ?array $drills = null,
        public array $shifts = [],
        public array $kept = [],
        public bool $isWatched = false,
        public ?FloorTable $floors = null,
    ) {}
}
