<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Input;

use FoxCorner\App\Plan\Codec\CoverageCodec;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Count;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\PitchSide;
use FoxCorner\Core\Game\Seen;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\People\Pitching;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\Quantity;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\People\Traits;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Runs\PlayCost;
use FoxCorner\Core\Runs\WinTable;

/** The fields of a question that describe a situation and a team: nine players, measured or as the level knows them. */
final class PlanInput
{
    /**
     * For one ball or none: where the pitch is called to only moves fielders, and those only behind a pitcher who hits
     * spots.
     *
     * @param string|null $key of another situation than the question's
     *
     * @throws Problem
     */
    public static function read(Fields $input, ?string $key = null): SituationPlan
    {
        [$side, $spots] = [$input->text('pitch', PitchSide::Anywhere->value), Pitching::HitsSpots->value];
        if (PitchSide::Anywhere->value !== $side && $spots !== $input->text('pitching', Pitching::Ordinary->value)) {
            throw Refused::because(
                'pitch',
                "“{$side}” moves nobody behind a pitcher who does not put it there",
                "anywhere, or “{$spots}” as the pitching",
            );
        }

        return self::forAllBalls($input, $key);
    }

    /**
     * For all balls that the batter hits: they go elsewhere off another pitch.
     *
     * @param string|null $key of another situation than the question's
     *
     * @throws Problem
     */
    public static function forAllBalls(Fields $input, ?string $key = null): SituationPlan
    {
        $rules = ShippedRuleSets::get($input->text('rule_set'));
        $level = Level::from($input->text('level'))->profile();
        $situation = Situation::fromKey($key ?? $input->text('situation', 'none-0'));
        $half = Half::from($input->text('half', Half::Top->value));
        $context = Context::of(
            $input->whole('inning', 3),
            $half,
            self::lead($input, $half),
            BatterInput::read($input, $rules, $level),
            Count::fromKey($input->text('count', '0-0')),
            Pitching::from($input->text('pitching', Pitching::Ordinary->value)),
            pitch: PitchSide::from($input->text('pitch', PitchSide::Anywhere->value)),
            seen: Seen::from($input->text('seen', Seen::Nothing->value)),
        )->withTimes(self::times($input, $situation));

        return SituationPlan::of(
            GameState::of($rules, $situation, $context),
            'perfect' === $input->text('execution', 'ordinary') ? $level->skilled($level->skills->perfect()) : $level,
            Lineup::choose(self::nine($input)),
            PlanBook::shipped($rules),
            self::moved($input),
        );
    }

    /** Ours less theirs, or the home team's lead; the visitors bat in the top of an inning, and then we are at home. */
    private static function lead(Fields $input, Half $half): int
    {
        if (!$input->has('home_lead')) {
            return $input->whole('lead', 0);
        }
        if ($input->has('lead')) {
            throw Refused::because('home_lead', 'the lead is there as well', 'one of lead (ours) and home_lead');
        }
        $home = $input->whole('home_lead', 0);

        return Half::Top === $half ? $home : -$home;
    }

    /**
     * @return array<int, float> by base
     *
     * @throws Problem
     */
    private static function times(Fields $input, Situation $situation): array
    {
        $times = [];
        $runners = $input->within('runners');
        foreach ([Base::First, Base::Second, Base::Third] as $base) {
            $name = $base->word() . '_home_to_first_s';
            if (!$runners->has($name)) {
                continue;
            }
            if (!$situation->bases->has($base)) {
                throw Refused::because("runners.$name", 'nobody is there', 'a runner of the situation');
            }
            $times[$base->value] = $runners->number($name);
        }

        return $times;
    }

    /**
     * A play that is covered, by a shipped coverage or by one that the question brings along.
     *
     * @throws Problem
     */
    public static function play(Fields $input, PlayFamily $family): PlannedPlay
    {
        $plan = self::read($input);
        $own = $input->within('coverage');
        $isOwn = [] !== $own->all();
        $play = PlannedPlay::of(
            $plan,
            $family,
            PlanBook::shipped($plan->state->rules),
            $isOwn ? null : $input->textOrNull('coverage'),
        );
        if (null === $play->coverage) {
            $one = $family->words()->one;
            throw Refused::because(
                'situation',
                "there is no $one to cover in {$plan->state->situation->key()} under this rule set",
                "fewer than two out, with a rule set that has {$family->words()->many}",
            );
        }
        $play = $isOwn ? $play->trying(CoverageCodec::read($own)) : $play;

        return $input->has('policy') ? $play->wanting(OutPolicy::from($input->text('policy'))) : $play;
    }

    /** What plays cost by the level's rates: runs, or late in a close game the chance to win. */
    public static function cost(SituationPlan $plan): PlayCost
    {
        $chain = $plan->level->chain();
        [$rules, $context] = [$plan->state->rules, $plan->state->context];

        return PlayCost::isInChance($context, $rules->innings)
            ? PlayCost::inChance(WinTable::of($chain, $rules->innings, $rules->extraRunner), $context)
            : PlayCost::inRuns($chain);
    }

    /**
     * @return list<RosterPlayer>
     *
     * @throws Problem
     */
    private static function nine(Fields $input): array
    {
        $known = [];
        foreach ($input->each('players') as $player) {
            $number = $player->whole('position', 0);
            if (isset($known[$number])) {
                throw Refused::because('players', "two play $number", 'one player for each position');
            }
            $position = Position::ofNumber($number);
            $measured = [];
            foreach (Quantity::cases() as $one) {
                $measured[$one->value] = $player->numberOrNull($one->column());
            }
            $known[$number] = new RosterPlayer(
                "$number",
                $player->text('name', $position->label()),
                "$number",
                [$position],
                Traits::measuring(
                    Hand::from($player->text('throws', 'R')),
                    Bats::from($player->text('bats', 'R')),
                    $measured,
                ),
            );
        }

        return array_map(
            static fn(Position $position): RosterPlayer => $known[$position->value] ??
                new RosterPlayer(
                    "$position->value",
                    $position->label(),
                    "$position->value",
                    [$position],
                    Traits::unknown(),
                ),
            Position::cases(),
        );
    }

    /** @return array<int, Point> */
    private static function moved(Fields $input): array
    {
        $moved = [];
        foreach ($input->each('spots') as $spot) {
            $moved[$spot->whole('position', 0)] = Point::of($spot->number('x_ft'), $spot->number('y_ft'));
        }

        return $moved;
    }
}
