<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Drill\Shipped;

use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Ground\DrillPlace;
use FoxCorner\Core\Skill\Skill;
use FoxCorner\Core\Skill\SkillFamily;

/** What only works with many: rounds as one unit, live situations without a whole team, everybody runs somewhere. */
final readonly class TeamDrills implements DrillFamily
{
    public function drills(): array
    {
        $family = SkillFamily::Team;

        return [
            new Drill(
                'unit-rounds',
                'Rounds as one infield',
                'Rounds',
                $family,
                'Outs at first, then two, then slow rollers: one ball, everybody watches one player, as in a game.',
                [
                    1 => [Skill::UnitRounds],
                    2 => [Skill::UnitRounds],
                    3 => [Skill::UnitRounds, Skill::ShortHopsAtFirst],
                    4 => [Skill::UnitRounds, Skill::GroundBall],
                    5 => [Skill::UnitRounds, Skill::GroundBall],
                    6 => [Skill::UnitRounds, Skill::GroundBall],
                ],
                DrillPlace::at(
                    [0.0, 0.95],
                    0.72,
                    [],
                    [
                        ['1', 0.0, 0.7],
                        ['2', 0.0, 0.0],
                        ['3', 0.6, 0.9],
                        ['4', 0.35, 1.2],
                        ['5', -0.6, 0.9],
                        ['6', -0.35, 1.2],
                        ['H', 0.1, 0.05],
                    ],
                ),
                min: 5,
                max: 12,
                atOnce: 6,
                secondsPerRep: 50,
                throwsPerRep: 1,
                helpers: 1,
                equipment: ['bucket of balls' => 1],
                repetition: 'H~6, +3:1B, 6>1B',
                steps: [
                    'Round one: outs at first. Round two: double plays. Round three: slow rollers.',
                    'The catcher calls every ball.',
                    'A bad throw is thrown again.',
                ],
                points: ['Everybody has a job on every ball.', 'Count the clean ones aloud.'],
                mistakes: [
                    'The ball is hit before everybody is ready.',
                    'Outfielders of the day stand around: give them the runners’ part.',
                ],
                progression: ['Rolled.', 'Hit.', 'Ten clean in a row or start again.'],
                isHit: true,
            ),
            new Drill(
                'everybody-runs',
                'Everybody runs somewhere',
                'Jobs',
                $family,
                'No ball is thrown: a spot is called, nine run to their jobs and freeze; the coach looks who ' .
                    'stands still.',
                array_fill_keys(range(1, 9), [Skill::LiveSituation]),
                DrillPlace::at(
                    [0.0, 1.1],
                    1.0,
                    [],
                    array_map(static fn(int $number, array $at): array => [(string) $number, ...$at], range(1, 9), [
                        [0.0, 0.7],
                        [0.0, 0.0],
                        [0.6, 0.9],
                        [0.35, 1.2],
                        [-0.6, 0.9],
                        [-0.35, 1.2],
                        [-0.8, 1.8],
                        [0.0, 2.0],
                        [0.8, 1.8],
                    ]),
                ),
                min: 9,
                max: 18,
                atOnce: 9,
                secondsPerRep: 30,
                throwsPerRep: 0,
                helpers: 0,
                equipment: [],
                repetition: '5:-0.3/0.4, +1:-0.2/0.45, +3:0.4/0.5, +4:1B, +6:2B, +2:-0.1/0.2, ' .
                    '+7:-0.75/0.95, +8:0/1.75, +9:0.95/0.95',
                steps: [
                    '“Runner on first, nobody out, bunt to third.” Everybody runs, then freezes.',
                    'Each says his job in three words.',
                    'A fielder without one runs toward the play.',
                ],
                points: ['Moving before the ball lands.', 'Wrong is better than still.'],
                mistakes: ['Looks at the neighbour first.'],
                progression: ['Bunts.', 'Singles.', 'Extra bases.'],
                fitsIndoors: false,
                sprintsPerRep: 1,
            ),
            new Drill(
                'small-live',
                'Live with four and a runner',
                'Small live',
                $family,
                'A corner of the game: pitcher, catcher, two infielders, one runner, one ball.',
                [
                    1 => [Skill::LiveSituation],
                    2 => [Skill::LiveSituation, Skill::CallTheBase],
                    3 => [Skill::LiveSituation],
                    4 => [Skill::LiveSituation],
                    5 => [Skill::LiveSituation],
                    6 => [Skill::LiveSituation],
                ],
                DrillPlace::at(
                    [0.15, 0.55],
                    0.5,
                    [[0.1, 0.2, 0.68, 0.7]],
                    [
                        ['1', 0.0, 0.7],
                        ['2', 0.0, 0.0],
                        ['3', 0.45, 0.65],
                        ['4', 0.4, 0.95],
                        ['R', 0.55, 0.8],
                        ['H', 0.1, 0.1],
                    ],
                ),
                min: 4,
                max: 8,
                atOnce: 4,
                secondsPerRep: 40,
                throwsPerRep: 1,
                helpers: 1,
                equipment: ['bucket of balls' => 1, 'helmet' => 1],
                repetition: 'H~4, +3:1B, 4>1B',
                steps: [
                    'Set outs and runner; the helper rolls a bunt or a ground ball.',
                    'Play it out to the end, then everybody says the next situation.',
                    'Change the runner every three.',
                ],
                points: ['Before the ball: outs, runner, what do I do with it.', 'One voice.'],
                mistakes: ['Plays on after the first mistake as if nothing were.'],
                progression: ['Announced.', 'Not announced.', 'Score and inning.'],
                cautions: ['The runner wears a helmet.'],
            ),
            new Drill(
                'easy-feet',
                'Easy feet, sore arms welcome',
                'Feet',
                $family,
                'Footwork without a throw: shuffle, drop-step, pivot steps, tags; for those who may not throw today.',
                array_fill_keys([1, 2], [Skill::ReadHops]) +
                    array_fill_keys([3, 4, 5, 6], [Skill::ReadHops, Skill::TagAtBag]) +
                    array_fill_keys([7, 8, 9], [Skill::BackTurned]),
                DrillPlace::anywhere(0.18, [], [['4', -0.08, 0.04], ['6', 0.08, 0.04], ['C', 0.0, 0.12]]),
                min: 1,
                max: 8,
                atOnce: 8,
                secondsPerRep: 20,
                throwsPerRep: 0,
                helpers: 0,
                equipment: ['cone' => 4],
                steps: [
                    'Four cones, half a minute each: shuffle, drop-step, pivot, down-and-up.',
                    'Rolled balls for those who may; nobody throws.',
                    'Partners correct each other.',
                ],
                points: ['Low, quiet head.', 'Quality over speed.'],
                mistakes: ['Turns into a chat.'],
                progression: ['Without a ball.', 'With a rolled ball.', 'Against the clock.'],
                cautions: ['Whoever treats the player decides what is allowed today.'],
                fitsIndoors: true,
            ),
        ];
    }
}
