<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Input;

use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Motion\Legs;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Traits;
use FoxCorner\Core\Play\Choice\AfterPlay;
use FoxCorner\Core\Play\Running\Battery;
use FoxCorner\Core\Play\Running\Thief;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Runs\PlayCost;
use FoxCorner\Core\Runs\WinTable;

/** The fields of a question that describe a battery, a runner and a game: measured, or as the level knows them. */
final readonly class RunnersInput
{
    public RuleSet $rules;
    public LevelProfile $level;

    public function __construct(private Fields $input)
    {
        $this->rules = ShippedRuleSets::get($input->text('rule_set'));
        $this->level = Level::from($input->text('level'))->profile();
    }

    /** @throws Problem when a measurement cannot be a person's */
    public function battery(): Battery
    {
        [$pitcher, $catcher] = [$this->input->within('pitcher'), $this->input->within('catcher')];

        return Battery::of(
            $this->level,
            Traits::of(
                Hand::from($pitcher->text('throws', 'R')),
                Bats::Right,
                armMph: $pitcher->numberOrNull('arm_mph'),
                timeToPlate: $pitcher->numberOrNull('to_plate_s'),
            ),
            Traits::of(
                Hand::Right,
                Bats::Right,
                armMph: $catcher->numberOrNull('arm_mph'),
                exchange: $catcher->numberOrNull('exchange_s'),
            ),
        );
    }

    /** @param string $name of the object that describes him */
    public function thief(string $name): Thief
    {
        $runner = $this->input->within($name);

        return Thief::of(
            $this->rules,
            $this->level,
            $runner->numberOrNull('home_to_first_s'),
            Bats::from($runner->text('bats', 'R')),
        );
    }

    /** A fielder's legs in the infield. */
    public function fieldersLegs(): Legs
    {
        $fielder = $this->input->within('fielder');
        $thief = Thief::of($this->rules, $this->level, $fielder->numberOrNull('home_to_first_s'));

        return $this->level->fieldingLegs($thief->legs)->at($this->level->motion->infieldSpeedShare);
    }

    public function base(string $name = 'base'): Base
    {
        return Base::ofWord($this->input->text($name)) ??
            throw new \LogicException('The schema lets no other base through.');
    }

    /**
     * The game around it.
     *
     * @param Base ...$on who must be on
     *
     * @throws Problem
     */
    public function state(string $usual, Base ...$on): GameState
    {
        $situation = Situation::fromKey($this->input->text('situation', $usual));
        foreach ($on as $base) {
            if (!$situation->bases->has($base)) {
                throw Refused::because(
                    'situation',
                    "nobody is on {$base->word()} in {$situation->key()}",
                    "a situation with a runner on {$base->word()}, as in $usual",
                );
            }
        }
        $ordinary = Context::ordinary();

        return GameState::of(
            $this->rules,
            $situation,
            Context::of(
                $this->input->whole('inning', 3),
                Half::from($this->input->text('half', Half::Top->value)),
                $this->input->whole('score', 0),
                $ordinary->batter,
                $ordinary->count,
            ),
        );
    }

    /** What bases and outs cost: runs, or late in a close game the chance to lose. */
    public function cost(GameState $state): PlayCost
    {
        $chain = $this->level->chain();

        return PlayCost::isInChance($state->context, $this->rules->innings)
            ? PlayCost::inChance(
                WinTable::of($chain, $this->rules->innings, $this->rules->extraRunner),
                $state->context,
            )
            : PlayCost::inRuns($chain);
    }

    public function inRuns(GameState $state): AfterPlay
    {
        return new AfterPlay(PlayCost::inRuns($this->level->chain()), $state->situation);
    }
}
