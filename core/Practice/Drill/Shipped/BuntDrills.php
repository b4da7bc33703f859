<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Drill\Shipped;

use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Ground\DrillPlace;
use FoxCorner\Core\Skill\RuleNeed;
use FoxCorner\Core\Skill\Skill;
use FoxCorner\Core\Skill\SkillFamily;

/** Bunts, one at a time: field, charge, turn back, cover, back up. */
final readonly class BuntDrills implements DrillFamily
{
    public function drills(): array
    {
        $family = SkillFamily::Bunts;

        return [
            new Drill(
                'charge-and-throw',
                'Charge and throw',
                'Charge',
                $family,
                'Field a bunt on the move and throw to the base that is called.',
                [
                    1 => [Skill::Field, Skill::Converge, Skill::CoverHome],
                    2 => [Skill::Field, Skill::CoverHome, Skill::CallTheBase],
                    3 => [Skill::Field, Skill::Converge],
                    5 => [Skill::Field, Skill::Converge],
                ],
                DrillPlace::at(
                    [0.0, 0.42],
                    0.3,
                    [[0.1, 0.42, 0.707, 0.707]],
                    [['1', 0.0, 0.66], ['3', 0.27, 0.5], ['5', -0.27, 0.5], ['2', 0.0, 0.1], ['H', 0.26, 0.16]],
                ),
                min: 2,
                max: 6,
                atOnce: 2,
                secondsPerRep: 24,
                throwsPerRep: 1,
                needs: RuleNeed::Bunts,
                helpers: 1,
                equipment: ['bucket of balls' => 1],
                isReceived: true,
                repetition: 'H~0.02/0.42, +1:0.02/0.42, 1>1B',
                steps: [
                    'Fielders at bunt depth, the helper rolls from the plate, left, right and middle in turn.',
                    'The catcher calls the base before the ball is picked up; everybody repeats it.',
                    'Throw to first; the receiver drops the ball in a bucket.',
                ],
                points: [
                    'Ball dead: bare hand. Rolling: glove.',
                    'Plant the throwing-side foot, no extra step.',
                    'Whoever does not field it clears the lane.',
                ],
                mistakes: [
                    'Looks up at the runner before the ball is in hand.',
                    'Throws flat-footed because the feet never caught up.',
                ],
                progression: [
                    '12 and under: the ball lies still, no runner.',
                    '13 to 15: rolled, base called late.',
                    '16 and over: a runner on the clock.',
                ],
                cautions: ['Two who charge one ball call early; the one who calls takes it.'],
                fitsIndoors: true,
            ),
            new Drill(
                'turn-back-to-third',
                'Turn back to third',
                'Turn back',
                $family,
                'Be at third before the runner when the ball turns out to be another’s.',
                [
                    2 => [Skill::CoverThird],
                    5 => [Skill::TurnBackThird, Skill::CoverThird],
                    6 => [Skill::CoverThird],
                    7 => [Skill::BackUpThird],
                ],
                DrillPlace::at([-0.66, 0.62], 0.2, [], [['5', -0.5, 0.55], ['H', -0.6, 0.46], ['6', -0.72, 0.8]]),
                min: 2,
                max: 5,
                atOnce: 1,
                secondsPerRep: 15,
                throwsPerRep: 0,
                needs: RuleNeed::Bunts,
                helpers: 1,
                equipment: ['bag' => 1],
                repetition: '5:3B, +H>3B',
                steps: [
                    'The helper rolls a bunt and points to who has it.',
                    'Not yours: turn inside, eyes on the ball, straight to the bag.',
                    'Take a soft toss at the bag, tag down and up.',
                ],
                points: ['Count the steps back: the same every time.', 'At the bag early rather than on time.'],
                mistakes: ['Watches the ball and walks back.', 'Runs past the bag and has to look for it.'],
                progression: [
                    'Walk the steps and count them.',
                    'Run it without a ball.',
                    'A runner leaves second on the roll.',
                ],
                cautions: ['One runs at a time; the next waits in foul ground.'],
                fitsIndoors: true,
            ),
            new Drill(
                'turn-back-to-first',
                'Turn back to first',
                'Back to first',
                $family,
                'The first baseman charges, reads that it is another’s, and is a target at first after all.',
                [3 => [Skill::TurnBackFirst, Skill::CoverFirst], 4 => [Skill::CoverFirst, Skill::BackUpFirst]],
                DrillPlace::at([0.66, 0.6], 0.2, [], [['3', 0.46, 0.54], ['4', 0.82, 0.9], ['H', 0.62, 0.44]]),
                min: 2,
                max: 4,
                atOnce: 1,
                secondsPerRep: 16,
                throwsPerRep: 0,
                needs: RuleNeed::Bunts,
                helpers: 1,
                equipment: ['bag' => 1],
                repetition: '3:0.52/0.5, 3:1B, +4:0.85/0.85',
                steps: [
                    'First baseman charges on the helper’s drop of the hand; the second baseman goes for the bag.',
                    'The helper points: yours, or not yours.',
                    'Not yours: turn to the outside, back to the bag, and the second baseman becomes the back-up. ' .
                    'Both say who has the bag.',
                ],
                points: [
                    'Who has the bag says “mine” before the throw.',
                    'The other one is ten steps behind it, in line.',
                ],
                mistakes: ['Both end on the bag.', 'Both stop halfway.'],
                progression: ['Walk it, talking.', 'Run it with a soft toss.', 'Throw from the bunt side.'],
                cautions: ['Two run to one bag: talk early, and one always gives way to the outside.'],
                fitsIndoors: true,
            ),
            new Drill(
                'cover-first-on-the-run',
                'Cover first on the run',
                'Cover first',
                $family,
                'Reach first before the throw, find the bag with a foot, show a target.',
                [3 => [Skill::CoverFirst], 4 => [Skill::CoverFirst]],
                DrillPlace::at([0.72, 0.72], 0.2, [], [['4', 0.6, 0.9], ['H', 0.56, 0.66]]),
                min: 1,
                max: 4,
                atOnce: 1,
                secondsPerRep: 16,
                throwsPerRep: 0,
                needs: RuleNeed::Bunts,
                helpers: 1,
                equipment: ['bag' => 1],
                repetition: '4:1B, +H>1B',
                steps: [
                    'Start from the double-play depth, go on the helper’s clap.',
                    'Left foot finds the inside of the bag, chest to the ball, target shown.',
                    'The helper throws from the bunt side, firm, then off the line.',
                ],
                points: [
                    'Sprint first, short steps at the end.',
                    'Leave the spot for a throw up the line: first job is to keep the ball.',
                ],
                mistakes: [
                    'Looks for the bag with the eyes instead of the foot.',
                    'Arrives at full speed and cannot move for a bad throw.',
                ],
                progression: ['No ball, find the bag.', 'Tossed from ten paces.', 'Thrown from in front of the plate.'],
                cautions: ['Stay on the inside edge: the runner has the other one.'],
                fitsIndoors: true,
                sprintsPerRep: 1,
            ),
            new Drill(
                'stretch-at-second',
                'Stretch at second',
                'Stretch',
                $family,
                'Take the force at second from in front of the plate.',
                [
                    4 => [Skill::CoverSecond, Skill::ForceStretch],
                    6 => [Skill::CoverSecond, Skill::ForceStretch],
                    8 => [Skill::BackUpSecond, Skill::CoverSecond],
                ],
                DrillPlace::at(
                    [0.0, 1.42],
                    0.2,
                    [[0.0, 0.95, 0.0, 1.41]],
                    [['6', -0.16, 1.5], ['4', 0.16, 1.5], ['H', 0.0, 1.0]],
                ),
                min: 1,
                max: 5,
                atOnce: 1,
                secondsPerRep: 16,
                throwsPerRep: 0,
                needs: RuleNeed::Bunts,
                helpers: 1,
                equipment: ['bag' => 1],
                repetition: '6:2B, +H>2B',
                steps: [
                    'Start from the double-play depth on the clap.',
                    'Foot on the near edge, stretch on the thrower’s side; no straddling on a force.',
                    'Then off the bag, arm up, ready for first.',
                ],
                points: ['Arrive early, wait with bent knees.', 'A wide throw: leave the bag and stop it.'],
                mistakes: [
                    'Straddles the bag, and cannot reach a throw on the runner’s side.',
                    'Stretches before it is clear where the throw goes.',
                ],
                progression: ['Tossed.', 'Thrown, good ones only.', 'Thrown left, right, low in no order.'],
                cautions: ['Out of the sliding lane once the ball is caught.'],
                fitsIndoors: true,
            ),
            new Drill(
                'behind-the-bag',
                'Behind the bag',
                'Back up',
                $family,
                'Start with the bunt, be twenty feet behind the bag in line with the throw.',
                [7 => [Skill::BackUpThird], 8 => [Skill::BackUpSecond], 9 => [Skill::BackUpFirst]],
                DrillPlace::at(
                    [0.95, 1.75],
                    0.34,
                    [],
                    [['9', 1.1, 1.95], ['8', 0.8, 1.95], ['C', 0.95, 1.6], ['H', 0.85, 1.5]],
                ),
                min: 2,
                max: 6,
                atOnce: 2,
                secondsPerRep: 24,
                throwsPerRep: 1,
                needs: RuleNeed::Bunts,
                helpers: 1,
                equipment: ['cone' => 2],
                repetition: '9:1.02/1.72, +H>1.02/1.72, 9>8',
                steps: [
                    'A cone stands for the bag; outfielders start at their depth.',
                    'On “bunt” they run; the helper throws past the cone.',
                    'Stop it, look for the next runner, firm throw to the other cone.',
                ],
                points: ['In line with the throw, not with the bag.', 'Deep enough to react: eight paces.'],
                mistakes: [
                    'Runs to the bag itself and is as beaten as the fielder there.',
                    'Waits to see whether the throw is bad.',
                ],
                progression: [
                    'Jog it, find the spot.',
                    'Throws that get away, announced.',
                    'Some good throws in between: run anyway.',
                ],
                cautions: ['Two never chase the same ball: the one in front calls.'],
                sprintsPerRep: 1,
            ),
        ];
    }
}
