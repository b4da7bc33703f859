<?php

declare(strict_types=1);

namespace FoxCorner\App\WalkOff;

use FoxCorner\Core\Alignment\Landmark;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\PositionGroup;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Plan\Board;

/** One player's spots. */
final readonly class WalkOffSheet
{
    /** @param list<WalkOffLine> $lines the one that stands for most situations first */
    private function __construct(public Position $position, public RosterPlayer $player, public array $lines) {}

    /** @return list<self> infield first, then outfield */
    public static function all(Board $board): array
    {
        $sheets = [];
        foreach (Position::cases() as $position) {
            if (PositionGroup::Battery !== $position->group()) {
                $sheets[] = self::of($position, $board);
            }
        }

        return $sheets;
    }

    private static function of(Position $position, Board $board): self
    {
        $player = $board->cells[0]->plan->lineup->at($position);
        $pace = $player->traits->pace();
        $spots = $situations = [];
        foreach ($board->cells as $cell) {
            $spot = $cell->plan->alignment->spot($position);
            $words = $cell->plan->alignment->word($spot->depth) . '|' . $spot->placement->inPaces($pace);
            $spots[$words] ??= [$spot, $cell->plan];
            $situations[$words][] = $cell->situation;
        }
        $lines = [];
        foreach ($spots as $words => [$spot, $plan]) {
            $lines[] = new WalkOffLine(
                $plan->alignment->word($spot->depth),
                $spot->placement->inPaces($pace),
                $spot->placement->inFeet(),
                Landmark::of($position, $spot->placement->point(), $plan->state->rules, $pace),
                $situations[$words],
            );
        }
        usort(
            $lines,
            static fn(WalkOffLine $a, WalkOffLine $b): int => \count($b->situations) <=> \count($a->situations),
        );

        return new self($position, $player, $lines);
    }
}
