<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Drill\Shipped;

use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Ground\DrillPlace;
use FoxCorner\Core\Skill\Skill;
use FoxCorner\Core\Skill\SkillFamily;

/**
 * What everybody does every day: catch, hands, fielded and thrown, feeds and pivots. Everybody works: the seconds are
 * those from one repetition of a player to his next, with the line or the pair that is usual. They are ours, from
 * experience.
 */
final readonly class DailyDrills implements DrillFamily
{
    public const CATCH = 'daily-catch';
    public const HANDS = 'daily-hands';
    public const FIELDED = 'daily-fielded';
    public const CUTOFF = 'daily-cutoff';
    /** Instead of what somebody may not do. */
    public const FEET = 'daily-feet';

    public const ALL = 30;

    public function drills(): array
    {
        return [...$this->everybody(), $this->feet(), ...$this->thrown()];
    }

    /** @return list<Drill> */
    private function everybody(): array
    {
        return [
            new Drill(
                self::CATCH,
                'Catch, to a target',
                'Catch',
                SkillFamily::Daily,
                'Every throw at a target that is named; the last minute by quick release.',
                array_fill_keys(range(1, 9), [Skill::Catch]),
                DrillPlace::at([-0.5, 0.25], 0.2, [[-0.7, 0.25, -0.3, 0.25]], [['', -0.7, 0.25], ['', -0.3, 0.25]]),
                min: 1,
                max: self::ALL,
                atOnce: self::ALL,
                secondsPerRep: 7,
                throwsPerRep: 0,
                helpers: 0,
                equipment: [],
                tosses: true,
                repetition: 'a>b',
                steps: [
                    'In pairs, one ball; who is left over makes a three.',
                    'Name the target: chest, throwing side, glove side, knee.',
                    'Last minute: catch, feet, out of the glove; count to the first ball dropped.',
                ],
                points: ['Two hands near the throwing shoulder.', 'The feet move before the ball is there.'],
                mistakes: ['Catches standing still and reaches.', 'Throws without having looked at the target.'],
                progression: ['Near, slowly.', 'Back to back-to-front distance.', 'Quick release, against the watch.'],
                cautions: ['All throw the same way; nobody walks between pairs.'],
                fitsIndoors: true,
            ),
            new Drill(
                self::HANDS,
                'Hands in pairs',
                'Hands',
                SkillFamily::Daily,
                'Rolled in pairs: at him, glove side, backhand, short hops, from the knees first.',
                [3 => [Skill::ReadHops, Skill::ShortHopsAtFirst]] +
                    array_fill_keys([1, 2, 4, 5, 6], [Skill::ReadHops]) +
                    array_fill_keys([7, 8, 9], [Skill::OutfieldGrounder]),
                DrillPlace::at([0.5, 0.25], 0.16, [], [['', 0.4, 0.25], ['', 0.6, 0.25]]),
                min: 1,
                max: self::ALL,
                atOnce: self::ALL,
                secondsPerRep: 8,
                throwsPerRep: 0,
                helpers: 0,
                equipment: [],
                tosses: false,
                repetition: 'a~b',
                steps: [
                    'Ten feet apart, one ball, rolled by hand.',
                    'Knees: five at him, five glove side, five backhand, five short hops; then on the feet.',
                    'First basemen: all short hops, foot on a throw-down bag.',
                ],
                points: ['Glove open and low, out in front.', 'The nose follows the ball into the glove.'],
                mistakes: ['Glove comes down from above.', 'Head turns away on the short hop.'],
                progression: ['Knees.', 'On the feet.', 'Two balls in turn.'],
                cautions: ['Soft balls in a hall, or where the floor asks for it.'],
                fitsIndoors: true,
            ),
        ];
    }

    private function feet(): Drill
    {
        return new Drill(
            self::FEET,
            'Feet and glove, no throw',
            'Feet',
            SkillFamily::Daily,
            'For who may not throw, or has nobody for his part: rolled softly, held, feet to the base.',
            [1 => [Skill::ReadHops], 2 => [Skill::ReadHops]] +
                array_fill_keys([3, 4, 5, 6], [Skill::ReadHops, Skill::TagAtBag]) +
                array_fill_keys([7, 8, 9], [Skill::BackTurned]),
            DrillPlace::at([-0.75, 0.35], 0.14, [], [['', -0.8, 0.35], ['', -0.7, 0.35]]),
            min: 1,
            max: self::ALL,
            atOnce: self::ALL,
            secondsPerRep: 12,
            throwsPerRep: 0,
            helpers: 0,
            equipment: [],
            repetition: 'a~b',
            steps: [
                'A partner or a helper rolls; field, feet to the base, hold the ball.',
                'Every fifth one: down with the tag, and up. Outfielders: drop-step and look over the shoulder.',
            ],
            points: ['The feet end as for a throw.', 'Slow is fine.'],
            mistakes: ['Throws after all.'],
            progression: ['Walked.', 'At half speed.', 'At speed.'],
            cautions: ['Whoever treats the player says what he may do.'],
            fitsIndoors: true,
        );
    }

    /** @return list<Drill> */
    private function thrown(): array
    {
        return [
            new Drill(
                self::FIELDED,
                'Fielded and thrown',
                'Fielded',
                SkillFamily::Daily,
                'One who hits or rolls for three or four infielders; every ball is thrown to a base.',
                [
                    3 => [Skill::GroundBall, Skill::ShortHopsAtFirst],
                    4 => [Skill::GroundBall],
                    5 => [Skill::GroundBall],
                    6 => [Skill::GroundBall],
                ],
                DrillPlace::at(
                    [0.0, 0.9],
                    0.62,
                    [[-0.5, 1.0, 0.7, 0.7], [0.35, 1.2, 0.7, 0.7]],
                    [['5', -0.6, 0.9], ['6', -0.35, 1.2], ['4', 0.35, 1.2], ['3', 0.7, 0.7], ['H', -0.1, 0.05]],
                ),
                min: 2,
                max: self::ALL,
                atOnce: self::ALL,
                secondsPerRep: 24,
                throwsPerRep: 1,
                helpers: 0,
                equipment: [],
                tosses: false,
                repetition: 'H~6, 6>3',
                steps: [
                    'A helper, or a player who changes, rolls or hits to each line; the next ball as the throw lands.',
                    'Without a grown-up: threes of roller, fielder, target; ten balls, then change.',
                    'First basemen receive, and field every fourth ball.',
                ],
                points: ['Feet through the ball, toward the base.', 'Chest high to the bag, every time.'],
                mistakes: ['Fields and then looks for the feet.', 'Waits for the hop.'],
                progression: ['Rolled.', 'Hit.', 'Hit to both sides, in no order.'],
                fitsIndoors: true,
            ),
            new Drill(
                self::CUTOFF,
                'To a cutoff',
                'Cutoff',
                SkillFamily::Daily,
                'Outfielders and pitchers: through the ball, one hop or chest high to the cutoff.',
                [1 => [Skill::OutfieldThrow], 2 => [Skill::TagFromOutfield]] +
                    array_fill_keys([7, 8, 9], [Skill::OutfieldGrounder, Skill::OutfieldThrow]),
                DrillPlace::at(
                    [0.0, 2.0],
                    0.4,
                    [[0.0, 2.2, 0.0, 1.5]],
                    [['7', -0.3, 2.2], ['8', 0.0, 2.25], ['9', 0.3, 2.2], ['C', 0.0, 1.5]],
                ),
                min: 2,
                max: self::ALL,
                atOnce: self::ALL,
                secondsPerRep: 27,
                throwsPerRep: 1,
                helpers: 0,
                equipment: [],
                tosses: false,
                repetition: 'C~8, 8>C',
                steps: [
                    'Threes: one rolls and is the cutoff, one fields, one backs up; change every five.',
                    'Catchers take the throw at a cone and tag.',
                ],
                points: ['The cutoff’s hands are up before the ball is fielded.', 'Low rather than over him.'],
                mistakes: ['Stops to field, then starts to throw.', 'Nobody calls.'],
                progression: ['Rolled at him.', 'To both sides.', 'The cutoff goes on to a second one.'],
            ),
        ];
    }
}
