<?php

declare(strict_types=1);

namespace FoxCorner\App\Opponents;

use FoxCorner\Core\Game\Tendency;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Quantity;
use FoxCorner\Core\People\ShirtNumber;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\WrongLength;

/** What was seen of a batter and runner of the other team. */
final readonly class ScoutedBatter
{
    /**
     * @param int|null   $place       in the batting order, 1 to 9
     * @param float|null $homeToFirst seconds
     * @param bool       $bunts       has a record of bunting
     * @param bool       $goes        runs: steals, takes the extra base
     *
     * @throws Problem
     */
    public function __construct(
        public string $number,
        public string $name,
        public ?int $place,
        public Bats $bats,
        public ?float $homeToFirst,
        public Tendency $tendency,
        public bool $power,
        public bool $bunts,
        public bool $goes,
    ) {
        ShirtNumber::check($number);
        WrongLength::unlessBetween('name', $name, 1, 60);
        if (null !== $place) {
            OutOfRange::unlessBetween('order', $place, 1, 9, 'in the batting order, or nothing');
        }
        if (null !== $homeToFirst) {
            Quantity::HomeToFirst->check($homeToFirst, 'home to first');
        }
    }
}
