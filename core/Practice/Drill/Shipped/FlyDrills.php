<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Drill\Shipped;

use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Ground\DrillPlace;
use FoxCorner\Core\Skill\Skill;
use FoxCorner\Core\Skill\SkillFamily;

/**
 * Balls in the air and in the grass: priority, the ball over the head, the neighbour, the ground ball to the outfield.
 */
final readonly class FlyDrills implements DrillFamily
{
    public function drills(): array
    {
        $family = SkillFamily::Relays;

        return [
            new Drill(
                'who-has-it',
                'Who has it',
                'Priority',
                $family,
                'Center over corners, outfield over infield: the one with priority calls, the other gives way low.',
                [
                    4 => [Skill::FlyPriority],
                    6 => [Skill::FlyPriority],
                    7 => [Skill::FlyPriority],
                    8 => [Skill::FlyPriority],
                    9 => [Skill::FlyPriority],
                    3 => [Skill::FlyPriority],
                    5 => [Skill::FlyPriority],
                ],
                DrillPlace::at(
                    [0.55, 1.75],
                    0.4,
                    [],
                    [['9', 0.75, 1.95], ['8', 0.4, 2.0], ['4', 0.45, 1.5], ['3', 0.75, 1.45], ['H', 0.5, 1.4]],
                ),
                min: 3,
                max: 8,
                atOnce: 3,
                secondsPerRep: 18,
                throwsPerRep: 0,
                helpers: 1,
                equipment: ['bucket of balls' => 1],
                repetition: 'H^0.56/1.75, +8:0.56/1.75',
                steps: [
                    'The helper throws into the space between three.',
                    'Call three times, at the top of the flight, not before.',
                    'Who gives way goes behind, low, and tells the base.',
                ],
                points: [
                    'The outfielder coming in beats the infielder going out.',
                    'No call is a call for nobody: then it is center’s.',
                ],
                mistakes: ['Calls too early and cannot get there.', 'Stops in the path of the other.'],
                progression: ['Two players.', 'Three players.', 'Sun, wind and a runner.'],
                cautions: [
                    'This is where people collide: soft balls first, one priority rule, and stop the drill when ' .
                    'nobody calls.',
                ],
            ),
            new Drill(
                'over-the-head',
                'Ball over the head',
                'Drop-step',
                $family,
                'Open to the ball, run, find it late; hold the line of flight.',
                [7 => [Skill::BackTurned], 8 => [Skill::BackTurned], 9 => [Skill::BackTurned]],
                DrillPlace::at([-0.95, 1.75], 0.34, [], [['7', -0.95, 1.8], ['H', -0.85, 1.5]]),
                min: 1,
                max: 6,
                atOnce: 1,
                secondsPerRep: 12,
                throwsPerRep: 0,
                helpers: 1,
                equipment: ['bucket of balls' => 1],
                repetition: 'H^-1.05/2.1, +7:-1.05/2.1',
                steps: [
                    'The helper points left or right, then throws over that shoulder.',
                    'Drop-step, run, look, catch; jog back behind the line.',
                    'Every third throw is in front.',
                ],
                points: ['First step back is a turn, not a backpedal.', 'Run first, reach last.'],
                mistakes: ['Backpedals.', 'Runs with the glove out.'],
                progression: ['Tossed.', 'Thrown far.', 'Hit.'],
                cautions: ['Know where the fence is: start ten paces in front of it.'],
                sprintsPerRep: 1,
            ),
            new Drill(
                'behind-the-neighbour',
                'Behind the neighbour',
                'Neighbour',
                $family,
                'Ball to the next outfielder: run behind him, at an angle that stops what gets by.',
                [7 => [Skill::NeighbourBackUp], 8 => [Skill::NeighbourBackUp], 9 => [Skill::NeighbourBackUp]],
                DrillPlace::at(
                    [0.0, 2.0],
                    0.34,
                    [],
                    [['8', 0.0, 2.1], ['7', -0.22, 2.0], ['9', 0.22, 2.0], ['H', 0.0, 1.72]],
                ),
                min: 2,
                max: 6,
                atOnce: 2,
                secondsPerRep: 14,
                throwsPerRep: 0,
                helpers: 1,
                equipment: ['bucket of balls' => 1],
                repetition: 'H~8, +9:0.02/2.3',
                steps: [
                    'Ground balls between two; one takes it, one runs behind.',
                    'Every second ball is let through on purpose.',
                    'The one behind calls the base.',
                ],
                points: ['Behind means far enough to stop it.', 'The voice comes from behind.'],
                mistakes: ['Stands and watches.', 'Runs at the ball too.'],
                progression: ['Rolled.', 'Hit.', 'Hit in the gap.'],
                cautions: ['One calls, one gives way.'],
                sprintsPerRep: 1,
            ),
            new Drill(
                'outfield-grounders',
                'Ground balls to the outfield',
                'OF ground',
                $family,
                'Knee down when nobody runs, on the run when somebody must be thrown out.',
                [
                    7 => [Skill::OutfieldGrounder, Skill::OutfieldThrow],
                    8 => [Skill::OutfieldGrounder, Skill::OutfieldThrow],
                    9 => [Skill::OutfieldGrounder, Skill::OutfieldThrow],
                ],
                DrillPlace::at(
                    [0.95, 1.75],
                    0.32,
                    [[0.95, 1.95, 0.55, 1.35]],
                    [['9', 0.95, 1.95], ['H', 0.8, 1.42], ['B', 0.55, 1.35]],
                ),
                min: 1,
                max: 6,
                atOnce: 1,
                secondsPerRep: 11,
                throwsPerRep: 1,
                helpers: 1,
                equipment: ['bucket of balls' => 1],
                repetition: 'H~9, 9>B',
                steps: [
                    'The helper hits; first five with a knee down.',
                    'Then glove side of the front foot, crow hop, throw to the bucket.',
                    'Call before each: runner on second, or nobody.',
                ],
                points: ['Round it to come to the target.', 'Low throws can be cut.'],
                mistakes: ['Charges with nobody on and lets it by.', 'Three steps before the throw.'],
                progression: ['Rolled.', 'Hit softly.', 'Hit hard, situation called.'],
                cautions: ['Half the throws at half effort.'],
                isHit: true,
            ),
            new Drill(
                'infield-pops',
                'Pops behind the infield',
                'Pops',
                $family,
                'A pop behind the infield has one voice: who comes in to it takes it from who backs up.',
                [
                    1 => [Skill::FlyPriority],
                    2 => [Skill::FlyPriority],
                    3 => [Skill::FlyPriority],
                    4 => [Skill::FlyPriority],
                    5 => [Skill::FlyPriority],
                    6 => [Skill::FlyPriority],
                ],
                DrillPlace::at(
                    [-0.35, 1.0],
                    0.36,
                    [],
                    [['5', -0.5, 0.85], ['6', -0.25, 1.15], ['1', 0.0, 0.75], ['H', -0.2, 0.7]],
                ),
                min: 3,
                max: 7,
                atOnce: 3,
                secondsPerRep: 16,
                throwsPerRep: 0,
                helpers: 1,
                equipment: ['bucket of balls' => 1],
                repetition: 'H^-0.3/0.95, +6:-0.3/0.95',
                steps: [
                    'Three stand in a triangle; the helper lobs it into the middle, two steps from everybody.',
                    'Whoever has it says so once, before it comes down; the others peel off to the nearest bag.',
                    'When two are silent, the pitcher names one of them.',
                ],
                points: ['Turn and run, do not drift.', 'The bag behind the ball is somebody’s.'],
                mistakes: ['Two stop, ball drops.', 'Everybody looks up, nobody covers.'],
                progression: ['Low throws.', 'High throws.', 'Near the fence, with a helper there.'],
                cautions: ['Soft balls for the youngest. One priority rule, and stop when nobody calls.'],
            ),
            new Drill(
                'tag-up-and-throw',
                'Tag up and throw',
                'Tag up',
                $family,
                'Get behind the fly, come through it, one hop to the plate, or hold the trailing runner.',
                [
                    7 => [Skill::OutfieldThrow, Skill::CutoffVoice],
                    8 => [Skill::OutfieldThrow, Skill::CutoffVoice],
                    9 => [Skill::OutfieldThrow, Skill::CutoffVoice],
                    2 => [Skill::TagFromOutfield],
                ],
                DrillPlace::at(
                    [-0.45, 1.85],
                    0.3,
                    [[-0.45, 1.75, 0.0, 0.06]],
                    [['7', -0.45, 1.9], ['2', 0.0, 0.03], ['H', -0.3, 1.58]],
                ),
                min: 2,
                max: 6,
                atOnce: 1,
                secondsPerRep: 16,
                throwsPerRep: 1,
                helpers: 1,
                equipment: ['bucket of balls' => 1],
                repetition: 'H^-0.45/1.8, +7:-0.45/1.8, 7>2',
                steps: [
                    'The helper throws a fly; the outfielder waits three steps behind it.',
                    'Catch moving in, throw through the cutoff to the plate, one hop.',
                    'Five each, no more.',
                ],
                points: ['Momentum through the ball.', 'Low enough to be cut.'],
                mistakes: ['Waits under it.', 'Throws over everybody.'],
                progression: ['To a near target.', 'To the cutoff.', 'To the plate with a runner in a helmet.'],
                cautions: ['Long throws: five each and count them.', 'The catcher wears full gear.'],
            ),
        ];
    }
}
