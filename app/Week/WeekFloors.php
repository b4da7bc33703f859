<?php

declare(strict_types=1);

namespace FoxCorner\App\Week;

use FoxCorner\App\Club\Team;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Book\SetupCodec;
use FoxCorner\App\Practice\Drills\DrillShelf;
use FoxCorner\App\Practice\Need\TeamNeeds;
use FoxCorner\App\Practice\Order\PracticeDays;
use FoxCorner\App\Practice\Order\PracticeOrder;
use FoxCorner\Core\Practice\Floor\Work;
use FoxCorner\Core\Practice\Need\FloorMet;
use FoxCorner\Core\Problem\Problem;

/** What the practices of a week give each player of his floors: as counted where they were, as planned where not. */
final readonly class WeekFloors
{
    public function __construct(
        private PracticeDays $days,
        private SetupCodec $setups,
        private TeamNeeds $needs,
        private DrillShelf $shelf,
    ) {}

    /**
     * @param list<Practice> $practices of the week
     *
     * @return list<FloorMet>
     */
    public function of(Team $team, array $practices, \DateTimeImmutable $end): array
    {
        try {
            $asked = array_map(
                fn(Practice $one): array => $this->days->share(PracticeOrder::of($one, $this->setups->read($one))),
                $practices,
            );
        } catch (Problem) {
            // Nobody helps at one of them any more: there is nothing to hold it against.
            return [];
        }

        return [] === $asked
            ? []
            : FloorMet::over($asked, $this->needs->taught($team, $end, $practices), $this->shelf->ever($team));
    }

    /**
     * As a table: a row for each player, what is asked of anybody as columns.
     *
     * @param list<FloorMet> $floors
     *
     * @return array{works: list<Work>, rows: list<array{name: string, id: string, cells: array<string, FloorMet>}>}
     */
    public static function table(array $floors): array
    {
        $works = $rows = [];
        foreach ($floors as $floor) {
            $works[$floor->work->value] = $floor->work;
            $rows[$floor->player->id] ??= ['name' => $floor->player->name, 'id' => $floor->player->id, 'cells' => []];
            $rows[$floor->player->id]['cells'][$floor->work->value] = $floor;
        }

        return [
            'works' => array_values(
                array_filter(Work::cases(), static fn(Work $one): bool => isset($works[$one->value])),
            ),
            'rows' => array_values($rows),
        ];
    }
}
