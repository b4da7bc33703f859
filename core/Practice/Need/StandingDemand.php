<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Need;

use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Skill\Skill;

/**
 * What every team asks of its positions, whatever its plan says.
 *
 * Priorities are ours: the first out before the second, what happens every game before what happens once a month.
 */
final class StandingDemand
{
    /** @return list<Demand> without what the rule set leaves no use for */
    public static function of(RuleSet $rules): array
    {
        $demands = [];
        foreach (self::table() as [$skill, $positions, $priority, $reason]) {
            if (!$skill->suits($rules)) {
                continue;
            }
            foreach ($positions as $number) {
                $demands[] = new Demand(Position::from($number), $skill, $priority, 0.0, $reason);
            }
        }

        return $demands;
    }

    /** @return list<array{Skill, list<int>, float, string}> */
    private static function table(): array
    {
        return [
            [Skill::Catch, [1, 2, 3, 4, 5, 6, 7, 8, 9], 0.3, 'Every play ends with a catch'],
            [Skill::Block, [2], 0.45, 'A ball in the dirt is a base'],
            [Skill::GroundBall, [3, 4, 5, 6], 0.75, 'The first out is the job'],
            [Skill::SlowRoller, [1, 4, 5, 6], 0.4, 'The slow one is the hardest routine out'],
            [Skill::ReadHops, [3, 4, 5, 6], 0.45, 'The feet make the hop'],
            [Skill::HardAtCorner, [3, 5], 0.45, 'Corners get balls too hard to get around'],
            [Skill::LookBack, [3, 4, 5, 6], 0.3, 'With a runner at third the look comes before the throw'],
            [Skill::ThrowHome, [3, 4, 5, 6], 0.3, 'The run that must not score'],
            [Skill::Comebacker, [1], 0.5, 'The pitcher is the fifth infielder'],
            [Skill::CoverFirstOnGrounder, [1], 0.6, 'Every ball to the right side'],
            [Skill::OwnBag, [4, 6], 0.35, 'Near the bag nobody else is needed'],
            [Skill::UnderhandFeed, [3, 4, 6], 0.5, 'The feed decides whether there are two'],
            [Skill::DropStepFeed, [1, 3, 5, 6], 0.5, 'The feed decides whether there are two'],
            [Skill::SideToss, [4], 0.5, 'The second baseman’s usual feed'],
            [Skill::Dart, [4], 0.35, 'The second baseman’s long feed'],
            [Skill::BackhandFeed, [6], 0.3, 'The long feed from the hole'],
            [Skill::SpinThrow, [3, 4], 0.2, 'No time to set the feet'],
            [Skill::JumpThrow, [4, 6], 0.12, 'No time to set the feet'],
            [Skill::PivotOfSecond, [4], 0.55, 'Two begins with the pivot'],
            [Skill::PivotOfShort, [6], 0.55, 'Two begins with the pivot'],
            [Skill::ShortHopsAtFirst, [3], 0.6, 'Every bad throw ends here'],
            [Skill::ForceStretch, [3, 4, 6], 0.3, 'A straddle loses the force'],
            [Skill::TagAtBag, [3, 4, 5, 6], 0.4, 'Down and up, in every game'],
            [Skill::FeintAndLook, [4, 5, 6], 0.15, 'A slow ball with two on'],
            [Skill::HoldAtFirst, [3], 0.4, 'Every runner on first'],
            [Skill::HoldAndRead, [1, 4, 6], 0.4, 'Every runner on second'],
            [Skill::PickMove, [1], 0.4, 'Small and quick keeps the runner near'],
            [Skill::DaylightPick, [1, 4, 6], 0.25, 'The pick that the infielder decides'],
            [Skill::TimedPick, [1, 4, 6], 0.15, 'The pick on the count'],
            [Skill::VaryLooks, [1], 0.35, 'A habit is a timetable for the runner'],
            [Skill::ThrowBehind, [2, 3, 4], 0.3, 'A missed bunt leaves runners far off'],
            [Skill::ThrowToSecond, [2], 0.5, 'Every runner who goes'],
            [Skill::TakeThrowOnSteal, [4, 6], 0.4, 'Every runner who goes'],
            [Skill::CutoffLine, [3, 4, 5, 6], 0.45, 'Two strides off the line cost a base'],
            [Skill::CutoffVoice, [2], 0.4, 'One voice decides the throw'],
            [Skill::Tandem, [4, 6], 0.35, 'Every ball over an outfielder'],
            [Skill::OutfieldThrow, [7, 8, 9], 0.5, 'Every hit ends with it'],
            [Skill::OutfieldGrounder, [7, 8, 9], 0.5, 'Most hits are ground balls'],
            [Skill::BackUpThrow, [1], 0.5, 'The pitcher’s job on every extra base'],
            [Skill::BackUpHome, [1], 0.4, 'Nobody else is behind the plate'],
            [Skill::NeighbourBackUp, [7, 8, 9], 0.4, 'Nobody stands still'],
            [Skill::FollowRunner, [3], 0.3, 'Watch the touch, go with him'],
            [Skill::FlyPriority, [4, 6, 7, 8, 9], 0.5, 'Where people collide'],
            [Skill::BackTurned, [7, 8, 9], 0.4, 'The ball over the head is two bases'],
            [Skill::TagFromOutfield, [2, 5], 0.35, 'The throw is good and the tag is not'],
            [Skill::CallTheBase, [2], 0.5, 'The catcher sees everything'],
            [Skill::FirstAndThird, [1, 2, 4, 6], 0.25, 'Everybody does the one that was called'],
            [Skill::Rundown, [1, 2, 3, 4, 5, 6], 0.3, 'One throw, one out'],
            [Skill::CircleLook, [1, 4, 6], 0.25, 'Runners test it in every game'],
            [Skill::DroppedThird, [2, 3], 0.3, 'A strikeout that is not one yet'],
            [Skill::InfieldFly, [1, 3, 4, 5, 6], 0.15, 'The rule that everybody forgets'],
            [Skill::LooseBall, [1, 2], 0.3, 'The pitcher’s voice is the catcher’s eyes'],
            [Skill::UnitRounds, [3, 4, 5, 6], 0.25, 'All infield positions together'],
            [Skill::LiveSituation, [1, 2, 3, 4, 5, 6, 7, 8, 9], 0.15, 'Everybody has a job on every ball'],
        ];
    }
}
