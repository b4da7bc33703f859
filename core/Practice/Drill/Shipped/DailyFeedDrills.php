<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Drill\Shipped;

use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Ground\DrillPlace;
use FoxCorner\Core\Skill\Skill;
use FoxCorner\Core\Skill\SkillFamily;

/** Of what everybody does every day the last part: feeds and pivots, and what the others do meanwhile. */
final readonly class DailyFeedDrills implements DrillFamily
{
    public const MIDDLE = 'daily-middle';
    public const TO_SECOND = 'daily-to-second';
    public const CROW_HOP = 'daily-crow-hop';
    public const BLOCK = 'daily-block';

    public function drills(): array
    {
        return [
            new Drill(
                self::MIDDLE,
                'Feeds and pivots in fours',
                'Feeds',
                SkillFamily::Daily,
                'Middle infield: one feed and one pivot in turn, from both sides of the bag.',
                [
                    4 => [Skill::UnderhandFeed, Skill::SideToss, Skill::PivotOfSecond],
                    6 => [Skill::UnderhandFeed, Skill::DropStepFeed, Skill::PivotOfShort],
                ],
                DrillPlace::at(
                    [0.0, 1.35],
                    0.26,
                    [],
                    [['6', -0.2, 1.3], ['6', -0.26, 1.4], ['4', 0.2, 1.3], ['4', 0.26, 1.4]],
                ),
                min: 2,
                max: DailyDrills::ALL,
                atOnce: DailyDrills::ALL,
                secondsPerRep: 26,
                throwsPerRep: 0,
                helpers: 0,
                equipment: [],
                tosses: true,
                repetition: '4:2B, +6>2B, 4>62',
                steps: [
                    'Two on each side of a bag; a ball lies before each feeder, later it is rolled.',
                    'Feed, pivot, the throw goes softly to the next in line; feeder and pivot change lines.',
                    'Twos are enough: one feeds, one pivots, five each.',
                ],
                points: ['Chest high, seen all the way.', 'The pivot is at the bag early, feet wait.'],
                mistakes: ['Flips with the wrist.', 'Drifts over the bag before the feed.'],
                progression: ['Ball lies still.', 'Rolled.', 'Backhand, and from far off.'],
                fitsIndoors: true,
            ),
            new Drill(
                self::TO_SECOND,
                'The throw to second',
                'To second',
                SkillFamily::Daily,
                'Corners and pitchers: turn, find the bag, firm and low over it.',
                [
                    1 => [Skill::Comebacker, Skill::DropStepFeed],
                    3 => [Skill::DropStepFeed],
                    5 => [Skill::DropStepFeed],
                ],
                DrillPlace::at(
                    [0.35, 0.35],
                    0.24,
                    [[0.35, 0.2, 0.35, 0.55]],
                    [['1', 0.3, 0.2], ['3', 0.4, 0.2], ['C', 0.35, 0.55]],
                ),
                min: 1,
                max: DailyDrills::ALL,
                atOnce: DailyDrills::ALL,
                secondsPerRep: 20,
                throwsPerRep: 0,
                helpers: 0,
                equipment: [],
                tosses: true,
                repetition: '1~3, 3>C',
                steps: [
                    'Pairs or threes at a throw-down bag, at half speed.',
                    'Rolled at him, to both sides; say where the ball is before the turn.',
                ],
                points: ['Feet before arm.', 'Over the near corner of the bag.'],
                mistakes: ['Throws while still turning.', 'Aims at the man, not at the bag.'],
                progression: ['Ball lies still.', 'Rolled.', 'Two bags, the voice says which.'],
                fitsIndoors: true,
            ),
            new Drill(
                self::CROW_HOP,
                'Crow hop and release',
                'Crow hop',
                SkillFamily::Daily,
                'Outfielders: glove side to throwing side in one hop, at half distance.',
                array_fill_keys([7, 8, 9], [Skill::OutfieldThrow]),
                DrillPlace::at([0.6, 1.9], 0.2, [[0.6, 2.0, 0.6, 1.7]], [['7', 0.55, 2.0], ['9', 0.65, 1.7]]),
                min: 1,
                max: DailyDrills::ALL,
                atOnce: DailyDrills::ALL,
                secondsPerRep: 16,
                throwsPerRep: 0,
                helpers: 0,
                equipment: [],
                tosses: true,
                repetition: '7>9',
                steps: [
                    'Pairs, one ball tossed up by oneself; catch behind it, hop, throw chest high.',
                    'Then rolled.',
                ],
                points: ['The hop gains ground.', 'Chin to the target.'],
                mistakes: ['Hops up, not on.', 'Catches flat-footed.'],
                progression: ['Without a ball.', 'Tossed up.', 'Rolled, then from a fly.'],
            ),
            new Drill(
                self::BLOCK,
                'Block and exchange',
                'Block',
                SkillFamily::Daily,
                'Catchers: chest over the ball, chin down; then glove to hand without a throw.',
                [2 => [Skill::Block, Skill::ThrowToSecond]],
                DrillPlace::at([0.0, -0.05], 0.14, [], [['2', 0.0, -0.05], ['H', 0.0, 0.15]]),
                min: 1,
                max: DailyDrills::ALL,
                atOnce: DailyDrills::ALL,
                secondsPerRep: 15,
                throwsPerRep: 0,
                helpers: 0,
                equipment: [],
                tosses: false,
                repetition: 'H>2',
                steps: [
                    'Tossed into the dirt by a partner, left, middle, right.',
                    'Every third ball: catch, exchange, feet to second, no throw.',
                ],
                points: ['Round back, hands first.', 'The ball stays within a step.'],
                mistakes: ['Catches what should be blocked.', 'Turns the head.'],
                progression: ['Soft ball, knees.', 'From the stance.', 'Firm, in no order.'],
                cautions: ['Mask and gear on.'],
                fitsIndoors: true,
            ),
        ];
    }
}
