<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Golden;

use FoxCorner\Core\Alignment\Alignment;
use FoxCorner\Core\Alignment\Depth\DepthTable;
use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Alignment\InfieldWant;
use FoxCorner\Core\Alignment\Landmark;
use FoxCorner\Core\Alignment\Rule\ShippedRules;
use FoxCorner\Core\Alignment\Spot;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\Board;
use FoxCorner\Core\Plan\BoardCell;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Runs\RunChain;
use FoxCorner\Tests\Core\Teams;

/** Where everybody stands, why, and how it is called. */
final class AlignmentFigures implements Figures
{
    public static function all(): iterable
    {
        foreach (ShippedRuleSets::all() as $key => $rules) {
            foreach (RunChain::situations() as $situation) {
                yield "stand/$key/{$situation->key()}" => self::standing(Teams::state($key, $situation->key()));
            }
        }
        foreach (BatterType::cases() as $batter) {
            $told = [['R1-0', 7, 0, '0-0'], ['R3-1', 8, 1, '1-2'], ['R2R3-1', 2, -5, '3-1'], ['none-1', 9, 1, '0-2']];
            foreach ($told as [$situation, $inning, $lead, $count]) {
                yield "told/$batter->value/$situation" => self::standing(
                    Teams::state('baseball-90', $situation, $inning, $lead, $batter, $count),
                    true,
                );
            }
        }
        $rules = ShippedRuleSets::get('fastpitch-43');
        $table = DepthTable::shipped(ShippedRuleSets::get('fastpitch-43'));
        $ours = Alignment::byRules(Teams::state(), $table, ShippedRules::all());
        yield 'moved' => $ours
            ->moved(Position::Shortstop, Point::of(-20.3, 81.7), 'why', $rules)
            ->spot(Position::Shortstop);
        yield 'moved out' => $ours
            ->moved(Position::LeftField, Point::of(-80.3, 121.7), 'why', $rules)
            ->spot(Position::LeftField);
        yield 'at depth' => $ours->atDepths([5 => NamedDepth::Normal, 8 => NamedDepth::Deep], $rules, 'why')->spots();
        yield from self::board();
    }

    /** @return iterable<string, mixed> */
    private static function board(): iterable
    {
        foreach (['fastpitch-43' => [7, -1], 'baseball-60' => [6, 1]] as $key => [$inning, $lead]) {
            $state = Teams::state($key, inning: $inning, lead: $lead, batter: BatterType::Slapper);
            $level = Level::Fastpitch16->profile();
            $board = Board::of(
                $state->rules,
                $state->context,
                $level,
                Lineup::choose(Teams::nine()),
                PlanBook::shipped($state->rules),
            );
            $word = static fn(BoardCell $cell): array => [
                $cell->situation->key(),
                $cell->want,
                $cell->changeWords(),
                $cell->plan->alignment->call(),
            ];
            yield "board/$key" => [array_map($word, $board->cells), \count($board->changed())];
        }
    }

    /** @return array<array-key, mixed> */
    private static function standing(GameState $state, bool $withWords = false): array
    {
        $alignment = Alignment::byRules($state, DepthTable::shipped($state->rules), ShippedRules::all());
        $spot = static fn(Spot $spot): array => [
            $spot->placement->point(),
            $spot->depth,
            ...$withWords
                ? [
                    $spot->placement->inPaces(2.6),
                    $spot->placement->inFeet(),
                    $spot->because(),
                    $spot->rule,
                    $spot->instead,
                    $spot->steps(),
                ]
                : [],
            ...$withWords ? [Landmark::of($spot->position, $spot->placement->point(), $state->rules, 2.6)] : [],
        ];

        return [
            $alignment->call(),
            InfieldWant::in($state, $alignment, 0.09),
            InfieldWant::in($state, $alignment, 0.089),
            array_map($spot, $alignment->spots()),
        ];
    }
}
