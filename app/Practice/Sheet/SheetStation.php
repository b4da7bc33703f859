<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Sheet;

use FoxCorner\App\Shared\Markup\Counted;
use FoxCorner\Core\Practice\Drill\Receiver;
use FoxCorner\Core\Practice\Drill\Sets;

/** A station in a round. */
final readonly class SheetStation
{
    /**
     * @param list<SheetPlayer> $players
     * @param list<string>      $helpers  names
     * @param Receiver|null     $receiver who takes the throws; null: nobody has to
     * @param float|null        $minutes  that it takes; null: all of its block
     * @param list<SheetHelp>   $helping  players who are there for the others
     */
    public function __construct(
        public string $drill,
        public array $players,
        public int $repetitions,
        public array $helpers = [],
        public ?Receiver $receiver = null,
        public ?float $minutes = null,
        public array $helping = [],
    ) {}

    /** "3 sets of 4"; empty where one is enough */
    public function sets(): string
    {
        return Sets::words($this->repetitions);
    }

    /** "10 reps each in 2 sets of 5, throws into a net" */
    public function each(): string
    {
        return Counted::of($this->repetitions, 'rep') .
            ' each' .
            ('' === $this->sets() ? '' : ' in ' . $this->sets()) .
            (null === $this->receiver ? '' : ', ' . $this->receiver->words());
    }
}
