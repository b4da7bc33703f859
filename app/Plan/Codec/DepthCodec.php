<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan\Codec;

use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Alignment\Depth\DepthFractions;
use FoxCorner\Core\Alignment\Depth\DepthName;
use FoxCorner\Core\Alignment\Depth\DepthTable;
use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Problem\Problem;

/** Depths and their names as JSON; those that are as shipped are left out. */
final class DepthCodec
{
    /** @return array<string, mixed> */
    public static function write(DepthTable $table, DepthTable $shipped): array
    {
        $infield = $outfield = $names = [];
        foreach (Position::INFIELDERS as $position) {
            foreach ($table->depthsOf($position) as $depth) {
                $spot = $table->infield($position, $depth);
                $isNew = !\in_array($depth, $shipped->depthsOf($position), true);
                if ($isNew || Fingerprint::of($spot) !== Fingerprint::of($shipped->infield($position, $depth))) {
                    $infield[$position->value][$depth->value] = ['off' => $spot->off, 'back' => $spot->back];
                }
            }
        }
        foreach ($table->depthsOf(Position::CenterField) as $depth) {
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
            ['infield' => (object) $infield, 'outfield' => $outfield, 'names' => $names],
            static fn(array|object $part): bool => [] !== (array) $part,
        );
    }

    /** @throws Problem */
    public static function read(Fields $fields, DepthTable $table): DepthTable
    {
        foreach (Position::INFIELDERS as $position) {
            foreach ($fields->within('infield')->map((string) $position->value) as $depth => $spot) {
                $table = $table->withInfield(
                    $position,
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
