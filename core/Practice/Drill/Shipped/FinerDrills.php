<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Drill\Shipped;

use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Ground\DrillPlace;
use FoxCorner\Core\Skill\RuleNeed;
use FoxCorner\Core\Skill\Skill;
use FoxCorner\Core\Skill\SkillFamily;

/** What the ordinary drills pass over: the spin of who throws left, the plate and third, throws that skip, reads. */
final readonly class FinerDrills implements DrillFamily
{
    public function drills(): array
    {
        return [...$this->gloves(), ...$this->throws(), ...$this->bases()];
    }

    /** @return list<Drill> */
    private function gloves(): array
    {
        return [
            new Drill(
                'rolled-and-held',
                'Rolled, fielded, held',
                'Rolled, held',
                SkillFamily::GroundBalls,
                'Field it as in a game and hold it: for arms that rest, and for feet that hurry.',
                [
                    2 => [Skill::Block],
                    3 => [Skill::ReadHops],
                    4 => [Skill::ReadHops],
                    5 => [Skill::ReadHops],
                    6 => [Skill::ReadHops],
                ],
                DrillPlace::anywhere(0.18, [], [['R', 0.0, 0.14], ['', 0.0, -0.12]]),
                min: 2,
                max: 8,
                atOnce: 1,
                secondsPerRep: 7,
                throwsPerRep: 0,
                helpers: 0,
                equipment: [],
                repetition: 'R~a',
                steps: [
                    'In pairs ten paces apart: one rolls, one fields, shows the ball, rolls it back.',
                    'Five each: at him, glove side, backhand; a catcher blocks and smothers.',
                    'A good hop is met, a bad one is waited for: say which before it comes up.',
                ],
                points: ['Feet first, then the glove.', 'The ball is shown where the throw would begin.'],
                mistakes: ['Reaches because nothing is thrown.', 'Rolls too soft to be of use.'],
                progression: ['At him.', 'Three steps to a side.', 'Short hops from the knees.'],
                fitsIndoors: true,
                beside: 4,
            ),
            new Drill(
                'throws-that-skip',
                'Low throws that skip',
                'Skips',
                SkillFamily::Two,
                'On hard ground a low throw skips: the glove stays down and gives, it does not stab.',
                [
                    3 => [Skill::ShortHopsAtFirst, Skill::ForceStretch],
                    4 => [Skill::TagAtBag],
                    5 => [Skill::TagAtBag],
                    6 => [Skill::TagAtBag],
                ],
                DrillPlace::anywhere(0.24, [], [['', 0.0, 0.2], ['3', 0.0, -0.16]]),
                min: 2,
                max: 6,
                atOnce: 1,
                secondsPerRep: 6,
                throwsPerRep: 0,
                helpers: 0,
                equipment: ['bag' => 1],
                repetition: 'a>3',
                steps: [
                    'Forty feet: one throws flat and soft so that it skips once, a stride before the bag.',
                    'Five, then change; a middle infielder sweeps the tag, first base keeps his foot.',
                ],
                points: ['Glove down early, fingers to the ground.', 'Gives with it: the wrist is loose.'],
                mistakes: ['Turns the head.', 'Comes up with the hop and it goes under.'],
                progression: ['From the knees.', 'At the bag.', 'To a side, the foot stays or leaves in time.'],
                fitsIndoors: true,
                tosses: true,
                beside: 3,
            ),
        ];
    }

    /** @return list<Drill> */
    private function throws(): array
    {
        return [
            new Drill(
                'left-hander-spins-to-third',
                'Left-hander’s spin on the third line',
                'Spin, third',
                SkillFamily::Bunts,
                'Who throws left turns his back to first on a bunt down third: glove foot down, the short way round.',
                [1 => [Skill::Field], 3 => [Skill::CoverFirst]],
                DrillPlace::at(
                    [-0.2, 0.4],
                    0.2,
                    [[-0.22, 0.36, 0.7, 0.7]],
                    [['1', -0.1, 0.5], ['3', 0.7, 0.7], ['H', -0.06, 0.04]],
                ),
                min: 2,
                max: 5,
                atOnce: 2,
                secondsPerRep: 14,
                throwsPerRep: 1,
                helpers: 1,
                equipment: ['bucket of balls' => 1],
                repetition: 'H~-0.22/0.36, +1:-0.22/0.36, 1>3',
                steps: [
                    'A helper rolls along the third line; the pitcher gets around it with his chest to the plate.',
                    'A left-hander spins over his glove side, a right-hander plants; both throw inside first.',
                    'Five, then the next pitcher.',
                ],
                points: ['Both feet past the ball before it is picked up.', 'Eyes find the glove before the arm goes.'],
                mistakes: ['Throws while he falls toward third.', 'Turns the long way and loses a step.'],
                progression: ['Ball lies still.', 'Rolled.', 'With a runner in a helmet.'],
                cautions: ['Runners wear helmets and run in their lane.'],
                needs: RuleNeed::Bunts,
            ),
            new Drill(
                'plate-to-third',
                'Plate to third, and the tag',
                'Plate to 3rd',
                SkillFamily::Holding,
                'Catcher’s throw to third before a right-handed batter or behind him, and the tag on the near edge.',
                [2 => [Skill::ThrowToSecond, Skill::ThrowBehind], 5 => [Skill::TagAtBag], 6 => [Skill::TagAtBag]],
                DrillPlace::at(
                    [-0.35, 0.38],
                    0.2,
                    [[0.0, 0.0, -0.7, 0.7]],
                    [['2', 0.0, 0.0], ['5', -0.66, 0.72], ['R', -0.5, 0.9]],
                ),
                min: 2,
                max: 6,
                atOnce: 2,
                secondsPerRep: 14,
                throwsPerRep: 1,
                helpers: 0,
                equipment: ['bucket of balls' => 1, 'helmet' => 1],
                repetition: '2>5',
                steps: [
                    'Catcher takes a ball from the ground, steps in front of a bat that stands in, or behind it.',
                    'Third base straddles the near edge, tags down and up.',
                    'Three each, then change who throws.',
                ],
                points: ['One step, no more, and it clears the batter.', 'The tag waits for the runner.'],
                mistakes: ['Throws over the bag’s middle into left.', 'Reaches for the runner.'],
                progression: ['Nobody bats.', 'Somebody stands in with a helmet.', 'A runner goes.'],
                cautions: ['Who stands in wears a helmet and does not move.'],
                needs: RuleNeed::Steals,
            ),
        ];
    }

    /** @return list<Drill> */
    private function bases(): array
    {
        return [
            new Drill(
                'runs-with-reads',
                'Base running with reads',
                'Reads',
                SkillFamily::Runners,
                'A runner reads the ball off the bat, two fielders read the runner: who goes, who is behind him.',
                [
                    3 => [Skill::FollowRunner, Skill::CutoffLine],
                    4 => [Skill::Tandem, Skill::BackUpSecond],
                    6 => [Skill::Tandem, Skill::CutoffLine],
                    8 => [Skill::NeighbourBackUp, Skill::OutfieldGrounder],
                ],
                DrillPlace::at(
                    [0.2, 0.9],
                    0.24,
                    [[0.1, 1.5, 0.05, 0.98]],
                    [['8', 0.1, 1.5], ['4', 0.3, 1.0], ['6', -0.2, 0.95], ['R', 0.66, 0.72], ['H', 0.06, 0.68]],
                ),
                min: 3,
                max: 9,
                atOnce: 3,
                secondsPerRep: 15,
                throwsPerRep: 0,
                helpers: 1,
                equipment: ['bucket of balls' => 1, 'helmet' => 2],
                repetition: 'H~8, +R:0.4/1, 8>4',
                steps: [
                    'A helper throws a liner, a ground ball or a fly to center from beside the mound.',
                    'The runner freezes, goes or goes half way; the fielders say where the ball would go.',
                    'The ball is run in, nobody throws at a runner. Three, then change.',
                ],
                points: ['The runner looks at the ball, the fielders at the runner.', 'One voice says the base.'],
                mistakes: ['Runs first and looks then.', 'Two voices.'],
                progression: ['Runner on first.', 'On second, nobody out.', 'Two runners.'],
                cautions: ['Runners wear helmets; nobody blocks a lane without the ball.'],
            ),
            new Drill(
                'from-the-middle-to-third',
                'From the middle to third',
                'To third',
                SkillFamily::Bunts,
                'When third base charges, the shortstop runs behind the runner to third and is there in time.',
                [6 => [Skill::CoverThird], 5 => [Skill::Field], 4 => [Skill::CoverSecond]],
                DrillPlace::at(
                    [-0.45, 0.62],
                    0.22,
                    [[-0.2, 0.3, -0.7, 0.7]],
                    [['6', -0.36, 0.96], ['5', -0.55, 0.5], ['H', -0.04, 0.06]],
                ),
                min: 2,
                max: 6,
                atOnce: 2,
                secondsPerRep: 15,
                throwsPerRep: 0,
                helpers: 1,
                equipment: ['bucket of balls' => 1],
                repetition: 'H~-0.2/0.3, +5:-0.2/0.3, +6:3B, 5>3B',
                steps: [
                    'Third base shows the charge; a helper rolls a bunt at him or lets him turn back.',
                    'The shortstop leaves with the charge, left foot to the bag, hands up as he arrives.',
                    'A toss of two steps ends it. Three, then change.',
                ],
                points: ['Leaves early, arrives standing.', 'Second base fills the middle behind him.'],
                mistakes: ['Waits for the roll.', 'Catches it on the run past the bag.'],
                progression: ['Walked through.', 'With the roll.', 'Third base may turn back.'],
                tosses: true,
                needs: RuleNeed::Bunts,
            ),
            new Drill(
                'one-move-three-looks',
                'A pitcher’s move: feet in order',
                'Feet in order',
                SkillFamily::Holding,
                'The order of the feet is the same to the plate and to the bag; looks are counted, and never alike.',
                [1 => [Skill::PickMove, Skill::VaryLooks], 3 => [Skill::HoldAtFirst]],
                DrillPlace::anywhere(0.28, [], [['1', -0.2, 0.0], ['3', 0.22, 0.0], ['R', 0.16, 0.16]]),
                min: 2,
                max: 6,
                atOnce: 2,
                secondsPerRep: 12,
                throwsPerRep: 0,
                helpers: 0,
                equipment: ['bag' => 1],
                repetition: '1>3',
                steps: [
                    'Set, look, and on a word: home without a ball, or a soft throw to the bag. Feet said aloud.',
                    'A runner says what he keyed on: shoulder, heel, head, breath.',
                    'Never more than two looks alike; somebody counts. Five, then change.',
                ],
                points: ['The same first inch, whichever way.', 'Holds as long as it is different from the last time.'],
                mistakes: ['Leans before he goes.', 'Looks by habit: one, two, go.'],
                progression: ['Without a ball.', 'With a soft throw.', 'The runner goes when he reads it.'],
                cautions: ['Which moves are legal, your league’s book and the umpire decide.'],
                fitsIndoors: true,
                tosses: true,
                needs: RuleNeed::Leads,
            ),
        ];
    }
}
