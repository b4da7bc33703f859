<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Drill;

use FoxCorner\Core\Practice\Drill;
use FoxCorner\Core\Practice\DrillPlace;
use FoxCorner\Core\Practice\Skill;
use FoxCorner\Core\Practice\SkillFamily;

/** First and third, rundowns, the ball past the catcher. */
final readonly class RunnerDrills implements DrillFamily
{
    public function drills(): array
    {
        $family = SkillFamily::Runners;
        $helmets = 'Runners wear helmets; nobody blocks a lane without the ball.';

        return [
            new Drill(
                'one-throw-rundown',
                'Rundown, one throw',
                'Rundown',
                $family,
                'Run him hard back to where he came from, ball high, one throw, tag.',
                [
                    1 => [Skill::Rundown],
                    2 => [Skill::Rundown],
                    3 => [Skill::Rundown],
                    4 => [Skill::Rundown],
                    5 => [Skill::Rundown],
                    6 => [Skill::Rundown],
                ],
                DrillPlace::anywhere(
                    0.16,
                    [[-0.4, 0.0, 0.4, 0.0]],
                    [['6', -0.4, 0.0], ['4', 0.4, 0.0], ['R', 0.0, 0.05], ['C', -0.45, 0.0], ['C', 0.45, 0.0]],
                ),
                min: 3,
                max: 8,
                atOnce: 3,
                secondsPerRep: 25,
                throwsPerRep: 0,
                helpers: 0,
                equipment: ['cone' => 2, 'helmet' => 1],
                steps: [
                    'Two cones a base path apart, a runner in between, a line behind each cone.',
                    'Ball up, run at him; the receiver closes, calls “now”, one throw.',
                    'Thrower peels off to the same side always and follows.',
                ],
                points: ['Hard toward the base he came from.', 'The receiver moves to the ball.'],
                mistakes: ['Pumps the ball.', 'Throws three times.', 'Thrower stays in the lane.'],
                progression: ['Walk it.', 'Runner at half speed.', 'Full speed.'],
                cautions: [$helmets],
                fitsIndoors: true,
            ),
            new Drill(
                'rundown-with-a-lead-runner',
                'Rundown with a runner at third',
                'Eyes on third',
                $family,
                'Eyes on the lead runner throughout: if he breaks, the ball goes there.',
                [
                    3 => [Skill::Rundown],
                    4 => [Skill::Rundown],
                    6 => [Skill::Rundown],
                    5 => [Skill::Rundown],
                    2 => [Skill::Rundown],
                ],
                DrillPlace::at(
                    [0.3, 1.05],
                    0.44,
                    [[0.3, 1.1, -0.7, 0.72]],
                    [['3', 0.62, 0.8], ['4', 0.1, 1.3], ['R', 0.4, 1.05], ['5', -0.7, 0.74], ['R', -0.62, 0.62]],
                ),
                min: 4,
                max: 8,
                atOnce: 4,
                secondsPerRep: 35,
                throwsPerRep: 1,
                helpers: 0,
                equipment: ['bucket of balls' => 1, 'helmet' => 2],
                steps: [
                    'A runner is caught between first and second, another stands at third.',
                    'Chase with the head turned; the voice from third says “going”.',
                    'First out first, unless he goes.',
                ],
                points: [
                    'Chase toward first: then third is in front of you.',
                    'After the first tag look for the second out.',
                ],
                mistakes: ['Turns the back on third.', 'Throws across for a runner who only bluffs.'],
                progression: ['Lead runner stays.', 'Lead runner goes once in four.', 'He decides.'],
                cautions: [$helmets],
            ),
            new Drill(
                'first-and-third',
                'First and third, runner goes',
                'First-third',
                $family,
                'Through, short cut, feint and throw to third, back to the pitcher: the one that was called.',
                [
                    1 => [Skill::FirstAndThird],
                    2 => [Skill::FirstAndThird, Skill::ThrowToSecond],
                    4 => [Skill::FirstAndThird],
                    6 => [Skill::FirstAndThird],
                    5 => [Skill::FirstAndThird, Skill::TagAtBag],
                    3 => [Skill::FirstAndThird],
                ],
                DrillPlace::at(
                    [0.0, 0.8],
                    0.62,
                    [],
                    [
                        ['2', 0.0, 0.03],
                        ['1', 0.0, 0.7],
                        ['4', 0.1, 1.2],
                        ['6', -0.1, 1.4],
                        ['5', -0.66, 0.72],
                        ['R', 0.5, 0.9],
                        ['R', -0.62, 0.62],
                    ],
                ),
                min: 4,
                max: 9,
                atOnce: 6,
                secondsPerRep: 45,
                throwsPerRep: 1,
                helpers: 0,
                equipment: ['bucket of balls' => 1, 'helmet' => 2],
                steps: [
                    'Call the play by sign; runners on first and third.',
                    'The runner from first goes early, late, or stops halfway.',
                    'After each: what was called, who cut, where was the lead runner?',
                ],
                points: [
                    'Look at third before the arm goes.',
                    'The short cut is taken in front of the bag, moving in.',
                ],
                mistakes: ['Two different plays at once.', 'Nobody at third.'],
                progression: ['One play all day.', 'Two plays.', 'All, with score and outs.'],
                cautions: [$helmets, 'Count the catcher’s throws.'],
            ),
            new Drill(
                'past-the-catcher',
                'Ball past the catcher',
                'Passed',
                $family,
                'Pitcher points, calls and covers; catcher slides to it and tosses to the plate.',
                [1 => [Skill::LooseBall, Skill::CoverHome], 2 => [Skill::LooseBall]],
                DrillPlace::at(
                    [0.0, -0.02],
                    0.22,
                    [],
                    [['2', 0.0, -0.16], ['1', 0.0, 0.1], ['R', -0.14, 0.12], ['H', 0.12, 0.0]],
                ),
                min: 2,
                max: 6,
                atOnce: 2,
                secondsPerRep: 14,
                throwsPerRep: 0,
                helpers: 1,
                equipment: ['bucket of balls' => 1, 'catcher’s gear' => 1],
                steps: [
                    'The helper drops a ball behind the catcher and calls “go”.',
                    'Pitcher points where it is and runs to the plate.',
                    'Catcher goes beyond the ball, short toss, tag.',
                ],
                points: ['The pitcher’s voice is the catcher’s eyes.', 'Leave the runner a lane until you have it.'],
                mistakes: ['Throws hard from near.', 'Pitcher watches.'],
                progression: ['Ball lies still.', 'Ball rolls.', 'With a runner who stops short of the plate.'],
                cautions: ['The catcher wears full gear.', $helmets],
                fitsIndoors: true,
            ),
        ];
    }
}
