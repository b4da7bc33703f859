<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Rule;

use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Alignment\Depth\Shade;
use FoxCorner\Core\Field\Sport;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\BatterTrait;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\PitchSide;
use FoxCorner\Core\People\Pitching;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\PositionGroup;

/**
 * The rules that come with the program, in order: of two that place the same fielder the later one goes.
 * Shades are added. A team may change, reorder, switch off or replace every one of them.
 */
final class ShippedRules
{
    /** @return list<AlignmentRule> */
    public static function all(): array
    {
        return [...self::depths(), ...ShippedShades::all()];
    }

    /** @return list<AlignmentRule> */
    private static function depths(): array
    {
        $early = [Outs::None, Outs::One];
        $third = BasesGroup::RunnerOnThird->bases();
        $both = [Bases::FirstThird, Bases::Loaded];

        return [
            new AlignmentRule(
                'normal',
                'Normal',
                new Condition(),
                [new Placing(Placing::EVERYBODY, NamedDepth::Normal)],
                [],
                'Nothing to be early for: most range.',
            ),
            new AlignmentRule(
                'outfield-power',
                'Outfield, power',
                new Condition(batter: [BatterTrait::Power], notBatter: [BatterTrait::Slaps]),
                [],
                [],
                'More of what a power hitter drives goes to the pull side: five steps round.',
                outfieldTowardPull: 5,
            ),
            new AlignmentRule(
                'outfield-slapper',
                'Outfield, slapper',
                new Condition(
                    batter: [BatterTrait::Slaps],
                    notBatter: [BatterTrait::Power],
                    sports: [Sport::Fastpitch],
                ),
                [new Placing(PositionGroup::Outfield->positions(), NamedDepth::Shallow)],
                [],
                'A slapper drops it short, and the other way: in and round.',
                outfieldTowardPull: -5,
            ),
            new AlignmentRule(
                'outfield-inside',
                'Outfield, pitch inside',
                new Condition(
                    notBatter: [BatterTrait::Slaps],
                    pitching: [Pitching::HitsSpots],
                    pitch: [PitchSide::Inside],
                ),
                [],
                [],
                'A pitch inside is pulled in the air as well: three steps round.',
                outfieldTowardPull: 3,
            ),
            new AlignmentRule(
                'outfield-outside',
                'Outfield, pitch outside',
                new Condition(
                    notBatter: [BatterTrait::Slaps, BatterTrait::Power],
                    pitching: [Pitching::HitsSpots],
                    pitch: [PitchSide::Outside],
                ),
                [],
                [],
                'A pitch outside is lifted the other way: three steps round. On the ground most is pulled yet.',
                outfieldTowardPull: -3,
            ),
            new AlignmentRule(
                'double-play',
                'Double play',
                new Condition(doublePlay: true),
                self::infield(NamedDepth::DoublePlay),
                [],
                'Runner on first, fewer than two out: close enough to second for two.',
            ),
            new AlignmentRule(
                'short-straight-up',
                'Shortstop straight up',
                new Condition(bases: [Bases::FirstSecond], outs: $early, sports: [Sport::Fastpitch]),
                [new Placing([Position::Shortstop], NamedDepth::Normal)],
                [],
                'Third base is the shortstop’s on a bunt and on a steal: straight up, as near to it as to second.',
            ),
            new AlignmentRule(
                'ahead',
                'Ahead by several',
                new Condition(bases: BasesGroup::NobodyOnFirstOneOnThird->bases(), outs: $early, leadFrom: 4),
                self::infield(NamedDepth::Normal),
                [],
                'Ahead by several: the run may score, take the out.',
            ),
            new AlignmentRule(
                'guard',
                'Guard the lines',
                new Condition(
                    bases: BasesGroup::NobodyOnThird->bases(),
                    lastInnings: 2,
                    leadFrom: 1,
                    leadTo: 2,
                    notBatter: [BatterTrait::Slaps],
                ),
                self::guard(),
                [],
                'Late and ahead by little: what gets through stays a single. Nearer, past his backhand is foul.',
                false,
            ),
            new AlignmentRule(
                'guard-two-out',
                'Guard the lines, two out',
                new Condition(
                    bases: $third,
                    outs: [Outs::Two],
                    lastInnings: 2,
                    leadFrom: 1,
                    leadTo: 2,
                    notBatter: [BatterTrait::Slaps],
                ),
                self::guard(),
                [],
                'Late, ahead by little, two out: nothing down a line or over a head.',
                false,
            ),
            new AlignmentRule(
                'halfway',
                'Halfway',
                new Condition(bases: BasesGroup::NobodyOnFirstOneOnThird->bases(), outs: $early, leadTo: 3),
                self::infield(NamedDepth::Halfway),
                [],
                'Runner on third, fewer than two out: look the runner back, take the out; home only on a ball hit ' .
                    'hard at someone.',
            ),
            new AlignmentRule(
                'corners-in',
                'Corners in',
                new Condition(bases: $both, outs: $early, leadFrom: -2, leadTo: 3),
                [new Placing(PositionGroup::Corners->positions(), NamedDepth::In)],
                [],
                'Runners on first and third: the middle for two, the corners in to cut the run off.',
            ),
            new AlignmentRule(
                'slapper-hole',
                'Slapper, left side',
                new Condition(batter: [BatterTrait::Slaps], sports: [Sport::Fastpitch]),
                [],
                [
                    new Shade(Position::Shortstop, 3, 'A slapper hits into the hole on the left: three steps over.'),
                    new Shade(Position::ThirdBase, 1, 'A slapper hits into the hole on the left: a step off the line.'),
                ],
                'A slapper hits into the hole on the left.',
            ),
            new AlignmentRule(
                'slapper',
                'Slapper, soft',
                new Condition(
                    batter: [BatterTrait::Slaps],
                    notBatter: [BatterTrait::Power],
                    sports: [Sport::Fastpitch],
                ),
                [new Placing([Position::Shortstop], NamedDepth::Halfway)],
                [new Shade(Position::Shortstop, 2, 'A soft slapper only puts it there: two steps more.')],
                'A slapper runs with the swing: on the base line, the throw must be short.',
            ),
            new AlignmentRule(
                'in',
                'Infield in',
                new Condition(bases: $third, outs: $early, lastInnings: 2, leadFrom: -1, leadTo: 1),
                [
                    ...self::infield(NamedDepth::In),
                    new Placing(PositionGroup::Outfield->positions(), NamedDepth::Shallow),
                ],
                [],
                'Late, and the run on third decides: it must not score on the ground.',
            ),
            new AlignmentRule(
                'two-ends-it',
                'Two end it',
                new Condition(bases: $both, outs: [Outs::One], lastInnings: 2, leadFrom: 1, leadTo: 1),
                [new Placing(PositionGroup::Middle->positions(), NamedDepth::DoublePlay)],
                [],
                'Ahead by one with one out: two end the inning before the run counts; the corners stay in.',
            ),
            new AlignmentRule(
                'creep',
                'Creep',
                new Condition(
                    bases: $third,
                    outs: $early,
                    lastInnings: 2,
                    leadFrom: -1,
                    leadTo: 1,
                    batter: [BatterTrait::Bunts, BatterTrait::Quick, BatterTrait::TopOfOrder],
                    notBatter: [BatterTrait::Slaps],
                ),
                [new Placing(PositionGroup::Middle->positions(), NamedDepth::Creep)],
                [],
                'This batter reads a drawn-in infield: show halfway, arrive with the pitch.',
                false,
            ),
            new AlignmentRule(
                'winning-run',
                'Winning run on second',
                new Condition(
                    bases: [Bases::Second, Bases::FirstSecond],
                    outs: [Outs::Two],
                    lastInnings: 1,
                    leadFrom: 0,
                    leadTo: 0,
                    half: Half::Bottom,
                ),
                [new Placing(PositionGroup::Outfield->positions(), NamedDepth::Shallow)],
                [],
                'The run on second wins it: a single must be thrown out at the plate.',
            ),
            new AlignmentRule(
                'bunt',
                'Bunt likely',
                new Condition(buntLikely: true),
                [new Placing(PositionGroup::Corners->positions(), NamedDepth::Bunt)],
                [],
                'A bunt is likely: in.',
            ),
            new AlignmentRule(
                'hold',
                'Hold the runner',
                new Condition(bases: BasesGroup::FirstOnlySecondFree->bases(), leads: true),
                [new Placing([Position::FirstBase], NamedDepth::Hold)],
                [],
                'Runner on first may lead: hold at the corner of the bag nearest the pitcher.',
            ),
        ];
    }

    /** @return list<Placing> */
    private static function infield(NamedDepth $depth): array
    {
        return [new Placing(Position::INFIELDERS, $depth)];
    }

    /** @return list<Placing> */
    private static function guard(): array
    {
        return [
            new Placing(PositionGroup::Corners->positions(), NamedDepth::GuardLines),
            new Placing(PositionGroup::Outfield->positions(), NamedDepth::Deep),
        ];
    }
}
