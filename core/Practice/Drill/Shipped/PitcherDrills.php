<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Drill\Shipped;

use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Ground\DrillPlace;
use FoxCorner\Core\Skill\Skill;
use FoxCorner\Core\Skill\SkillFamily;

/** Ground balls and covers of the pitcher. */
final readonly class PitcherDrills implements DrillFamily
{
    public function drills(): array
    {
        $family = SkillFamily::GroundBalls;

        return [
            new Drill(
                'back-to-the-mound',
                'Back to the mound',
                'Comebacker',
                $family,
                'The pitcher is the fifth infielder: ball back to him, feet first, throw to second or first.',
                [
                    1 => [Skill::Comebacker, Skill::DropStepFeed],
                    6 => [Skill::PivotOfShort],
                    4 => [Skill::PivotOfSecond],
                ],
                DrillPlace::at(
                    [0.0, 0.95],
                    0.3,
                    [],
                    [['1', 0.0, 0.7], ['6', -0.18, 1.2], ['4', 0.18, 1.2], ['H', 0.0, 0.42]],
                ),
                min: 2,
                max: 6,
                atOnce: 2,
                secondsPerRep: 16,
                throwsPerRep: 1,
                helpers: 1,
                equipment: ['bucket of balls' => 1],
                repetition: 'H~1, +6:2B, 1>2B',
                steps: [
                    'Pitcher makes a dry delivery; the helper rolls or hits softly back.',
                    'Turn to the glove side, find the bag and who takes it, step, throw chest high.',
                    'Middle infielders agree before the pitch who has it.',
                ],
                points: ['Say whose bag it is before every pitch.', 'Lead the man, not the bag.'],
                mistakes: ['Throws before anybody is there.', 'Aims, and floats it.'],
                progression: ['Rolled, second base only.', 'Rolled, base called late.', 'Hit softly.'],
                cautions: ['No hard balls back at a pitcher: roll or hit softly, from behind a screen.'],
            ),
            new Drill(
                'pitchers-to-first',
                'Pitchers to first',
                'P to first',
                $family,
                'Ball to the right side: go, run up the line inside it, take the feed two steps before the bag.',
                [1 => [Skill::CoverFirstOnGrounder, Skill::CoverFirst], 3 => [Skill::UnderhandFeed, Skill::GroundBall]],
                DrillPlace::at([0.52, 0.68], 0.24, [], [['1', 0.3, 0.66], ['3', 0.6, 0.85], ['H', 0.44, 0.5]]),
                min: 2,
                max: 6,
                atOnce: 2,
                secondsPerRep: 16,
                throwsPerRep: 0,
                tosses: true,
                helpers: 1,
                equipment: ['bucket of balls' => 1, 'bag' => 1],
                repetition: 'H~3, +1:1B, 3>1B',
                steps: [
                    'Dry delivery, ball rolled to first base.',
                    'Pitcher runs to a point ten feet before the bag, then along the line.',
                    'First baseman feeds underhand, chest high, early; touch the inside edge, turn in.',
                ],
                points: ['Go on every ball to that side, without waiting.', 'Step on, then look for the next runner.'],
                mistakes: ['Runs straight at the bag and across the runner.', 'The feed comes with the last step.'],
                progression: ['Walk.', 'Run, rolled.', 'With a runner in a helmet, on the outside.'],
                cautions: ['Inside edge only: the runner has the outside.'],
                fitsIndoors: true,
            ),
            new Drill(
                'pitchers-both-sides',
                'Pitchers: bunts to both sides',
                'P bunts',
                $family,
                'Sprint, short steps, plant the throwing-side foot: by arm, left and right are different plays.',
                [1 => [Skill::Field, Skill::SlowRoller]],
                DrillPlace::anywhere(
                    0.24,
                    [[0.0, 0.0, 0.42, 0.24]],
                    [['1', 0.0, 0.14], ['H', 0.0, -0.18], ['N', 0.42, 0.24]],
                ),
                min: 1,
                max: 5,
                atOnce: 1,
                secondsPerRep: 12,
                throwsPerRep: 1,
                helpers: 1,
                equipment: ['bucket of balls' => 1],
                isReceived: true,
                repetition: 'H~0.06/0.02, +1:0.06/0.02, 1>N',
                steps: [
                    'Dry delivery, then the helper drops a ball left, right or dead in front.',
                    'Footwork first: the first five without a throw.',
                    'Throw to first, where a net stands or somebody receives.',
                ],
                points: ['Bare hand when the ball is dead.', 'Turn the short way for your arm.'],
                mistakes: ['Takes an extra step when the runner is fast.', 'Throws from the knees.'],
                progression: ['Footwork.', 'Throw to first.', 'A base is called late.'],
                cautions: ['Count these throws with the pitches of the day.'],
                fitsIndoors: true,
            ),
        ];
    }
}
