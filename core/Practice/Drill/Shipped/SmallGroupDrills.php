<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Drill\Shipped;

use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Ground\DrillPlace;
use FoxCorner\Core\Skill\Skill;
use FoxCorner\Core\Skill\SkillFamily;

/** Pairs, threes and fours with one ball that need no grown-up: players roll, feed and receive, and change. */
final readonly class SmallGroupDrills implements DrillFamily
{
    public function drills(): array
    {
        return [...$this->infield(), ...$this->others()];
    }

    /** @return list<Drill> */
    private function infield(): array
    {
        return [
            new Drill(
                'threes-field-and-throw',
                'Field and throw in threes',
                'Threes',
                SkillFamily::GroundBalls,
                'Roller, fielder, target: a ground ball and a throw every seven seconds, and nobody stands in a line.',
                [
                    1 => [Skill::Comebacker],
                    3 => [Skill::GroundBall, Skill::ShortHopsAtFirst],
                    4 => [Skill::GroundBall],
                    5 => [Skill::GroundBall],
                    6 => [Skill::GroundBall],
                ],
                DrillPlace::anywhere(
                    0.3,
                    [[0.0, -0.25, 0.25, 0.15]],
                    [['R', 0.0, 0.2], ['', 0.0, -0.25], ['C', 0.25, 0.15]],
                ),
                min: 3,
                max: 9,
                atOnce: 1,
                secondsPerRep: 7,
                throwsPerRep: 1,
                helpers: 0,
                equipment: [],
                repetition: 'R~a, a>C',
                steps: [
                    'One rolls firm, one fields and throws to the third, who stands on a throw-down bag.',
                    'Ten balls: at him, glove side, backhand; then everybody changes one place.',
                    'A fourth player backs up and brings the next ball.',
                ],
                points: ['The feet come through toward the target.', 'The target gives a chest, not a hand.'],
                mistakes: ['Rolls too soft to be fielded in rhythm.', 'Throws past somebody who has turned away.'],
                progression: ['Rolled at him.', 'To both sides.', 'Short hops for the target.'],
                fitsIndoors: true,
                beside: 3,
            ),
            new Drill(
                'fours-feed-and-pivot',
                'Feed and pivot in fours',
                'Fours',
                SkillFamily::Two,
                'A player rolls, one feeds, one pivots, one receives: a feed and a pivot every seven seconds.',
                [
                    4 => [Skill::SideToss, Skill::UnderhandFeed, Skill::PivotOfSecond],
                    6 => [Skill::UnderhandFeed, Skill::DropStepFeed, Skill::BackhandFeed, Skill::PivotOfShort],
                ],
                DrillPlace::anywhere(
                    0.26,
                    [],
                    [['R', 0.0, 0.22], ['6', -0.2, -0.05], ['4', 0.05, -0.1], ['', 0.22, 0.12]],
                ),
                min: 3,
                max: 8,
                atOnce: 1,
                secondsPerRep: 7,
                throwsPerRep: 0,
                helpers: 0,
                equipment: ['bag' => 1],
                repetition: 'R~6, 6>4, 4>a',
                steps: [
                    'A throw-down bag; the roller says which side, the feeder feeds, the pivot throws softly on.',
                    'Five from each side, then one place on. In threes the roller receives.',
                ],
                points: ['Chest high to the bag’s far edge.', 'The pivot waits with quiet feet, then goes.'],
                mistakes: ['Feeds at the man while he still runs.', 'Pivots before the ball is in the glove.'],
                progression: ['Rolled at him.', 'Backhand and far side.', 'A hurried one in between.'],
                fitsIndoors: true,
                tosses: true,
                beside: 2,
            ),
            new Drill(
                'short-hop-pairs',
                'Short hops in pairs',
                'Hops',
                SkillFamily::Two,
                'One throws into the dirt before him, one picks, a foot on a throw-down bag.',
                [
                    3 => [Skill::ShortHopsAtFirst, Skill::ForceStretch],
                    4 => [Skill::ForceStretch, Skill::TagAtBag],
                    5 => [Skill::TagAtBag, Skill::ReadHops],
                    6 => [Skill::ForceStretch, Skill::TagAtBag],
                ],
                DrillPlace::anywhere(0.18, [], [['', 0.0, 0.12], ['3', 0.0, -0.1]]),
                min: 2,
                max: 8,
                atOnce: 2,
                secondsPerRep: 10,
                throwsPerRep: 0,
                helpers: 0,
                equipment: ['bag' => 1],
                repetition: 'a>3',
                steps: [
                    'Thirty feet, softly into the dirt: straight, forehand, backhand.',
                    'Ten, then change; middle infielders end each with a tag.',
                ],
                points: ['Glove goes through the ball.', 'The foot stays until the ball is seen.'],
                mistakes: ['Glove comes up first.', 'Leaves the bag to be safe.'],
                progression: ['Kneeling.', 'From the bag.', 'Off the bag and back.'],
                fitsIndoors: true,
                tosses: true,
                beside: 3,
            ),
            new Drill(
                'bunts-at-throw-down-bag',
                'Bunts at a throw-down bag',
                'Bunts, three',
                SkillFamily::Bunts,
                'A player rolls a bunt, one fields it, one covers a throw-down bag at two thirds of the distance.',
                [
                    1 => [Skill::Field, Skill::CoverFirst],
                    2 => [Skill::Field, Skill::CallTheBase],
                    3 => [Skill::Field],
                    4 => [Skill::CoverFirst],
                    5 => [Skill::Field],
                ],
                DrillPlace::anywhere(
                    0.32,
                    [[-0.05, 0.05, 0.28, 0.1]],
                    [['R', 0.0, 0.25], ['', -0.05, 0.05], ['B', 0.28, 0.1]],
                ),
                min: 3,
                max: 8,
                atOnce: 1,
                secondsPerRep: 9,
                throwsPerRep: 1,
                helpers: 0,
                equipment: ['bag' => 1],
                repetition: 'R~a, a>B',
                steps: [
                    'The roller says nothing and rolls left, middle or right; who fields throws, who covers calls.',
                    'Three each, then one place on; a catcher calls the base.',
                ],
                points: ['Around the ball, feet to the bag.', 'Bare hand only when it has stopped.'],
                mistakes: ['Runs straight at it and throws across himself.', 'Covers late and moving.'],
                progression: ['Dead ball.', 'Rolling.', 'Two bags, the voice says which.'],
                beside: 2,
            ),
        ];
    }

    /** @return list<Drill> */
    private function others(): array
    {
        return [
            new Drill(
                'outfield-pairs',
                'Outfield in pairs',
                'OF pairs',
                SkillFamily::Relays,
                'One throws flies and ground balls, one takes them behind the ball and throws back on one hop.',
                [
                    7 => [Skill::BackTurned, Skill::OutfieldGrounder, Skill::OutfieldThrow],
                    8 => [Skill::BackTurned, Skill::OutfieldGrounder, Skill::OutfieldThrow],
                    9 => [Skill::BackTurned, Skill::OutfieldGrounder, Skill::OutfieldThrow],
                ],
                DrillPlace::anywhere(0.34, [[0.0, 0.3, 0.0, -0.3]], [['', 0.0, 0.3], ['', 0.0, -0.3]]),
                min: 2,
                max: 8,
                atOnce: 2,
                secondsPerRep: 16,
                throwsPerRep: 0,
                helpers: 0,
                equipment: [],
                repetition: 'a^b, b>a',
                steps: [
                    'Forty paces: over the glove side, over the throwing side, straight over the head; five each.',
                    'Then ground balls: charge, one hop back to the partner.',
                ],
                points: ['First step back, then look.', 'Catch on the throwing side, moving in.'],
                mistakes: ['Drifts under it.', 'Turns the wrong way and loses it.'],
                progression: ['Tossed.', 'Thrown.', 'Two in a row.'],
                cautions: ['Pairs side by side, throws all one way.'],
                tosses: true,
                beside: 4,
            ),
            new Drill(
                'catchers-in-pairs',
                'Catchers in pairs',
                'Catchers',
                SkillFamily::Runners,
                'Block, frame the feet, quick exchange: one tosses, one works.',
                [
                    1 => [Skill::LooseBall],
                    2 => [Skill::Block, Skill::ThrowToSecond, Skill::LooseBall],
                ],
                DrillPlace::anywhere(0.2, [], [['2', 0.0, -0.1], ['', 0.0, 0.15]]),
                min: 2,
                max: 3,
                atOnce: 1,
                secondsPerRep: 7,
                throwsPerRep: 0,
                helpers: 0,
                equipment: [],
                repetition: 'a>2',
                steps: [
                    'Ten in the dirt left, middle, right; ten exchanges with the feet to second, the ball held.',
                    'A ball that gets away: the partner shouts the side, up and after it.',
                ],
                points: ['Chin down, chest over the ball.', 'Feet and hands arrive together.'],
                mistakes: ['Stabs at it.', 'Stands up before the exchange.'],
                progression: ['Soft ball.', 'From the stance.', 'In no order.'],
                cautions: ['Mask and gear on.'],
                fitsIndoors: true,
                tosses: true,
            ),
            new Drill(
                'comebacker-pairs',
                'Back to the mound in pairs',
                'Mound pairs',
                SkillFamily::GroundBalls,
                'After the motion a rolled ball, turn, say the base, a short throw to a partner’s bag.',
                [1 => [Skill::Comebacker, Skill::DropStepFeed, Skill::CoverFirstOnGrounder]],
                DrillPlace::anywhere(0.2, [], [['1', 0.0, -0.1], ['', 0.0, 0.18]]),
                min: 2,
                max: 8,
                atOnce: 2,
                secondsPerRep: 14,
                throwsPerRep: 0,
                helpers: 0,
                equipment: ['bag' => 1],
                repetition: 'a~1, 1>a',
                steps: [
                    'Motion without a ball, the partner rolls at once; field, feet, soft throw over the bag.',
                    'Every third one: run to the bag, take the partner’s toss on the move.',
                ],
                points: ['Land ready.', 'See the bag before the arm comes up.'],
                mistakes: ['Falls off to the side.', 'Throws while turning.'],
                progression: ['At him.', 'To both sides.', 'Base called late.'],
                fitsIndoors: true,
                tosses: true,
                beside: 4,
            ),
        ];
    }
}
