<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Input;

use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\People\Traits;
use FoxCorner\Core\Practice\Arm\ArmRest;
use FoxCorner\Core\Practice\Arm\Outing;
use FoxCorner\Core\Practice\Arm\RestTable;
use FoxCorner\Core\Practice\Build\FieldPart;
use FoxCorner\Core\Practice\Build\Helper;
use FoxCorner\Core\Practice\Build\Helpers;
use FoxCorner\Core\Practice\Build\Means;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use FoxCorner\Core\Practice\Need\Grade;
use FoxCorner\Core\Practice\Need\Taught;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Problem\Unknown;
use FoxCorner\Core\Skill\Skill;

/** The fields of a question that describe who practises, with what, and what was practised before. */
final class PracticeInput
{
    /**
     * @return list<RosterPlayer>
     *
     * @throws Problem when one is there twice
     */
    public static function players(Fields $input): array
    {
        $players = [];
        foreach ($input->each('players') as $index => $one) {
            $id = $one->id('id');
            if (isset($players[$id])) {
                throw Refused::because('players', "\"$id\" is there twice", 'each id once');
            }
            $players[$id] = (new RosterPlayer(
                $id,
                $one->text('name', $id),
                (string) ($index + 1),
                array_map(Position::from(...), array_values(array_unique($one->integers('positions')))),
                Traits::unknown(),
                Limit::from($one->text('limit', Limit::None->value)),
            ))->throwing($one->wholeOrNull('throws_left'));
        }

        return array_values($players);
    }

    /**
     * Who comes in so many days, with what is left of an arm that has pitched; the number that a player has goes
     * before.
     *
     * @param list<RosterPlayer> $players
     *
     * @return \Closure(int): list<RosterPlayer>
     *
     * @throws Problem when it names a player whom there is not, or a table that does not rise
     */
    public static function arms(Fields $input, array $players, Level $level): \Closure
    {
        $known = array_map(static fn(RosterPlayer $one): string => $one->id, $players);
        $outings = [];
        foreach ($input->each('pitched') as $index => $one) {
            $id = $one->id('player');
            if (!\in_array($id, $known, true)) {
                throw Unknown::notOneOf("pitched $index, player", $id, $known);
            }
            $outings[$id][] = new Outing($one->whole('days_ago', 0), $one->whole('pitches', 1));
        }
        $age = AgeGroup::of($level);
        $table = RestTable::of($age)->with(array_map(strval(...), $input->integers('rest')));

        $left = static fn(string $id, int $inDays): ?int => ArmRest::of(
            array_map(static fn(Outing $one): Outing => $one->after($inDays), $outings[$id] ?? []),
            $table,
        )->left($age->throws());

        return static function (int $inDays) use ($players, $left): array {
            return array_map(
                static fn(RosterPlayer $one): RosterPlayer => $one->throwing(
                    $one->throwsLeft ?? $left($one->id, $inDays),
                ),
                $players,
            );
        };
    }

    /** @throws Problem when nobody helps, or one is there twice */
    public static function means(Fields $input): Means
    {
        return new Means(
            Helpers::named(
                array_map(
                    static fn(Fields $one): Helper => new Helper($one->text('name'), true === $one->flag('hits')),
                    $input->each('helpers'),
                ),
            ),
            $input->within('equipment')->wholes(),
            FieldPart::from($input->text('part', FieldPart::Whole->value)),
        );
    }

    /**
     * @param list<RosterPlayer>   $players
     * @param array<string, Drill> $drills  by key, with {@see drills()}
     *
     * @return list<Taught>
     *
     * @throws Problem when it names a player, a drill or a skill that there is not
     */
    public static function history(Fields $input, array $players, array $drills): array
    {
        $known = array_column(
            array_map(static fn(RosterPlayer $one): array => [$one->id, $one->positions[0]], $players),
            1,
            0,
        );
        $taught = [];
        foreach ($input->each('history') as $index => $one) {
            $id = $one->id('player');
            $first = $known[$id] ?? throw Unknown::notOneOf("history $index, player", $id, array_keys($known));
            $drill = $one->has('skill') ? self::drillOf($one->text('skill')) : $one->text('drill');
            if (!isset($drills[$drill])) {
                throw Unknown::notOneOf("history $index, drill", $drill, array_keys(ShippedDrills::all()));
            }
            $taught[] = new Taught(
                $id,
                $drill,
                Position::from($one->whole('position', $first->value)),
                $one->whole('reps', 0),
                $one->number('days_ago'),
                Grade::tryFrom($one->text('grade')),
            );
        }

        return $taught;
    }

    /** @return array<string, Drill> the shipped ones, and for each skill one that is it alone: records name either */
    public static function drills(): array
    {
        $drills = ShippedDrills::all();
        foreach (Skill::cases() as $skill) {
            $key = self::drillOf($skill->value);
            $drills[$key] = ShippedDrills::all()['easy-feet']->servingAlone($key, $skill);
        }

        return $drills;
    }

    private static function drillOf(string $skill): string
    {
        return "skill/$skill";
    }
}
