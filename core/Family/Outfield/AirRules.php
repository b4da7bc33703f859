<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Skill\RuleNeed;

/** What the rules say of balls in the air that need not be caught, where it matters. */
final class AirRules
{
    /** @return list<string> sentences; none where nothing of it can happen */
    public static function in(GameState $state): array
    {
        $bases = $state->situation->bases;
        $notes = [];
        if (self::infieldFly($state)) {
            $notes[] =
                'Infield fly: the batter is out by the umpire’s call, caught or not, on a fair fly that an infielder ' .
                'can catch with ordinary effort. Runners may go at their own risk; nobody is forced. Catch it all ' .
                'the same.';
        }
        if (
            $bases->has(Base::Third) &&
            $state->hasFewerThanTwoOuts() &&
            $state->isLate() &&
            $state->context->isClose()
        ) {
            $notes[] =
                'A foul fly so deep that the runner on third scores after the catch: let it drop where that run ' .
                'decides the game. Down, it is a strike.';
        }
        if (!$bases->has(Base::First) || Outs::Two === $state->situation->outs) {
            $notes[] = self::droppedThirdStrike($state->rules, $bases->has(Base::First));
        }

        if ([] !== $bases->occupied() && $state->hasFewerThanTwoOuts()) {
            $notes[] =
                'Appeal: who left before the catch, or missed a bag, is out when it is asked for with the ball at ' .
                'that bag. Whoever covers it sees the touch and asks; your league’s book says when.';
        }

        return $notes;
    }

    /** First and second, or all three, taken and fewer than two out. */
    public static function infieldFly(GameState $state): bool
    {
        return $state->situation->bases->forces(Base::Second) && Outs::Two !== $state->situation->outs;
    }

    private static function droppedThirdStrike(RuleSet $rules, bool $firstIsTaken): string
    {
        $when = $firstIsTaken
            ? 'Third strike not caught, two out: the batter may run though first is taken'
            : 'Third strike not caught: the batter may run, first is free';
        $who = $firstIsTaken
            ? '; with the bases loaded the catcher steps on the plate.'
            : '; the catcher throws to first from inside the line.';

        return $when .
            $who .
            (!RuleNeed::DroppedThird->isMet($rules) ? ' Many leagues of this age do not play it.' : '');
    }
}
