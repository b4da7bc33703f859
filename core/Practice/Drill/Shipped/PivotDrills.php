<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Drill\Shipped;

use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Ground\DrillPlace;
use FoxCorner\Core\Skill\Skill;
use FoxCorner\Core\Skill\SkillFamily;

/** Double plays: the pivots, and what starts at the corners. */
final readonly class PivotDrills implements DrillFamily
{
    public function drills(): array
    {
        $family = SkillFamily::Two;
        $slide = 'After the throw leave the ground or the lane: planted legs get hurt. No sliding in this drill.';

        return [
            new Drill(
                'pivots-second',
                'Second baseman’s pivots',
                'Pivot 4',
                $family,
                'Be at the bag before the ball, take it on the move, and be gone from there with the throw.',
                [4 => [Skill::PivotOfSecond]],
                DrillPlace::at(
                    [0.02, 1.44],
                    0.2,
                    [[0.02, 1.44, 0.52, 0.92]],
                    [['4', 0.1, 1.5], ['H', -0.16, 1.3], ['N', 0.52, 0.92]],
                ),
                min: 1,
                max: 4,
                atOnce: 1,
                secondsPerRep: 11,
                throwsPerRep: 1,
                helpers: 1,
                equipment: ['bucket of balls' => 1],
                isReceived: true,
                repetition: '4:2B, +H>2B, 4>N',
                steps: [
                    'The helper feeds from the shortstop’s side, then from third’s.',
                    'Early: touch and step in. Late: across the bag. Throw to the outfield side: drop back behind it.',
                    'The throw goes to the receiver on the line to first, player or net.',
                ],
                points: ['Approach square to the feeder, hands together.', 'Catch, foot and throw are one rhythm.'],
                mistakes: ['Waits on the bag.', 'Throws before the feet have turned.'],
                progression: ['No ball, feet only.', 'Tossed.', 'Thrown, from all sides.'],
                cautions: [$slide],
                fitsIndoors: true,
            ),
            new Drill(
                'pivots-short',
                'Shortstop’s pivots',
                'Pivot 6',
                $family,
                'Across the outfield-side edge; on throws from first, pitcher or catcher the inside edge.',
                [6 => [Skill::PivotOfShort]],
                DrillPlace::at(
                    [-0.02, 1.44],
                    0.2,
                    [[-0.02, 1.44, 0.5, 0.94]],
                    [['6', -0.12, 1.48], ['H', 0.16, 1.28], ['N', 0.5, 0.94]],
                ),
                min: 1,
                max: 4,
                atOnce: 1,
                secondsPerRep: 11,
                throwsPerRep: 1,
                helpers: 1,
                equipment: ['bucket of balls' => 1],
                isReceived: true,
                repetition: '6:2B, +H>2B, 6>N',
                steps: [
                    'The helper feeds from second base, from first, from the mound.',
                    'From second the outer corner, from first the inside edge.',
                    'The throw goes to the receiver on the line to first, player or net.',
                ],
                points: ['Drag the back foot over the edge, then away from the runner.', 'Chest to the feed.'],
                mistakes: ['The same pivot for every feed.', 'Reaches for the ball instead of stepping to it.'],
                progression: ['Feet only.', 'Tossed.', 'From three sides in no order.'],
                cautions: [$slide],
                fitsIndoors: true,
            ),
            new Drill(
                'three-six-three',
                'First base starts it',
                '3-6-3',
                $family,
                'First baseman fields, throws to second past the runner, and is back for the return, or says that ' .
                    'somebody else is.',
                [
                    3 => [Skill::DropStepFeed, Skill::TurnBackFirst],
                    6 => [Skill::PivotOfShort],
                    1 => [Skill::CoverFirstOnGrounder],
                ],
                DrillPlace::at(
                    [0.55, 0.85],
                    0.24,
                    [[0.55, 0.9, 0.0, 1.414]],
                    [['3', 0.58, 0.88], ['1', 0.3, 0.68], ['6', -0.04, 1.46], ['H', 0.4, 0.64]],
                ),
                min: 3,
                max: 6,
                atOnce: 3,
                secondsPerRep: 28,
                throwsPerRep: 1,
                helpers: 1,
                equipment: ['bucket of balls' => 1],
                repetition: 'H~3, +6:2B, 3>2B, +3:1B, 6>1B',
                steps: [
                    'The helper rolls to first base, holding or deep.',
                    'Step to clear a lane, throw on the inside or the outside, and say which.',
                    'Back to the bag, or “pitcher” aloud.',
                ],
                points: ['Same side as the shortstop: inside or outside, agreed before.', 'First out first.'],
                mistakes: ['Throws through the runner’s back.', 'Two at first.'],
                progression: ['Without a runner.', 'A runner jogs the line to second.', 'Full speed.'],
                cautions: ['The runner wears a helmet.', $slide],
            ),
            new Drill(
                'around-the-horn',
                'Third base starts it',
                '5-4-3',
                $family,
                'From third to second chest high: the feed decides whether there are two.',
                [
                    5 => [Skill::DropStepFeed, Skill::GroundBall],
                    4 => [Skill::PivotOfSecond],
                    3 => [Skill::ForceStretch],
                ],
                DrillPlace::at(
                    [-0.55, 0.85],
                    0.2,
                    [[-0.55, 0.85, 0.0, 1.414], [0.0, 1.414, 0.707, 0.707]],
                    [['5', -0.56, 0.84], ['4', 0.05, 1.48], ['3', 0.707, 0.74], ['H', -0.4, 0.6]],
                ),
                min: 3,
                max: 6,
                atOnce: 3,
                secondsPerRep: 28,
                throwsPerRep: 1,
                helpers: 1,
                equipment: ['bucket of balls' => 1],
                repetition: 'H~5, +4:2B, 5>2B, 4>3',
                steps: [
                    'The helper rolls firm to third.',
                    'Drop-step, throw chest high to where the man will be.',
                    'On to first; every fifth ball is slow: then first only.',
                ],
                points: [
                    'The speed off the bat decides whether two is on.',
                    'Fast runner and slow ball: no second throw.',
                ],
                mistakes: ['Rushes a ball that was hit hard enough.', 'Tries for two on a slow one.'],
                progression: ['Third to second only.', 'To first as well.', 'Slow and hard mixed.'],
                cautions: [$slide],
            ),
            new Drill(
                'short-hops-at-first',
                'Short hops at first',
                'Short hops',
                $family,
                'Dig out what is low: glove side, backhand, at the body.',
                [3 => [Skill::ShortHopsAtFirst, Skill::ForceStretch]],
                DrillPlace::anywhere(0.2, [], [['3', 0.0, 0.1], ['H', 0.0, -0.14]]),
                min: 1,
                max: 4,
                atOnce: 2,
                secondsPerRep: 5,
                throwsPerRep: 0,
                helpers: 1,
                equipment: ['bucket of balls' => 1],
                repetition: 'H>3',
                steps: [
                    'Off to the side, so that first stays free for another station.',
                    'Thrown low from ten paces: glove side, backhand, straight.',
                    'Then with a foot on a cone: stretch late, give up the cone for a wide one.',
                ],
                points: [
                    'Glove from the ground up, through the ball.',
                    'Stretch when you know where the ball is, not before.',
                ],
                mistakes: ['Turns the head.', 'Stretches early and is stuck.'],
                progression: ['Tossed on one knee.', 'Thrown.', 'Thrown firm, no order.'],
                fitsIndoors: true,
            ),
            new Drill(
                'feint-first-look-third',
                'Feint to first, look at third',
                'Feint, look',
                $family,
                'Runners on first and second and a slow ball: out at second, feint, and take the one who rounds ' .
                    'third too far.',
                [
                    4 => [Skill::FeintAndLook, Skill::PivotOfSecond],
                    6 => [Skill::FeintAndLook, Skill::PivotOfShort],
                    5 => [Skill::FeintAndLook, Skill::TagAtBag],
                ],
                DrillPlace::at(
                    [-0.3, 1.14],
                    0.32,
                    [[0.0, 1.414, -0.7, 0.72]],
                    [['6', -0.22, 1.2], ['4', 0.04, 1.46], ['5', -0.7, 0.74], ['R', -0.6, 0.66], ['H', 0.0, 0.5]],
                ),
                min: 3,
                max: 7,
                atOnce: 3,
                secondsPerRep: 26,
                throwsPerRep: 1,
                helpers: 1,
                equipment: ['bucket of balls' => 1, 'helmet' => 1],
                repetition: 'H~6, +4:2B, 6>2B, 4>5',
                steps: [
                    'Slow ball to short; out at second.',
                    'Full feint to first, eyes turn to third.',
                    'The runner rounds far or not; throw behind him, tag.',
                ],
                points: ['The feint has the arm in it.', 'Look before you throw.'],
                mistakes: ['Feints with the head only.', 'Throws to third without looking.'],
                progression: ['Runner stays.', 'Runner rounds, announced.', 'Runner decides.'],
                cautions: ['The runner wears a helmet.'],
            ),
        ];
    }
}
