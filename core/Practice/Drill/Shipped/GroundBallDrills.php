<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Drill\Shipped;

use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Ground\DrillPlace;
use FoxCorner\Core\Skill\Skill;
use FoxCorner\Core\Skill\SkillFamily;

/** Ground balls: the sure out, the slow one, the hard one, the hop, the plate, the pitcher's part. */
final readonly class GroundBallDrills implements DrillFamily
{
    public function drills(): array
    {
        $family = SkillFamily::GroundBalls;

        return [
            new Drill(
                'sure-out',
                'Sure out, one ball',
                'Sure out',
                $family,
                'Field it clean, set the feet, one good throw to first: the first out is the job.',
                [
                    5 => [Skill::GroundBall],
                    6 => [Skill::GroundBall],
                    4 => [Skill::GroundBall],
                    3 => [Skill::GroundBall, Skill::ShortHopsAtFirst],
                ],
                DrillPlace::at(
                    [-0.1, 1.0],
                    0.48,
                    [[0.0, 0.1, -0.3, 1.1], [-0.3, 1.1, 0.707, 0.707]],
                    [['5', -0.55, 0.85], ['6', -0.3, 1.2], ['4', 0.3, 1.2], ['H', 0.0, 0.1]],
                ),
                min: 3,
                max: 8,
                atOnce: 4,
                secondsPerRep: 28,
                throwsPerRep: 1,
                helpers: 1,
                equipment: ['bucket of balls' => 1],
                repetition: 'H~6, 6>1B',
                steps: [
                    'The helper hits to each in turn, everybody else watches that one player.',
                    'Field, throw to first, ball comes back through the catcher.',
                    'Nobody moves on before the throw was good.',
                ],
                points: ['Feet stop the ball, the glove follows.', 'Accuracy first; speed later.'],
                mistakes: [
                    'Hurries the throw though the ball was hit hard.',
                    'Throws off the wrong foot without need.',
                ],
                progression: [
                    'From the hand, along the ground: only clean ones count.',
                    'Hit firm.',
                    'With a runner and the watch.',
                ],
                isHit: true,
            ),
            new Drill(
                'slow-rollers',
                'Slow rollers',
                'Slow',
                $family,
                'Come in hard, take it in front of the foot, throw on the run, low to first.',
                [
                    5 => [Skill::SlowRoller],
                    6 => [Skill::SlowRoller],
                    4 => [Skill::SlowRoller],
                    1 => [Skill::SlowRoller],
                ],
                DrillPlace::at(
                    [-0.35, 0.72],
                    0.24,
                    [[-0.25, 0.7, 0.707, 0.707]],
                    [['5', -0.5, 0.8], ['6', -0.3, 0.92], ['H', -0.3, 0.52]],
                ),
                min: 2,
                max: 6,
                atOnce: 1,
                secondsPerRep: 10,
                throwsPerRep: 1,
                helpers: 1,
                equipment: ['bucket of balls' => 1],
                isReceived: true,
                repetition: 'H~-0.25/0.7, +5:-0.25/0.7, 5>1B',
                steps: [
                    'A line at third or short; the helper rolls slowly from the side.',
                    'Run through the ball, glove outside the front foot, throw in the next step.',
                    'End with one bare-hand try each: it lifts the mood.',
                ],
                points: ['Ball dead: bare hand, push it into the ground.', 'Do not slow down before the pick-up.'],
                mistakes: [
                    'Fields it between the feet and has to stop.',
                    'Throws high because the body is still rising.',
                ],
                progression: ['Ball lies still.', 'Rolled.', 'Hit by a bunted toss, with a runner.'],
                fitsIndoors: false,
            ),
            new Drill(
                'read-the-hop',
                'Read the hop',
                'Hops',
                $family,
                'Take the ball as it comes up or at the top of a long bounce, never in between.',
                [
                    3 => [Skill::ReadHops],
                    4 => [Skill::ReadHops],
                    5 => [Skill::ReadHops],
                    6 => [Skill::ReadHops],
                    1 => [Skill::ReadHops],
                ],
                DrillPlace::anywhere(0.22, [], [['6', -0.1, 0.12], ['4', 0.1, 0.12], ['H', 0.0, -0.14]]),
                min: 2,
                max: 8,
                atOnce: 2,
                secondsPerRep: 6,
                throwsPerRep: 0,
                helpers: 1,
                equipment: ['bucket of balls' => 1],
                repetition: 'H>6',
                steps: [
                    'Players ten paces from the thrower, in pairs where nobody helps.',
                    'Short hop, long hop, in-between: the feet go forward or back to change it.',
                    'Glove hand alone for half of them.',
                ],
                points: ['The feet make the hop.', 'Glove from the ground up.'],
                mistakes: ['Waits flat-footed for the ball to choose.', 'Turns the head.'],
                progression: ['Rolled and tossed softly.', 'Firm bounces.', 'Harder than in the game, mixed.'],
                fitsIndoors: true,
            ),
            new Drill(
                'one-hand-at-the-corner',
                'One hand at the corner',
                'Corner',
                $family,
                'A ball too hard to get around: first read decides, one hand is right there.',
                [3 => [Skill::HardAtCorner], 5 => [Skill::HardAtCorner]],
                DrillPlace::at(
                    [-0.72, 0.72],
                    0.16,
                    [[-0.55, 0.35, -0.72, 0.72]],
                    [['5', -0.68, 0.74], ['H', -0.55, 0.35], ['S', -0.57, 0.4]],
                ),
                min: 1,
                max: 4,
                atOnce: 1,
                secondsPerRep: 9,
                throwsPerRep: 0,
                helpers: 1,
                equipment: ['bucket of balls' => 1, 'screen' => 1],
                repetition: 'H~5',
                steps: [
                    'The helper hits or throws firm from behind a screen, half the usual distance.',
                    'Backhand, forehand, at the body; keep it in front, no throw.',
                    'Ten and change.',
                ],
                points: ['Low before the ball is hit.', 'Glove open early, hand soft.'],
                mistakes: ['Steps back.', 'Tries to get around it and is handcuffed.'],
                progression: ['Soft balls thrown.', 'Real balls thrown.', 'Hit firm from farther away.'],
                cautions: [
                    'Close and hard: face protection where your league asks for it; stop when somebody is tired.',
                ],
                isHit: true,
            ),
            new Drill(
                'look-him-back',
                'Look him back',
                'Look back',
                $family,
                'With a runner at third: check him, take the out; home only when the ball is hit at you.',
                [3 => [Skill::LookBack], 4 => [Skill::LookBack], 5 => [Skill::LookBack], 6 => [Skill::LookBack]],
                DrillPlace::at(
                    [-0.2, 0.85],
                    0.46,
                    [[0.0, 0.1, -0.3, 0.95], [-0.3, 0.95, 0.707, 0.707]],
                    [['5', -0.55, 0.72], ['6', -0.3, 0.98], ['4', 0.3, 0.98], ['R', -0.68, 0.62], ['H', 0.0, 0.1]],
                ),
                min: 3,
                max: 7,
                atOnce: 4,
                secondsPerRep: 40,
                throwsPerRep: 1,
                helpers: 1,
                equipment: ['bucket of balls' => 1, 'helmet' => 1],
                repetition: 'H~6, 6>1B',
                steps: [
                    'Infield halfway or in. A runner at third decides on his own.',
                    'Field, look with the ball in the throwing hand, then act.',
                    'He breaks: home. He stays: first. He is between: run straight at him.',
                ],
                points: ['The look is one look.', 'Throw ahead of a stranded runner, back to the base he came from.'],
                mistakes: ['Looks without the ball ready.', 'Throws home on a slow ball.'],
                progression: [
                    'Runner announces.',
                    'Runner decides.',
                    'Score and inning are called: what do you do now?',
                ],
                cautions: ['The runner wears a helmet; the catcher full gear.'],
                isHit: true,
            ),
            new Drill(
                'throw-home',
                'Home first',
                'Home',
                $family,
                'From the infield in: one firm throw to the plate, chest high, on the third-base side.',
                [
                    1 => [Skill::ThrowHome],
                    2 => [Skill::ThrowHome, Skill::CoverHome],
                    3 => [Skill::ThrowHome],
                    5 => [Skill::ThrowHome],
                    4 => [Skill::ThrowHome],
                    6 => [Skill::ThrowHome],
                ],
                DrillPlace::at(
                    [0.0, 0.5],
                    0.5,
                    [],
                    [
                        ['3', 0.45, 0.66],
                        ['4', 0.26, 0.9],
                        ['6', -0.26, 0.9],
                        ['5', -0.45, 0.66],
                        ['2', 0.0, 0.02],
                        ['H', 0.12, 0.08],
                    ],
                ),
                min: 3,
                max: 7,
                atOnce: 4,
                secondsPerRep: 44,
                throwsPerRep: 1,
                helpers: 1,
                equipment: ['bucket of balls' => 1],
                repetition: 'H~6, 6>2',
                steps: [
                    'Everybody in front of the base line.',
                    'The helper rolls or hits firm; throw home, catcher steps to first for the second out when ' .
                    'bases are loaded.',
                    'Go around three times.',
                ],
                points: ['Short arm, firm, through the catcher.', 'Clear the lane after the throw.'],
                mistakes: ['Lobs it.', 'Catcher leaves the plate early for the throw to first.'],
                progression: ['Rolled.', 'Hit.', 'With a runner, no slide.'],
                cautions: ['The catcher wears full gear.'],
            ),
        ];
    }
}
