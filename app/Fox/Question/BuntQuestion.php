<?php

declare(strict_types=1);

namespace FoxCorner\App\Fox\Question;

use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\App\Fox\Input;
use FoxCorner\App\Fox\Question;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Count;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\InvalidValue;
use FoxCorner\Core\People\Level;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\People\Traits;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Bunt\BuntGrid;
use FoxCorner\Core\Play\Event;
use FoxCorner\Core\Play\Job;
use FoxCorner\Core\Play\Keyframe;
use FoxCorner\Core\Play\Move;
use FoxCorner\Core\Play\ThrowOption;
use FoxCorner\Core\Play\Timeline;

/** One bunt against one coverage, played by nine ordinary players of a level. */
final readonly class BuntQuestion implements Question
{
    public function answer(Input $input): array
    {
        $rules = ShippedRuleSets::get($input->text('rule_set'));
        $situation = Situation::fromKey($input->text('situation', 'R1-0'));
        $context = Context::of(3, Half::Top, 0, Batter::ofType(BatterType::from($input->text('batter', 'right'))), Count::none());
        $lineup = Lineup::choose(array_map(static fn(Position $position): RosterPlayer => new RosterPlayer((string) $position->value, $position->label(), $position->value, [$position], Traits::unknown()), Position::cases()));
        $plan = SituationPlan::of(GameState::of($rules, $situation, $context), Level::from($input->text('level'))->profile(), $lineup, PlanBook::shipped($rules->sport));
        if (null === $plan->coverage) {
            throw InvalidValue::because('situation', "no bunt coverage is drawn up for {$situation->key()} under this rule set", 'R1-0, R1-1, with a rule set that has bunts');
        }
        $plan = SituationPlan::of($plan->state, $plan->level, $lineup, PlanBook::shipped($rules->sport), $input->text('coverage', $plan->coverage->key()));

        return self::describe($plan->play(BuntGrid::restingAt($input->number('rest_ft', 30.0), $input->number('degrees'), $rules->buntSurface())));
    }

    /** @return array<string, mixed> */
    private static function describe(Timeline $play): array
    {
        return [
            'coverage' => $play->question->coverage->key(),
            'fielded_by' => $play->fieldedBy->value,
            'fielded_s' => round($play->fieldedAt, 3),
            'released_s' => round($play->releasedAt, 3),
            'call' => $play->called->base->word(),
            'options' => array_map(static fn(ThrowOption $option): array => [
                'base' => $option->base->word(),
                'cover' => $option->cover?->value,
                'ball_there_s' => round($option->ballThere, 3),
                'cover_there_s' => is_finite($option->coverThere) ? round($option->coverThere, 3) : null,
                'runner_there_s' => round($option->runnerThere, 3),
                'margin_s' => is_finite($option->margin()) ? round($option->margin(), 3) : null,
                'out_chance' => round($option->chance, 4),
            ], $play->options),
            'jobs' => array_map(static fn(Move $move): array => [
                'position' => $move->position()->value,
                'jobs' => array_map(static fn(Job $job): string => $job->words, $move->jobs),
                'there_s' => round($move->there(), 3),
                'keyframes_s_ft' => array_map(static fn(Keyframe $frame): array => [round($frame->seconds, 3), round($frame->point->x, 2), round($frame->point->y, 2)], $move->track->keyframes),
            ], array_values($play->moves)),
            'events' => array_map(static fn(Event $event): array => ['kind' => $event->kind->value, 's' => round($event->seconds, 3), 'words' => $event->words], $play->events),
        ];
    }
}
