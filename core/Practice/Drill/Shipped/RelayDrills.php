<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Drill\Shipped;

use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Ground\DrillPlace;
use FoxCorner\Core\Skill\Skill;
use FoxCorner\Core\Skill\SkillFamily;

/** Relays: the line, the voice, lead and trail, who is behind what. */
final readonly class RelayDrills implements DrillFamily
{
    public function drills(): array
    {
        $family = SkillFamily::Relays;

        return [
            new Drill(
                'cutoff-line',
                'On the line',
                'Cutoff',
                $family,
                'The cutoff man is on the straight line between ball and base, at the distance that suits both arms.',
                [
                    3 => [Skill::CutoffLine],
                    4 => [Skill::CutoffLine],
                    5 => [Skill::CutoffLine],
                    6 => [Skill::CutoffLine],
                    7 => [Skill::OutfieldThrow],
                    8 => [Skill::OutfieldThrow],
                    9 => [Skill::OutfieldThrow],
                ],
                DrillPlace::at(
                    [-0.3, 1.85],
                    0.34,
                    [[-0.5, 2.05, 0.0, 1.45]],
                    [['7', -0.5, 2.05], ['6', -0.3, 1.78], ['H', 0.0, 1.45]],
                ),
                min: 3,
                max: 8,
                atOnce: 3,
                secondsPerRep: 26,
                throwsPerRep: 1,
                helpers: 1,
                equipment: ['bucket of balls' => 1, 'cone' => 2],
                repetition: '7>6, 6>H',
                steps: [
                    'Balls lie at three places; the outfielder picks one up on the run.',
                    'The cutoff man lines up by the voice behind him, arms high.',
                    'Catch on the glove side with the feet moving, throw to the helper at the bag.',
                ],
                points: ['Two strides off the line cost a base.', 'Move the feet as it comes.'],
                mistakes: ['Stands and waits, then turns the long way.', 'Too deep for the arm that throws.'],
                progression: ['Half distance.', 'Real distance.', 'Thrown at the ankles and over the head.'],
                cautions: ['Count the throws: half of them at half effort.'],
            ),
            new Drill(
                'four-in-a-line',
                'Four in a line',
                'Line',
                $family,
                'Catch and throw along a line of four, quick feet, glove side: the relay without the running.',
                [
                    3 => [Skill::CutoffLine],
                    4 => [Skill::CutoffLine],
                    5 => [Skill::CutoffLine],
                    6 => [Skill::CutoffLine],
                    7 => [Skill::OutfieldThrow],
                    8 => [Skill::OutfieldThrow],
                    9 => [Skill::OutfieldThrow],
                ],
                DrillPlace::anywhere(
                    0.12,
                    [[-0.45, 0.0, 0.45, 0.0]],
                    [['7', -0.45, 0.0], ['6', -0.15, 0.0], ['4', 0.15, 0.0], ['2', 0.45, 0.0]],
                ),
                min: 4,
                max: 8,
                atOnce: 4,
                secondsPerRep: 14,
                throwsPerRep: 1,
                helpers: 0,
                equipment: ['bucket of balls' => 1],
                repetition: '7>6, 6>4, 4>2',
                steps: [
                    'Four in a line, 20 paces apart; the ball goes down and back.',
                    'The middle two turn glove side with the feet already moving.',
                    'Drop it and everybody runs: two lines race.',
                ],
                points: ['Turn before it arrives.', 'Chest high, glove side.'],
                mistakes: ['Catches flat-footed.', 'Turns to the throwing side.'],
                progression: ['12 paces.', '20 paces.', 'Race.'],
                cautions: ['Warm arms only; stop when accuracy goes.'],
            ),
            new Drill(
                'lead-and-trail',
                'Lead and trail',
                'Tandem',
                $family,
                'Sure extra bases: the lead man by the side of the field, the other some strides behind for the ' .
                    'overthrow or the skip.',
                [
                    4 => [Skill::Tandem],
                    6 => [Skill::Tandem],
                    7 => [Skill::BackTurned, Skill::OutfieldThrow],
                    8 => [Skill::BackTurned, Skill::OutfieldThrow],
                    9 => [Skill::BackTurned, Skill::OutfieldThrow],
                ],
                DrillPlace::at(
                    [0.05, 1.95],
                    0.42,
                    [[0.3, 2.2, 0.0, 1.5]],
                    [['8', 0.3, 2.2], ['4', 0.15, 1.86], ['6', 0.1, 1.72], ['H', 0.0, 1.46]],
                ),
                min: 3,
                max: 8,
                atOnce: 3,
                secondsPerRep: 30,
                throwsPerRep: 1,
                helpers: 1,
                equipment: ['bucket of balls' => 1],
                repetition: '8>4, 4>H',
                steps: [
                    'The outfielder turns his back and runs to a ball on the ground.',
                    'Lead and trail run out, eight to twenty feet apart, in line with the base.',
                    'High: the lead lets it go, the trail has it. Short: the lead steps back to a long hop, or ' .
                    'leaves it.',
                ],
                points: ['The trail man talks.', 'In line with the base of the play.'],
                mistakes: ['Both jump for the same throw.', 'The trail stands beside, not behind.'],
                progression: ['Walk out.', 'Run out.', 'Base called while the ball is in the air.'],
                cautions: ['One takes it, the other gives way: the trail man calls.'],
                sprintsPerRep: 1,
            ),
            new Drill(
                'cut-or-let-it-go',
                'Cut, or let it go',
                'Cut voice',
                $family,
                'Nothing means let it through; “cut” means hold it; a base’s name means cut and throw there.',
                [
                    2 => [Skill::CutoffVoice],
                    3 => [Skill::CutoffVoice, Skill::CutoffLine],
                    5 => [Skill::CutoffVoice, Skill::CutoffLine],
                    1 => [Skill::BackUpHome, Skill::BackUpThrow],
                ],
                DrillPlace::at(
                    [0.1, 0.36],
                    0.34,
                    [[0.42, 1.2, 0.0, 0.04]],
                    [['3', 0.16, 0.5], ['2', 0.0, 0.04], ['1', -0.1, -0.2], ['H', 0.42, 1.2]],
                ),
                min: 3,
                max: 6,
                atOnce: 3,
                secondsPerRep: 22,
                throwsPerRep: 1,
                helpers: 1,
                equipment: ['bucket of balls' => 1],
                repetition: 'H>3, 3>2',
                steps: [
                    'The helper throws from shallow right toward the plate, good ones and bad ones.',
                    'Catcher calls early; the cutoff man fakes, cuts or lets it pass.',
                    'Pitcher reads and is behind the plate, deep.',
                ],
                points: [
                    'Call once, loud, before it reaches the cutoff.',
                    'The cutoff man decoys by facing the trailing runner.',
                ],
                mistakes: ['Cuts a throw that was on its way.', 'Calls too late to act on.'],
                progression: ['Only two words.', 'Three words.', 'With a trailing runner in a helmet.'],
                cautions: ['The catcher wears full gear.'],
            ),
            new Drill(
                'behind-the-throw',
                'Pitcher behind the throw',
                'P backs up',
                $family,
                'One base ahead of the runner, deep, in line: between third and home, read, then behind the right ' .
                    'base.',
                [1 => [Skill::BackUpThrow, Skill::BackUpHome, Skill::BackUpThird]],
                DrillPlace::at(
                    [-0.62, 0.24],
                    0.26,
                    [],
                    [['1', -0.5, 0.2], ['C', -0.72, 0.46], ['C', -0.24, -0.12], ['H', -0.3, 0.4]],
                ),
                min: 1,
                max: 4,
                atOnce: 2,
                secondsPerRep: 15,
                throwsPerRep: 0,
                helpers: 1,
                equipment: ['cone' => 2],
                repetition: '1:C',
                steps: [
                    'Start on the mound side, run to the point between third and home.',
                    'The helper points: third, or home. Be behind it, eight paces deep, before the throw.',
                    'Stop the ball that gets away, look up, run it in.',
                ],
                points: ['Deep beats near.', 'In line with the throw.'],
                mistakes: ['Watches from the mound.', 'Stands so near that the overthrow beats both.'],
                progression: ['Walk the places.', 'Run, helper points.', 'With a throw that gets away.'],
            ),
            new Drill(
                'follow-and-fill',
                'Follow the batter-runner',
                'Follow',
                $family,
                'First baseman sees the touch at first and follows to second; whoever is free fills the bag behind.',
                [
                    3 => [Skill::FollowRunner],
                    2 => [Skill::FollowRunner, Skill::CoverFirst],
                    4 => [Skill::CoverFirst],
                    9 => [Skill::BackUpFirst],
                ],
                DrillPlace::at(
                    [0.46, 1.05],
                    0.3,
                    [],
                    [['3', 0.6, 0.85], ['2', 0.5, 0.62], ['R', 0.5, 0.95], ['H', 0.3, 1.3]],
                ),
                min: 2,
                max: 6,
                atOnce: 2,
                secondsPerRep: 20,
                throwsPerRep: 0,
                helpers: 1,
                equipment: ['helmet' => 1],
                repetition: 'R:0.2/1.25, +3:0.25/1.15, +2:1B, +H>1B',
                steps: [
                    'The runner rounds first; first baseman watches the touch and trails him.',
                    'The helper at second feints a throw behind; who is at first?',
                    'Catcher or right fielder fills it.',
                    'Now and then the runner misses the bag: “appeal”; ball to first, foot on it, ask the umpire.',
                ],
                points: [
                    'See the touch, say it; missed: ask, once the ball is dead or in play again by your book.',
                    'Nobody stands still: without a job, run toward the play.',
                ],
                mistakes: ['First baseman admires the ball.', 'First stays empty.'],
                progression: ['Walk.', 'Run.', 'With a ball.'],
                cautions: ['The runner wears a helmet.'],
            ),
        ];
    }
}
