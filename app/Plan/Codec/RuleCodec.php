<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan\Codec;

use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Alignment\Depth\Shade;
use FoxCorner\Core\Alignment\Rule\AlignmentRule;
use FoxCorner\Core\Alignment\Rule\Condition;
use FoxCorner\Core\Alignment\Rule\Placing;
use FoxCorner\Core\Field\Sport;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\BatterTrait;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\PitchSide;
use FoxCorner\Core\People\Pitching;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** A rule as JSON; what does not matter is left out. */
final class RuleCodec
{
    /** @return array<string, mixed> */
    public static function write(AlignmentRule $rule): array
    {
        return array_filter(
            [
                'id' => $rule->id,
                'name' => $rule->name,
                'on' => $rule->isOn,
                'when' => (object) self::writeCondition($rule->when),
                'places' => array_map(
                    static fn(Placing $placing): array => [
                        'positions' => array_map(
                            static fn(Position $position): int => $position->value,
                            $placing->positions,
                        ),
                        'depth' => $placing->depth->value,
                    ],
                    $rule->placings,
                ),
                'shades' => array_map(
                    static fn(Shade $shade): array => array_filter(
                        [
                            'position' => $shade->position->value,
                            'steps' => $shade->steps,
                            'reason' => $shade->reason,
                            'half_steps_in' => $shade->halves,
                        ],
                        static fn(mixed $value): bool => 0 !== $value,
                    ),
                    $rule->shades,
                ),
                'toward_pull' => $rule->towardPull,
                'outfield_toward_pull' => $rule->outfieldTowardPull,
                'reason' => $rule->reason,
            ],
            static fn(mixed $value): bool => [] !== $value && 0 !== $value,
        );
    }

    /** @throws Problem */
    public static function read(Fields $fields): AlignmentRule
    {
        $placings = array_map(static function (Fields $place): Placing {
            $positions = array_map(Position::ofNumber(...), $place->integers('positions'));

            return new Placing(
                [] !== $positions
                    ? $positions
                    : throw Refused::because('places', 'nobody is named', 'position numbers 1 to 9'),
                $place->enum('depth', NamedDepth::class),
            );
        }, $fields->each('places'));

        return new AlignmentRule(
            $fields->text('id'),
            $fields->text('name'),
            self::readCondition($fields->within('when')),
            $placings,
            array_map(
                static fn(Fields $shade): Shade => new Shade(
                    Position::ofNumber($shade->whole('position', 0)),
                    $shade->whole('steps', 0),
                    $shade->text('reason'),
                    $shade->whole('half_steps_in', 0),
                ),
                $fields->each('shades'),
            ),
            $fields->text('reason'),
            $fields->flag('on') ?? true,
            $fields->whole('toward_pull', 0),
            $fields->whole('outfield_toward_pull', 0),
        );
    }

    /** @return array<string, mixed> */
    private static function writeCondition(Condition $when): array
    {
        $values = static fn(array $cases): array => array_column($cases, 'value');

        return array_filter(
            [
                'bases' => $values($when->bases),
                'outs' => $values($when->outs),
                'last_innings' => $when->lastInnings,
                'lead_from' => $when->leadFrom,
                'lead_to' => $when->leadTo,
                'batter' => $values($when->batter),
                'not_batter' => $values($when->notBatter),
                'two_strikes' => $when->twoStrikes,
                'pitching' => $values($when->pitching),
                'sports' => $values($when->sports),
                'leads' => $when->leads,
                'bunt_likely' => $when->buntLikely,
                'double_play' => $when->doublePlay,
                'half' => $when->half?->value,
                'pitch' => $values($when->pitch),
            ],
            static fn(mixed $value): bool => null !== $value && [] !== $value,
        );
    }

    private static function readCondition(Fields $when): Condition
    {
        return new Condition(
            $when->enums('bases', Bases::class),
            $when->enums('outs', Outs::class),
            $when->wholeOrNull('last_innings'),
            $when->wholeOrNull('lead_from'),
            $when->wholeOrNull('lead_to'),
            $when->enums('batter', BatterTrait::class),
            $when->enums('not_batter', BatterTrait::class),
            $when->flag('two_strikes'),
            $when->enums('pitching', Pitching::class),
            $when->enums('sports', Sport::class),
            $when->flag('leads'),
            $when->flag('bunt_likely'),
            $when->flag('double_play'),
            $when->has('half') ? $when->enum('half', Half::class) : null,
            $when->enums('pitch', PitchSide::class),
        );
    }
}
