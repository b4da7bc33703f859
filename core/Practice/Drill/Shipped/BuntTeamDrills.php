<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Drill\Shipped;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Ground\DrillPlace;
use FoxCorner\Core\Skill\RuleNeed;
use FoxCorner\Core\Skill\Skill;
use FoxCorner\Core\Skill\SkillFamily;

/** Bunts, several at once: the wheel, the feint, one voice, the squeeze, slap and drag. */
final readonly class BuntTeamDrills implements DrillFamily
{
    public function drills(): array
    {
        $family = SkillFamily::Bunts;

        return [
            new Drill(
                'wheel-timing',
                'Wheel timing',
                'Wheel',
                $family,
                'Shortstop is at third and the corners are on their way when the ball is bunted, not before the ' .
                    'runner can use it.',
                [
                    1 => [Skill::Field],
                    3 => [Skill::Field, Skill::Converge],
                    5 => [Skill::Field, Skill::LeaveEarly],
                    6 => [Skill::LeaveEarly, Skill::CoverThird],
                    4 => [Skill::CoverFirst],
                ],
                DrillPlace::at(
                    [-0.25, 0.7],
                    0.44,
                    [[0.0, 0.3, -0.68, 0.7]],
                    [['1', 0.0, 0.7], ['5', -0.5, 0.62], ['6', -0.42, 1.0], ['3', 0.15, 0.6], ['H', 0.0, 0.28]],
                ),
                min: 3,
                max: 7,
                atOnce: 4,
                secondsPerRep: 35,
                throwsPerRep: 1,
                needs: RuleNeed::Bunts,
                helpers: 1,
                equipment: ['bucket of balls' => 1, 'bag' => 1],
                repetition: 'H~-0.05/0.5, +1:-0.05/0.5, +6:3B, 1>3B',
                steps: [
                    'The pitcher comes set and looks at second; the shortstop goes on the look home.',
                    'The helper rolls the ball as the pitcher’s arm comes through.',
                    'Throw to third; the stopwatch says when the shortstop was there.',
                    'Every third time the helper calls “swing” and hits nothing: who is where?',
                ],
                points: [
                    'Leaves on the pitcher’s head, the same every time.',
                    'Corners run through the ball, not to it.',
                ],
                mistakes: [
                    'Shortstop leaves late because he watches the runner.',
                    'Everybody forgets that second is open.',
                ],
                progression: ['Walk it.', 'Half speed with a ball.', 'With a runner, helmet on, who may steal third.'],
                cautions: ['A corner running in is close to a bat: nobody swings here, ever.'],
                sprintsPerRep: 1,
            ),
            new Drill(
                'early-on-the-feint',
                'Feint and stay',
                'Feint',
                $family,
                'Show the wheel, stay home, and be behind the runner at second.',
                [
                    4 => [Skill::CoverSecond],
                    6 => [Skill::LeaveEarly, Skill::CoverThird],
                    2 => [Skill::ThrowBehind],
                    8 => [Skill::BackUpSecond],
                ],
                DrillPlace::at(
                    [-0.12, 1.3],
                    0.28,
                    [[0.0, 0.1, 0.0, 1.1]],
                    [['6', -0.3, 1.25], ['4', 0.15, 1.5], ['2', 0.0, 0.0], ['R', -0.1, 1.35]],
                ),
                min: 3,
                max: 6,
                atOnce: 2,
                secondsPerRep: 30,
                throwsPerRep: 1,
                needs: RuleNeed::Bunts,
                helpers: 0,
                equipment: ['bucket of balls' => 1],
                repetition: '6:-0.4/1.12, +4:2B, +2>2B',
                steps: [
                    'Shortstop breaks three steps toward third and comes back.',
                    'Second baseman slips behind the runner as the ball passes the batter.',
                    'Catcher throws behind; the center fielder runs in behind the bag.',
                ],
                points: ['The feint looks like the real start.', 'The catcher throws to the bag, not to the fielder.'],
                mistakes: [
                    'The pick is on and the center fielder watches.',
                    'The feint is so long that the hole is open.',
                ],
                progression: ['Without a throw.', 'With a throw, no runner.', 'Runner with a helmet who wants to go.'],
                cautions: ['The runner wears a helmet.'],
            ),
            new Drill(
                'one-voice',
                'One voice',
                'Voice',
                $family,
                'The catcher sees everything and calls one base, once, early, and everybody repeats it.',
                [
                    1 => [Skill::CallTheBase, Skill::Field],
                    2 => [Skill::CallTheBase],
                    3 => [Skill::CallTheBase],
                    5 => [Skill::CallTheBase],
                ],
                DrillPlace::anywhere(
                    0.24,
                    [],
                    [
                        ['2', 0.0, -0.16],
                        ['1', 0.0, 0.05],
                        ['3', 0.14, 0.02],
                        ['5', -0.14, 0.02],
                        ['R', 0.18, 0.18],
                        ['H', 0.1, -0.2],
                    ],
                ),
                min: 3,
                max: 6,
                atOnce: 4,
                secondsPerRep: 20,
                throwsPerRep: 0,
                needs: RuleNeed::Bunts,
                helpers: 1,
                equipment: ['cone' => 3],
                repetition: 'H~1, 1>3',
                steps: [
                    'Three cones stand for the bases. A runner starts somewhere, the helper rolls.',
                    'Catcher calls and points before the pick-up; the fielder turns to it and shows the throw, no ' .
                    'ball leaves the hand.',
                    'The group says whether the call was right, and why.',
                ],
                points: ['One word, loud, once.', 'Bases loaded and nobody out is the worst result: in doubt, one.'],
                mistakes: ['Calls after the pick-up.', 'Changes the call.'],
                progression: ['One runner.', 'Two runners.', 'Runner who fakes.'],
                fitsIndoors: true,
            ),
            new Drill(
                'squeeze-tag',
                'Squeeze: the short toss home',
                'Squeeze',
                $family,
                'Get the ball to the plate in one motion when the runner from third is coming.',
                [1 => [Skill::Field], 2 => [Skill::CoverHome], 3 => [Skill::Field], 5 => [Skill::Field]],
                DrillPlace::at(
                    [0.0, 0.22],
                    0.24,
                    [],
                    [
                        ['1', 0.0, 0.4],
                        ['3', 0.16, 0.34],
                        ['5', -0.16, 0.34],
                        ['2', 0.0, 0.02],
                        ['R', -0.16, 0.12],
                        ['H', 0.1, 0.06],
                    ],
                ),
                min: 2,
                max: 6,
                atOnce: 2,
                secondsPerRep: 14,
                throwsPerRep: 0,
                needs: RuleNeed::Bunts,
                tosses: true,
                helpers: 1,
                equipment: ['bucket of balls' => 1],
                repetition: 'H~0.02/0.28, +1:0.02/0.28, +R:HP, 1>2',
                steps: [
                    'The helper rolls from beside the plate, the fielder is already charging.',
                    'Scoop toss with the glove or the bare hand, low, to the third-base side.',
                    'Catcher gives the runner a lane, takes the ball, then tags.',
                ],
                points: ['Toss through the target, no wind-up.', 'Ball first, then the lane.'],
                mistakes: ['Stands up to throw.', 'Catcher blocks the lane without the ball.'],
                progression: ['Ball lies still.', 'Rolled.', 'Runner on the clock, slides beside the plate.'],
                cautions: [
                    'The catcher wears full gear.',
                    'Blocking and obstruction rules vary: follow your league’s.',
                ],
                fitsIndoors: true,
            ),
            new Drill(
                'slap-and-drag',
                'Slap and drag',
                'Slap',
                $family,
                'Read a batter who is already running: the bag first, then the ball.',
                [
                    1 => [Skill::Field, Skill::CoverFirst],
                    3 => [Skill::Field, Skill::CoverFirst],
                    4 => [Skill::CoverFirst, Skill::GroundBall],
                    5 => [Skill::Field, Skill::SlowRoller],
                    6 => [Skill::SlowRoller, Skill::CoverSecond],
                ],
                DrillPlace::at(
                    [0.05, 0.55],
                    0.42,
                    [[0.0, 0.1, -0.3, 0.9], [-0.2, 0.7, 0.68, 0.7]],
                    [
                        ['1', 0.0, 0.7],
                        ['3', 0.4, 0.55],
                        ['5', -0.35, 0.55],
                        ['4', 0.4, 0.85],
                        ['6', -0.25, 0.9],
                        ['H', 0.05, 0.12],
                    ],
                ),
                min: 3,
                max: 7,
                atOnce: 5,
                secondsPerRep: 30,
                throwsPerRep: 1,
                needs: RuleNeed::Bunts,
                helpers: 1,
                equipment: ['bucket of balls' => 1, 'helmet' => 1],
                neverWithout: Position::Pitcher,
                repetition: 'H~0.3/0.42, +3:0.3/0.42, +4:1B, 3>1B',
                steps: [
                    'A pitcher is always in it; where none is free, a helper stands in the circle and covers.',
                    'The helper mixes a drag up the first line, a slap at short, a push past the pitcher.',
                    'A runner in a helmet leaves as if batting.',
                    'Pitcher and first baseman settle who has the ball and who the bag.',
                ],
                points: ['Shortstop starts at the base line, in.', 'Do not wait for a hop that never comes.'],
                mistakes: ['Pitcher and first baseman both at the ball, nobody at the bag.'],
                progression: ['One kind at a time.', 'Mixed.', 'Mixed, runner on the watch.'],
                cautions: ['The runner wears a helmet.'],
                isHit: true,
            ),
        ];
    }
}
