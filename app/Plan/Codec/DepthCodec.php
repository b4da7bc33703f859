<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan\Codec;

use FoxCorner\App\Plan\Fingerprint;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Alignment\DepthFractions;
use FoxCorner\Core\Alignment\DepthName;
use FoxCorner\Core\Alignment\DepthTable;
use FoxCorner\Core\Alignment\NamedDepth;
use FoxCorner\Core\People\PositionGroup;
use FoxCorner\Core\Problem\Problem;

/** Depths and their names as JSON; those that are as shipped are left out. */
final class DepthCodec
{
    private const GROUPS = [PositionGroup::Corners, PositionGroup::Middle];

    /** @return array<string, mixed> */
    public static function write(DepthTable $table, DepthTable $shipped): array
    {
        $infield = $outfield = $names = [];
        foreach (self::GROUPS as $group) {
            foreach ($table->depthsOf($group) as $depth) {
                $spot = $table->infield($group, $depth);
                $isNew = !\in_array($depth, $shipped->depthsOf($group), true);
                if ($isNew || Fingerprint::of($spot) !== Fingerprint::of($shipped->infield($group, $depth))) {
                    $infield[$group->value][$depth->value] = ['off' => $spot->off, 'back' => $spot->back];
                }
            }
        }
        foreach ($table->depthsOf(PositionGroup::Outfield) as $depth) {
            if ($table->outfieldShare($depth) !== $shipped->outfieldShare($depth)) {
                $outfield[$depth->value] = $table->outfieldShare($depth);
            }
        }
        foreach (NamedDepth::cases() as $depth) {
            if ($table->word($depth) !== $depth->label() || '' !== $table->sign($depth)) {
                $names[$depth->value] = ['word' => $table->word($depth), 'sign' => $table->sign($depth)];
            }
        }

        return array_filter(
            ['infield' => $infield, 'outfield' => $outfield, 'names' => $names],
            static fn(array $part): bool => [] !== $part,
        );
    }

    /** @throws Problem */
    public static function read(Fields $fields, DepthTable $table): DepthTable
    {
        foreach (self::GROUPS as $group) {
            foreach ($fields->within('infield')->map($group->value) as $depth => $spot) {
                $table = $table->withInfield(
                    $group,
                    NamedDepth::from($depth),
                    new DepthFractions($spot->number('off'), $spot->number('back')),
                );
            }
        }
        foreach ($fields->numbers('outfield') as $depth => $share) {
            $table = $table->withOutfield(NamedDepth::from($depth), $share);
        }
        foreach ($fields->map('names') as $depth => $name) {
            $table = $table->withName(
                NamedDepth::from($depth),
                new DepthName($name->text('word'), $name->text('sign')),
            );
        }

        return $table;
    }
}
