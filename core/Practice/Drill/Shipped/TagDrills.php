<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Drill\Shipped;

use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Ground\DrillPlace;
use FoxCorner\Core\Skill\RuleNeed;
use FoxCorner\Core\Skill\Skill;
use FoxCorner\Core\Skill\SkillFamily;

/** Tags by kind: at the bag, on a steal, on a throw from the outfield, at the plate. */
final readonly class TagDrills implements DrillFamily
{
    public function drills(): array
    {
        $family = SkillFamily::Two;

        return [
            new Drill(
                'tags-down-and-up',
                'Tags, down and up',
                'Tags',
                $family,
                'Straddle early, glove straight down and up, leave the spot for a throw up the line.',
                [3 => [Skill::TagAtBag], 4 => [Skill::TagAtBag], 5 => [Skill::TagAtBag], 6 => [Skill::TagAtBag]],
                DrillPlace::anywhere(0.2, [], [['6', 0.0, 0.1], ['C', 0.0, 0.06], ['H', 0.0, -0.16]]),
                min: 2,
                max: 6,
                atOnce: 2,
                secondsPerRep: 7,
                throwsPerRep: 0,
                helpers: 1,
                equipment: ['bucket of balls' => 1, 'bag' => 1],
                repetition: 'H>6',
                steps: [
                    'A loose bag on the grass, the helper throws from fifteen paces.',
                    'On the bag, up the line, short hop: tag where the runner’s foot would come.',
                    'Show the ball.',
                ],
                points: ['Down and up; no sweeping.', 'Ball lost already? Get in front of it.'],
                mistakes: ['Reaches out to meet the ball and sweeps back.', 'Leaves the glove in the lane.'],
                progression: ['Tossed.', 'Thrown.', 'Off the line, no order.'],
                cautions: ['No runner in this drill; leave a lane at the bag, as your league’s slide rules ask.'],
                fitsIndoors: true,
            ),
            new Drill(
                'steal-at-second',
                'The throw on a steal',
                'Steal',
                $family,
                'Catcher to second: who has the bag, who is behind it, and the tag.',
                [
                    2 => [Skill::ThrowToSecond],
                    4 => [Skill::TakeThrowOnSteal, Skill::TagAtBag],
                    6 => [Skill::TakeThrowOnSteal, Skill::TagAtBag],
                    8 => [Skill::BackUpSecond],
                ],
                DrillPlace::at(
                    [0.0, 1.42],
                    0.24,
                    [[0.0, 0.02, 0.0, 1.3]],
                    [['2', 0.0, 0.0], ['6', -0.16, 1.5], ['4', 0.2, 1.5], ['8', 0.0, 1.64]],
                ),
                min: 2,
                max: 6,
                atOnce: 2,
                secondsPerRep: 20,
                throwsPerRep: 1,
                needs: RuleNeed::Steals,
                helpers: 0,
                equipment: ['bucket of balls' => 1],
                repetition: '6:2B, +2>2B',
                steps: [
                    'Catcher receives a toss from the mound side, throws; the watch runs from glove to glove.',
                    'The two middle infielders take turns at the bag; the other is behind it.',
                    'Read the times aloud: they go into the record.',
                ],
                points: ['Feet under the body before the arm.', 'Early at the bag, knees bent.'],
                mistakes: ['Two at the bag.', 'Catcher throws before the bag is taken, off line.'],
                progression: ['No runner.', 'Runner without a slide.', 'From a pitch.'],
                cautions: ['Count the catcher’s throws.'],
            ),
            new Drill(
                'tag-at-third-from-outfield',
                'Tag at third from the outfield',
                'Tag third',
                $family,
                'Take a bouncing throw at third and tag the runner who slides to the far side.',
                [5 => [Skill::TagFromOutfield, Skill::TagAtBag], 6 => [Skill::CutoffLine], 7 => [Skill::OutfieldThrow]],
                DrillPlace::at(
                    [-0.72, 0.74],
                    0.18,
                    [[-0.75, 1.5, -0.71, 0.74]],
                    [['5', -0.72, 0.74], ['7', -0.75, 1.5], ['H', -0.62, 1.55]],
                ),
                min: 2,
                max: 6,
                atOnce: 2,
                secondsPerRep: 22,
                throwsPerRep: 1,
                helpers: 1,
                equipment: ['bucket of balls' => 1],
                repetition: 'H~7, 7>5',
                steps: [
                    'Outfielder throws from left, one hop to the bag.',
                    'Third baseman reads the hop, moves the feet, tag on the home side.',
                    'The pitcher of the day stands behind, deep.',
                ],
                points: ['Let the ball come to you, then down.', 'The outfielder aims at the last hop.'],
                mistakes: ['Goes out to meet the throw and tags air.', 'Throws over the bag.'],
                progression: ['Short throws.', 'Real distance.', 'With a runner who does not slide.'],
                cautions: ['No slides in practice throws; leave the runner a lane.'],
            ),
            new Drill(
                'plate-tag',
                'Tag at the plate',
                'Plate',
                $family,
                'Catcher gives the lane, takes the ball, turns and tags.',
                [2 => [Skill::TagFromOutfield, Skill::CoverHome], 1 => [Skill::BackUpHome]],
                DrillPlace::at(
                    [0.0, 0.0],
                    0.2,
                    [[0.25, 0.62, 0.0, 0.02]],
                    [['2', 0.0, 0.03], ['H', 0.25, 0.62], ['1', -0.05, -0.18]],
                ),
                min: 1,
                max: 4,
                atOnce: 1,
                secondsPerRep: 14,
                throwsPerRep: 0,
                helpers: 1,
                equipment: ['bucket of balls' => 1, 'catcher’s gear' => 1],
                repetition: 'H>2',
                steps: [
                    'The helper throws in from the right side, one hop.',
                    'In front of the plate, left foot to the line, ball, turn, two hands.',
                    'The pitcher backs up, deep, in line.',
                ],
                points: ['The ball first.', 'Ball in the bare hand inside the glove.'],
                mistakes: ['Stands in the lane without the ball.', 'Reaches with one hand.'],
                progression: ['Rolled.', 'One hop.', 'Off line.'],
                cautions: ['Full gear. Collision and obstruction rules vary: follow your league’s.'],
                fitsIndoors: true,
            ),
        ];
    }
}
