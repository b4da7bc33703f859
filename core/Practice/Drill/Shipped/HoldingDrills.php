<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Drill\Shipped;

use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Ground\DrillPlace;
use FoxCorner\Core\Skill\RuleNeed;
use FoxCorner\Core\Skill\Skill;
use FoxCorner\Core\Skill\SkillFamily;

/** Holding runners and picks: what is legal is for the league's book and the umpire to say. */
final readonly class HoldingDrills implements DrillFamily
{
    public function drills(): array
    {
        $family = SkillFamily::Holding;
        $book = 'Which moves are legal, your league’s book and the umpire decide.';

        return [
            new Drill(
                'hold-and-go',
                'Hold, then go',
                'Hold 1st',
                $family,
                'Heel near the corner of the bag, square to the pitcher; as the pitch goes, shuffle along the ' .
                    'line, not forward.',
                [3 => [Skill::HoldAtFirst, Skill::TagAtBag], 1 => [Skill::PickMove]],
                DrillPlace::at(
                    [0.62, 0.72],
                    0.22,
                    [[0.06, 0.68, 0.68, 0.7]],
                    [['3', 0.68, 0.7], ['1', 0.0, 0.7], ['R', 0.56, 0.82]],
                ),
                min: 2,
                max: 6,
                atOnce: 2,
                secondsPerRep: 15,
                throwsPerRep: 1,
                helpers: 0,
                equipment: ['bucket of balls' => 1],
                steps: [
                    'Pitcher comes set: throws over, or goes home without a ball.',
                    'First baseman tags down and up, or shuffles off two and is set.',
                    'Change after eight.',
                ],
                points: ['Small, quick, feet under the body.', 'Along the line: forward cuts the angle.'],
                mistakes: ['Stands on the bag.', 'Comes off before the pitcher is committed.'],
                progression: ['Throw over only.', 'Mixed.', 'With a runner in a helmet who reads it.'],
                cautions: [$book, 'Count the pitcher’s throws.'],
                needs: RuleNeed::Leads,
            ),
            new Drill(
                'hold-and-read',
                'Hold and read at second',
                'Hold 2nd',
                $family,
                'One holds, the other plays; when he is back at his place the pitch may go.',
                [4 => [Skill::HoldAndRead], 6 => [Skill::HoldAndRead], 1 => [Skill::HoldAndRead, Skill::VaryLooks]],
                DrillPlace::at(
                    [0.0, 1.34],
                    0.26,
                    [],
                    [['6', -0.2, 1.34], ['4', 0.22, 1.38], ['R', -0.12, 1.26], ['1', 0.0, 0.72]],
                ),
                min: 3,
                max: 6,
                atOnce: 3,
                secondsPerRep: 18,
                throwsPerRep: 0,
                helpers: 0,
                equipment: ['helmet' => 1],
                steps: [
                    'A runner leads; who has the bag is settled by a small sign of your own, changed now and then.',
                    'The holder stands still within reach or dances, as your team does it.',
                    'Pitcher looks, waits until the infielder is back, and goes.',
                ],
                points: [
                    'Never pitch while an infielder is out of place.',
                    'The runner past the alarm line: show yourself.',
                ],
                mistakes: ['Both hold, both leave.', 'Pitcher looks the same number of times.'],
                progression: ['Runner stands.', 'Runner moves.', 'Runner may steal.'],
                cautions: ['The runner wears a helmet.'],
                fitsIndoors: true,
                needs: RuleNeed::Leads,
            ),
            new Drill(
                'daylight',
                'Daylight',
                'Daylight',
                $family,
                'The infielder shows himself between runner and bag: the throw comes, and only then.',
                [
                    1 => [Skill::DaylightPick],
                    4 => [Skill::DaylightPick, Skill::TagAtBag],
                    6 => [Skill::DaylightPick, Skill::TagAtBag],
                    8 => [Skill::BackUpSecond],
                ],
                DrillPlace::at(
                    [0.0, 1.38],
                    0.22,
                    [[0.0, 0.74, 0.0, 1.36]],
                    [['6', -0.16, 1.4], ['1', 0.0, 0.7], ['R', -0.1, 1.3], ['8', 0.0, 1.6]],
                ),
                min: 3,
                max: 6,
                atOnce: 2,
                secondsPerRep: 22,
                throwsPerRep: 1,
                helpers: 0,
                equipment: ['bucket of balls' => 1, 'helmet' => 1],
                steps: [
                    'The shortstop decides: break, or stay.',
                    'The lane between runner and bag is open, the glove up in it: throw. He goes back: hold the ball.',
                    'The center fielder comes in behind every throw.',
                ],
                points: ['The pitcher must never be surprised.', 'Throw to the bag, knee high.'],
                mistakes: ['Throws on a feint.', 'Nobody behind it.'],
                progression: ['Every time.', 'Every second time, announced.', 'Shortstop decides.'],
                cautions: [$book, 'The runner wears a helmet.'],
                needs: RuleNeed::Leads,
            ),
            new Drill(
                'timed-pick',
                'On the count',
                'Timed',
                $family,
                'Both count from the set and go on the count.',
                [
                    1 => [Skill::TimedPick],
                    4 => [Skill::TimedPick],
                    6 => [Skill::TimedPick],
                    8 => [Skill::BackUpSecond],
                ],
                DrillPlace::at(
                    [0.0, 1.38],
                    0.22,
                    [[0.0, 0.74, 0.0, 1.34]],
                    [['6', -0.14, 1.4], ['1', 0.0, 0.7], ['8', 0.0, 1.6]],
                ),
                min: 2,
                max: 6,
                atOnce: 2,
                secondsPerRep: 16,
                throwsPerRep: 1,
                helpers: 0,
                equipment: ['bucket of balls' => 1],
                steps: [
                    'Come set; count one thousand one, one thousand two, go.',
                    'The infielder breaks on the count, the pitcher turns on the same count.',
                    'The center fielder counts along and is behind the bag when the ball is.',
                    'Count aloud first, then silently.',
                ],
                points: ['The count starts when the hands stop.', 'Turn the feet first.'],
                mistakes: ['Each has his own count.', 'The turn is so slow that everybody sees it.'],
                progression: ['Aloud.', 'Silently.', 'With a runner who knows it.'],
                cautions: [$book],
                needs: RuleNeed::Leads,
            ),
            new Drill(
                'mixed-looks',
                'Looks that nobody can time',
                'Looks',
                $family,
                'Mix the number of looks and the length of the hold, every pitch.',
                [1 => [Skill::VaryLooks]],
                DrillPlace::anywhere(0.2, [], [['1', 0.0, -0.1], ['R', 0.14, 0.0]]),
                min: 2,
                max: 6,
                atOnce: 2,
                secondsPerRep: 8,
                throwsPerRep: 0,
                helpers: 0,
                equipment: [],
                steps: [
                    'In pairs, no ball. One comes set and goes; the other plays runner and guesses when.',
                    'Looks 0 to 3, hold 1 to 5 seconds, from a list that is drawn.',
                    'Count how often the guess was right: half is too much.',
                ],
                points: ['The longest hold is the best pick.', 'No habit of two.'],
                mistakes: ['Always two looks.', 'The same rhythm with the bases loaded.'],
                progression: ['From the list.', 'Own mix.', 'With a runner and a watch.'],
                fitsIndoors: true,
                needs: RuleNeed::Leads,
            ),
            new Drill(
                'throw-behind',
                'Behind the runner',
                'Behind',
                $family,
                'Catcher to first or second behind a runner who is too far off after the pitch.',
                [
                    2 => [Skill::ThrowBehind],
                    3 => [Skill::ThrowBehind, Skill::TagAtBag],
                    4 => [Skill::ThrowBehind, Skill::TagAtBag],
                    9 => [Skill::BackUpFirst],
                ],
                DrillPlace::at(
                    [0.68, 0.74],
                    0.2,
                    [[0.02, 0.0, 0.66, 0.7]],
                    [['2', 0.0, 0.0], ['3', 0.6, 0.62], ['4', 0.78, 0.86], ['R', 0.6, 0.82]],
                ),
                min: 2,
                max: 6,
                atOnce: 2,
                secondsPerRep: 18,
                throwsPerRep: 1,
                helpers: 0,
                equipment: ['bucket of balls' => 1, 'helmet' => 1],
                steps: [
                    'Catcher receives, comes out of the crouch to the inside, throws to the bag.',
                    'First baseman, or the second baseman behind him, slips in late.',
                    'Right fielder moves on the pitch, behind first.',
                ],
                points: ['To the bag: the fielder will be there.', 'Agree by sign before the pitch.'],
                mistakes: ['Throws without a sign.', 'The tag waits for the runner.'],
                progression: ['No runner.', 'Runner leads and stops.', 'Runner reads it.'],
                cautions: ['The runner wears a helmet.'],
            ),
        ];
    }
}
