<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Rule;

use FoxCorner\Core\Alignment\Depth\Shade;
use FoxCorner\Core\Field\Sport;
use FoxCorner\Core\Game\BatterTrait;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\PitchSide;
use FoxCorner\Core\People\Pitching;
use FoxCorner\Core\People\Position;

/** The shades that come with the program: each gains outs against the batter it is for. */
final class ShippedShades
{
    /** @return list<AlignmentRule> */
    public static function all(): array
    {
        $trusted = [Pitching::Ordinary, Pitching::HitsSpots];

        return [
            new AlignmentRule(
                'pull',
                'Pull side',
                new Condition(
                    notBatter: [BatterTrait::Slaps],
                    pitching: $trusted,
                    sports: [Sport::Baseball],
                    doublePlay: false,
                ),
                [],
                [],
                'The far middle infielder goes a step toward the side to which the batter pulls.',
                towardPull: 1,
            ),
            new AlignmentRule(
                'pull-softball',
                'Pull side, softball',
                new Condition(
                    notBatter: [BatterTrait::Slaps],
                    pitching: $trusted,
                    sports: [Sport::Fastpitch, Sport::Slowpitch],
                    doublePlay: false,
                ),
                [],
                [],
                'The middle goes toward the side to which the batter pulls: the far one two steps, the near one one.',
                towardPull: 2,
            ),
            new AlignmentRule(
                'power',
                'Power, right-handed',
                new Condition(
                    batter: [BatterTrait::Power],
                    notBatter: [BatterTrait::Left],
                    pitching: $trusted,
                    doublePlay: false,
                ),
                [],
                [new Shade(Position::ThirdBase, 1, 'A power hitter pulls into the hole: a step off the line.')],
                'A power hitter pulls more, and few of those go down the line.',
            ),
            new AlignmentRule(
                'power-left',
                'Power, left-handed',
                new Condition(
                    batter: [BatterTrait::Power],
                    notBatter: [BatterTrait::Right, BatterTrait::Slaps],
                    pitching: $trusted,
                    sports: [Sport::Baseball],
                    doublePlay: false,
                ),
                [],
                [new Shade(Position::FirstBase, 1, 'A power hitter pulls into the hole: a step off the line.')],
                'A power hitter pulls more, and few of those go down the line.',
            ),
            new AlignmentRule(
                'power-left-softball',
                'Power, left-handed, softball',
                new Condition(
                    batter: [BatterTrait::Power],
                    notBatter: [BatterTrait::Right, BatterTrait::Slaps],
                    pitching: $trusted,
                    sports: [Sport::Fastpitch, Sport::Slowpitch],
                    doublePlay: false,
                ),
                [],
                [
                    new Shade(
                        Position::SecondBase,
                        1,
                        'A left-handed power hitter pulls into the hole: a step that way.',
                    ),
                ],
                'A power hitter pulls more; the first baseman is close already, so the second baseman goes.',
            ),
            new AlignmentRule(
                'spots',
                'Pitcher hits spots',
                new Condition(
                    notBatter: [BatterTrait::Slaps],
                    pitching: [Pitching::HitsSpots],
                    doublePlay: false,
                    pitch: [PitchSide::Anywhere, PitchSide::Inside, PitchSide::Dropping],
                ),
                [],
                [],
                'The pitcher hits spots: the ball goes where it is expected, another step.',
                towardPull: 1,
            ),
            new AlignmentRule(
                'outside',
                'Pitch outside, right-handed',
                new Condition(
                    notBatter: [BatterTrait::Slaps, BatterTrait::Power, BatterTrait::Left],
                    pitching: [Pitching::HitsSpots],
                    sports: [Sport::Baseball],
                    leads: true,
                    doublePlay: false,
                    pitch: [PitchSide::Outside],
                ),
                [],
                [new Shade(Position::Shortstop, -1, 'A pitch outside goes up the middle more: a step toward second.')],
                'A pitch outside, put there: fewer into the hole, more up the middle. Most is pulled yet: the second ' .
                    'baseman keeps his step, and against a left-hander nobody gains by another.',
            ),
            new AlignmentRule(
                'inside',
                'Pitch inside',
                new Condition(
                    notBatter: [BatterTrait::Slaps, BatterTrait::Power],
                    pitching: [Pitching::HitsSpots],
                    doublePlay: false,
                    pitch: [PitchSide::Inside],
                ),
                [],
                [],
                'A pitch inside is pulled more, when it is put there: another step. Power is played to pull already.',
                towardPull: 1,
            ),
            new AlignmentRule(
                'dropping',
                'Pitch that drops',
                new Condition(
                    bases: BasesGroup::NobodyOnThird->bases(),
                    notBatter: [BatterTrait::Slaps, BatterTrait::Power],
                    pitching: [Pitching::HitsSpots],
                    buntLikely: false,
                    doublePlay: false,
                    pitch: [PitchSide::Dropping],
                ),
                [],
                [
                    new Shade(
                        Position::ThirdBase,
                        0,
                        'A pitch that drops is topped more often, and the throw from third is long: half a step in.',
                        1,
                    ),
                ],
                'A drop ball or a sinker, put there, is topped more often. Who throws far goes half a step in; the ' .
                    'others need their range more.',
            ),
            new AlignmentRule(
                'short-toward-second',
                'Shortstop toward second',
                new Condition(
                    bases: BasesGroup::FirstOnlySecondFree->bases(),
                    outs: [Outs::None, Outs::One],
                    notBatter: [BatterTrait::Slaps],
                    sports: [Sport::Fastpitch],
                ),
                [],
                [
                    new Shade(
                        Position::Shortstop,
                        -1,
                        'The steal and the bunt both need the shortstop at second: a step closer.',
                    ),
                    new Shade(
                        Position::ThirdBase,
                        2,
                        'The shortstop shades toward second: two steps off the line close the hole.',
                    ),
                ],
                'The steal and the bunt both need the shortstop at second; the third baseman closes the hole.',
            ),
        ];
    }
}
