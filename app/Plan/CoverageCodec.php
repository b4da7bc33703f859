<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Alignment\NamedDepth;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\InvalidValue;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Bunt\BuntCoverage;
use FoxCorner\Core\Play\Bunt\BuntTask;
use FoxCorner\Core\Play\Bunt\CoverageLine;

/** A bunt coverage of a team's own as JSON. */
final class CoverageCodec
{
    /** @return array<string, mixed> */
    public static function write(BuntCoverage $coverage): array
    {
        return [
            'key' => $coverage->key(), 'name' => $coverage->name(), 'call' => $coverage->call(), 'reason' => $coverage->reason(), 'bases' => array_column($coverage->bases, 'value'),
            'fielders' => Position::numbers($coverage->fielders()), 'early' => Position::numbers($coverage->early()), 'reserve' => Position::numbers($coverage->reserve),
            'depths' => (object) array_map(static fn(NamedDepth $depth): string => $depth->value, $coverage->depths), 'copy_of' => $coverage->copyOf, 'copied_as' => $coverage->copiedAs,
            'lines' => array_map(static fn(CoverageLine $line): array => ['who' => $line->who->value, 'task' => BuntTask::ofJob($line->job)->value, 'when' => Position::numbers($line->whenFieldedBy)], $coverage->lines),
        ];
    }

    /** @throws InvalidValue */
    public static function read(Fields $fields): BuntCoverage
    {
        $depths = [];
        foreach ($fields->enumMap('depths', NamedDepth::class) as $number => $depth) {
            $depths[(int) $number] = $depth;
        }

        return new BuntCoverage(
            $fields->text('key'), $fields->text('name'), $fields->text('call'), $fields->text('reason'), $fields->enums('bases', Bases::class), Position::ofNumbers($fields->integers('fielders')),
            array_map(static fn(Fields $line): CoverageLine => CoverageLine::when(
                Position::ofNumber($line->whole('who', 0)), $line->enum('task', BuntTask::class)->job(), ...Position::ofNumbers($line->integers('when')),
            ), $fields->each('lines')),
            Position::ofNumbers($fields->integers('early')), Position::ofNumbers($fields->integers('reserve')), $depths, '' === $fields->text('copy_of') ? null : $fields->text('copy_of'), '' === $fields->text('copied_as') ? null : $fields->text('copied_as'),
        );
    }
}
