<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Running;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\People\RosterPlayer;

/** Our pitchers and catchers against their runners: who is there first, and how often. */
final readonly class StealTable
{
    /** @param list<StealCell> $cells pitchers outermost, runners innermost, in the order in which they were given */
    private function __construct(public array $cells) {}

    /**
     * @param list<RosterPlayer>         $pitchers
     * @param list<RosterPlayer>         $catchers
     * @param list<NamedRunner>          $runners
     * @param array<string, StealRecord> $records  of pitchers and catchers, by id
     * @param float                      $lead     ft before the pitch
     * @param float                      $ordinary share of the level's steals that succeed
     */
    public static function of(
        array $pitchers,
        array $catchers,
        array $runners,
        Base $base,
        StealKind $kind,
        float $lead,
        RuleSet $rules,
        LevelProfile $level,
        array $records = [],
        float $ordinary = 0.75,
    ): self {
        $cells = [];
        foreach ($pitchers as $pitcher) {
            foreach ($catchers as $catcher) {
                if ($pitcher->id === $catcher->id) {
                    continue;
                }
                $race = StealRace::to(
                    $base,
                    Battery::of($level, $pitcher->traits, $catcher->traits),
                    $rules,
                    $level,
                    $kind,
                );
                $record = ($records[$pitcher->id] ?? StealRecord::none())->and(
                    $records[$catcher->id] ?? StealRecord::none(),
                );
                foreach ($runners as $runner) {
                    $margin = $race->margin($runner->thief, $lead);
                    $success = $race->succeeds($margin, $runner->thief->spread);
                    $cells[] = new StealCell(
                        $pitcher,
                        $catcher,
                        $runner,
                        $margin,
                        0 === $record->attempts ? $success : $record->success($success, $ordinary),
                    );
                }
            }
        }

        return new self($cells);
    }

    /** @return array<string, StealCell> one cell of each battery, by {@see StealCell::battery()} */
    public function batteries(): array
    {
        $batteries = [];
        foreach ($this->cells as $cell) {
            $batteries[$cell->battery()] ??= $cell;
        }

        return $batteries;
    }

    /**
     * @param string $by the battery, by {@see StealCell::battery()}, against which they are ordered
     *
     * @return list<non-empty-list<StealCell>> a runner a row, who is the surest first; his cells as the batteries are
     */
    public function rows(string $by): array
    {
        $rows = $order = [];
        foreach ($this->cells as $cell) {
            $rows[$cell->runner->id][] = $cell;
            if ($by === $cell->battery()) {
                $order[$cell->runner->id] = $cell->success;
            }
        }
        arsort($order);

        return array_map(static fn(string $id): array => $rows[$id], array_map(strval(...), array_keys($order)));
    }

    /** @return list<StealCell> of one runner */
    public function against(NamedRunner $runner): array
    {
        return array_values(array_filter($this->cells, static fn(StealCell $cell): bool => $cell->runner === $runner));
    }
}
