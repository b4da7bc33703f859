<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Held;

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
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Runs\RunChain;
use FoxCorner\Tests\Core\Teams;

/** Where everybody stands, why, and how it is called. */
final class AlignmentCases
{
    /** @return iterable<string, array<string, mixed>> */
    public static function all(): iterable
    {
        foreach (ShippedRuleSets::all() as $key => $rules) {
            foreach (RunChain::situations() as $situation) {
                yield "$key {$situation->key()}" => self::standing(Teams::state($key, $situation->key()));
            }
        }
        foreach (BatterType::cases() as $batter) {
            $told = [['R1-0', 7, 0, '0-0'], ['R3-1', 8, 1, '1-2'], ['R2R3-1', 2, -5, '3-1'], ['none-1', 9, 1, '0-2']];
            foreach ($told as [$situation, $inning, $lead, $count]) {
                $state = Teams::state('baseball-90', $situation, $inning, $lead, $batter, $count);
                yield from self::told("$batter->value $situation", $state);
            }
        }
        yield from self::moved();
        foreach (['fastpitch-43' => [7, -1], 'baseball-60' => [6, 1]] as $key => [$inning, $lead]) {
            yield from self::board($key, $inning, $lead);
        }
    }

    /** @return array<string, mixed> */
    private static function standing(GameState $state): array
    {
        $alignment = Alignment::byRules($state, DepthTable::shipped($state->rules), ShippedRules::all());
        $spots = [];
        foreach ($alignment->spots() as $spot) {
            $spots["of {$spot->position->value}"] = [$spot->placement->point(), $spot->depth];
        }

        return [
            'call' => $alignment->call(),
            'want at .09' => InfieldWant::in($state, $alignment, 0.09),
            'at .089' => InfieldWant::in($state, $alignment, 0.089),
        ] + $spots;
    }

    /** @return iterable<string, array<string, mixed>> of the infield and the center fielder, with the words */
    private static function told(string $name, GameState $state): iterable
    {
        $alignment = Alignment::byRules($state, DepthTable::shipped($state->rules), ShippedRules::all());
        foreach ([Position::FirstBase, Position::Shortstop, Position::CenterField] as $who) {
            $spot = $alignment->spot($who);
            yield "$name, $who->value told" => [
                'paces of 2.6 ft' => $spot->placement->inPaces(2.6),
                'feet' => $spot->placement->inFeet(),
                'because' => $spot->because(),
                'steps' => $spot->steps(),
                'seen' => Landmark::of($who, $spot->placement->point(), $state->rules, 2.6),
            ];
        }
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function moved(): iterable
    {
        $rules = ShippedRuleSets::get('fastpitch-43');
        $ours = Alignment::byRules(Teams::state(), DepthTable::shipped($rules), ShippedRules::all());
        $moves = [
            'shortstop' => [Position::Shortstop, Point::of(-20.3, 81.7)],
            'left fielder' => [Position::LeftField, Point::of(-80.3, 121.7)],
        ];
        foreach ($moves as $name => [$who, $to]) {
            $spot = $ours->moved($who, $to, 'why', $rules)->spot($who);
            yield "$name moved" => self::spot($spot);
        }
        foreach ($ours->atDepths([5 => NamedDepth::Normal, 8 => NamedDepth::Deep], $rules, 'why')->spots() as $spot) {
            yield "at depth, {$spot->position->value}" => self::spot($spot);
        }
    }

    /** @return array<string, mixed> */
    private static function spot(Spot $spot): array
    {
        return ['ft' => $spot->placement->point(), 'depth' => $spot->depth, 'because' => $spot->because()];
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function board(string $key, int $inning, int $lead): iterable
    {
        $state = Teams::state($key, inning: $inning, lead: $lead, batter: BatterType::Slapper);
        $board = Board::of(
            $state->rules,
            $state->context,
            Level::Fastpitch16->profile(),
            Lineup::choose(Teams::nine()),
            PlanBook::shipped($state->rules),
        );
        yield "board of $key" => ['changed' => \count($board->changed())];
        foreach ($board->cells as $cell) {
            yield "board of $key, {$cell->situation->key()}" => [
                'want' => $cell->want,
                'call' => $cell->plan->alignment->call(),
                'change' => $cell->changeWords(),
            ];
        }
    }
}
