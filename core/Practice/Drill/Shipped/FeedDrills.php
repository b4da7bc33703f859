<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Drill\Shipped;

use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Ground\DrillPlace;
use FoxCorner\Core\Skill\Skill;
use FoxCorner\Core\Skill\SkillFamily;

/** Double plays: how the ball gets to the bag. */
final readonly class FeedDrills implements DrillFamily
{
    public function drills(): array
    {
        $family = SkillFamily::Two;
        $slide = 'After the throw leave the ground or the lane: planted legs get hurt. No sliding in this drill.';

        return [
            new Drill(
                'feeds-by-distance',
                'Feeds by distance',
                'Feeds',
                $family,
                'The right feed for the place of the ball: bag alone, underhand, drop-step.',
                [
                    4 => [Skill::UnderhandFeed, Skill::OwnBag],
                    6 => [Skill::UnderhandFeed, Skill::DropStepFeed, Skill::OwnBag],
                ],
                DrillPlace::at([-0.08, 1.36], 0.26, [], [['6', -0.24, 1.3], ['4', 0.06, 1.48], ['H', -0.2, 1.12]]),
                min: 2,
                max: 6,
                atOnce: 2,
                secondsPerRep: 9,
                throwsPerRep: 0,
                tosses: true,
                helpers: 1,
                equipment: ['bucket of balls' => 1],
                repetition: '4:2B, +6>2B',
                steps: [
                    'Balls lie still at three distances: two steps, five, ten from the bag.',
                    'Pick up bare-handed, feed; the partner takes it between belt and face.',
                    'Then rolled.',
                ],
                points: ['Show the ball early, glove out of the way.', 'Walk after the feed.'],
                mistakes: ['Flips with the wrist.', 'Hides the ball behind the glove.'],
                progression: ['Still ball, bare hand.', 'Rolled.', 'From farther away, harder.'],
                fitsIndoors: true,
            ),
            new Drill(
                'side-toss-and-dart',
                'Side toss and short overhand',
                'Toss',
                $family,
                'The second baseman’s two feeds: left to right a toss from a wide base, nearer the line a short ' .
                    'overhand.',
                [4 => [Skill::SideToss, Skill::Dart], 6 => [Skill::PivotOfShort]],
                DrillPlace::at([0.16, 1.32], 0.26, [], [['4', 0.3, 1.26], ['6', 0.0, 1.46], ['H', 0.24, 1.1]]),
                min: 2,
                max: 6,
                atOnce: 2,
                secondsPerRep: 10,
                throwsPerRep: 0,
                tosses: true,
                helpers: 1,
                equipment: ['bucket of balls' => 1],
                repetition: 'H~4, +6:2B, 4>2B',
                steps: [
                    'Ten tosses kneeling, ten from the wide base, ten moving.',
                    'Opened foot on the bag’s side, legs push, wrist firm, palm to the target.',
                    'Then balls to the left: short overhand feed with both feet on the ground.',
                ],
                points: ['The ball hardly spins.', 'Follow the toss with the body.'],
                mistakes: ['Throws too hard from too near.', 'Stands up before the toss.'],
                progression: ['Kneeling.', 'Rolled at him.', 'Rolled left and right in no order.'],
                fitsIndoors: true,
            ),
            new Drill(
                'backhand-and-spin',
                'From the hole',
                'Hole',
                $family,
                'The long feed: backhand, plant, firm and low to the bag; for second base the spin.',
                [4 => [Skill::SpinThrow], 6 => [Skill::BackhandFeed, Skill::GroundBall]],
                DrillPlace::at(
                    [-0.42, 1.12],
                    0.22,
                    [[-0.42, 1.12, 0.0, 1.414]],
                    [['6', -0.42, 1.12], ['4', 0.0, 1.46], ['H', -0.34, 0.88]],
                ),
                min: 2,
                max: 5,
                atOnce: 1,
                secondsPerRep: 11,
                throwsPerRep: 1,
                helpers: 1,
                equipment: ['bucket of balls' => 1],
                repetition: 'H~6, +4:2B, 6>2B',
                steps: [
                    'The helper rolls firm into the hole.',
                    'Backhand with the last step long; stop on it, throw to second.',
                    'Second basemen from their left: turn away from the bag with the ball, short throw.',
                ],
                points: ['The stopping foot is the throwing foot.', 'Low and firm beats high and hard.'],
                mistakes: ['Three steps to stop.', 'Throws across the body without the legs.'],
                progression: ['Rolled slowly.', 'Firm.', 'Mixed with a ball at him.'],
            ),
            new Drill(
                'jump-and-spin',
                'In the air, and around',
                'Jump, spin',
                $family,
                'No time to set the feet: off the wrong foot in the air, or around with the glove side first.',
                [4 => [Skill::SpinThrow, Skill::JumpThrow], 6 => [Skill::JumpThrow]],
                DrillPlace::at(
                    [-0.3, 1.2],
                    0.24,
                    [[-0.3, 1.2, 0.5, 0.9]],
                    [['6', -0.34, 1.2], ['4', 0.26, 1.24], ['H', -0.1, 0.9], ['N', 0.5, 0.9]],
                ),
                min: 1,
                max: 5,
                atOnce: 1,
                secondsPerRep: 12,
                throwsPerRep: 1,
                helpers: 1,
                equipment: ['bucket of balls' => 1],
                isReceived: true,
                repetition: 'H~6, 6>N',
                steps: [
                    'Rolled to the far side: push off that leg, turn the hips in the air, throw to the receiver.',
                    'Second base to the right: plant, go around behind the ball, eyes on the receiver, throw low.',
                    'Every third ball is easy: feet on the ground. He has to see which one it is.',
                ],
                points: [
                    'The hips face the target before the arm goes.',
                    'Low: a long hop is caught, a high one is not.',
                ],
                mistakes: ['Jumps though there was time.', 'Throws before the eyes have found the target.'],
                progression: ['Without a ball.', 'Tossed to the spot.', 'Rolled, with a watch.'],
                cautions: ['Few repetitions: the arm works without the legs.'],
            ),
            new Drill(
                'left-hander-around',
                'Left-hander at first, around to second',
                'Left spin',
                $family,
                'A left-hander need not turn his back: glove side open, throw. A right-hander goes around to his left.',
                [3 => [Skill::SpinThrow, Skill::DropStepFeed], 6 => [Skill::ForceStretch]],
                DrillPlace::at(
                    [0.5, 0.92],
                    0.22,
                    [[0.52, 0.92, 0.0, 1.414]],
                    [['3', 0.54, 0.9], ['6', -0.02, 1.44], ['H', 0.36, 0.66]],
                ),
                min: 2,
                max: 5,
                atOnce: 2,
                secondsPerRep: 14,
                throwsPerRep: 1,
                helpers: 1,
                equipment: ['bucket of balls' => 1],
                repetition: 'H~3, +6:2B, 3>2B',
                steps: [
                    'The helper rolls to the glove side, at him, and to the line, in no order.',
                    'Say inside or outside before the throw; chest high to that edge of the bag.',
                    'Right-handers: to the line go around, away from the runner; left-handers throw as they are.',
                ],
                points: ['A lane beside the runner, never through him.', 'Back to first, or say who is there.'],
                mistakes: ['Turns twice.', 'Throws to where the runner is.'],
                progression: ['Ball lies still.', 'Rolled.', 'A runner in a helmet jogs to second.'],
                cautions: ['The runner wears a helmet.'],
            ),
        ];
    }
}
