<?php

declare(strict_types=1);

namespace FoxCorner\App\Fox;

use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Play\LeadOutPolicy;
use FoxCorner\Core\Runs\PlayCost;
use FoxCorner\Core\Runs\RunChain;
use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Game\Pitching;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Count;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\InvalidValue;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Level;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\People\Traits;
use FoxCorner\Core\Plan\SituationPlan;

/** The fields of a question that describe a situation and a team: nine players, measured or as the level knows them. */
final class PlanInput
{
    /** @throws InvalidValue */
    public static function read(Input $input): SituationPlan
    {
        $context = Context::of(
            (int) $input->number('inning', 3), Half::Top, (int) $input->number('lead'),
            Batter::ofType(BatterType::from($input->text('batter', BatterType::Right->value))), Count::fromKey($input->text('count', '0-0')), Pitching::from($input->text('pitching', Pitching::Ordinary->value)),
        );

        $rules = ShippedRuleSets::get($input->text('rule_set'));

        return SituationPlan::of(
            GameState::of($rules, Situation::fromKey($input->text('situation', 'none-0')), $context),
            Level::from($input->text('level'))->profile(), Lineup::choose(self::nine($input)), self::book($input, $rules), $input->has('coverage') ? $input->text('coverage') : null, self::moved($input),
        );
    }

    private static function book(Input $input, RuleSet $rules): PlanBook
    {
        $book = PlanBook::shipped($rules->sport);

        return $input->has('policy') ? $book->withPolicy(Situation::fromKey($input->text('situation', 'none-0')), LeadOutPolicy::from($input->text('policy'))) : $book;
    }

    /**
     * What plays cost by the level's rates.
     */
    public static function cost(SituationPlan $plan): PlayCost
    {
        return PlayCost::inRuns(RunChain::of($plan->level->rates));
    }

    /**
     * A plan that has a bunt coverage.
     *
     * @throws InvalidValue
     */
    public static function covered(Input $input): SituationPlan
    {
        $plan = self::read($input);

        return null !== $plan->coverage ? $plan : throw InvalidValue::because('situation', "there is no bunt to cover in {$plan->state->situation->key()} under this rule set", 'fewer than two out, with a rule set that has bunts');
    }

    /**
     * @return list<RosterPlayer>
     *
     * @throws InvalidValue
     */
    private static function nine(Input $input): array
    {
        $known = [];
        foreach ($input->each('players') as $player) {
            $number = (int) $player->number('position');
            if (isset($known[$number])) {
                throw InvalidValue::because('players', "two play $number", 'one player for each position');
            }
            $measured = static fn(string $name): ?float => $player->has($name) ? $player->number($name) : null;
            $known[$number] = new RosterPlayer(
                "$number", $player->text('name', Position::ofNumber($number)->label()), $number, [Position::ofNumber($number)],
                Traits::of(Hand::from($player->text('throws', 'R')), Bats::from($player->text('bats', 'R')), $measured('home_to_first_s'), $measured('arm_mph'), $measured('pace_ft')),
            );
        }

        return array_map(
            static fn(Position $position): RosterPlayer => $known[$position->value] ?? new RosterPlayer("$position->value", $position->label(), $position->value, [$position], Traits::unknown()),
            Position::cases(),
        );
    }

    /** @return array<int, Point> */
    private static function moved(Input $input): array
    {
        $moved = [];
        foreach ($input->each('spots') as $spot) {
            $moved[(int) $spot->number('position')] = Point::of($spot->number('x_ft'), $spot->number('y_ft'));
        }

        return $moved;
    }
}
