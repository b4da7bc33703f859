<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan\Codec;

use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Scheme\Branch;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\CoverageLine;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Problem\Problem;

/** A coverage as JSON; its schema is docs/schemas/coverage.json. */
final class CoverageCodec
{
    /** What a coverage is called that says nothing of it. */
    private const UNNAMED = 'own';

    /** @return array<string, mixed> */
    public static function write(Coverage $coverage): array
    {
        return [
            'key' => $coverage->key,
            'name' => $coverage->name,
            'call' => $coverage->call,
            'reason' => $coverage->reason,
            'bases' => array_column($coverage->bases, 'value'),
            'fielders' => Position::numbers($coverage->fielders),
            'early' => Position::numbers($coverage->early),
            'reserve' => Position::numbers($coverage->reserve),
            'depths' => (object) array_map(static fn(NamedDepth $depth): string => $depth->value, $coverage->depths),
            'lines' => array_map(self::writeLine(...), $coverage->lines),
            ...null === $coverage->copyOf ? [] : ['copy_of' => $coverage->copyOf],
            ...null === $coverage->copiedAs ? [] : ['copied_as' => $coverage->copiedAs],
        ];
    }

    /** @throws Problem */
    public static function read(Fields $fields): Coverage
    {
        $depths = [];
        foreach ($fields->enumMap('depths', NamedDepth::class) as $number => $depth) {
            $depths[Position::ofNumber((int) $number)->value] = $depth;
        }
        $name = $fields->text('name', self::UNNAMED);

        return new Coverage(
            $fields->text('key', self::UNNAMED),
            $name,
            $fields->text('call', $name),
            $fields->text('reason'),
            $fields->has('bases') ? $fields->enums('bases', Bases::class) : Bases::cases(),
            Position::ofNumbers($fields->integers('fielders')),
            array_map(self::readLine(...), $fields->each('lines')),
            Position::ofNumbers($fields->integers('early')),
            Position::ofNumbers($fields->integers('reserve')),
            $depths,
            $fields->textOrNull('copy_of'),
            $fields->textOrNull('copied_as'),
        );
    }

    /** @return array<string, mixed> */
    private static function writeLine(CoverageLine $line): array
    {
        return [
            'who' => $line->who->value,
            'job' => $line->job->key(),
            ...[] === $line->when
                ? []
                : ['when' => array_map(static fn(Branch $branch): string => $branch->key(), $line->when)],
        ];
    }

    /** @throws Problem */
    private static function readLine(Fields $line): CoverageLine
    {
        return CoverageLine::in(
            Position::ofNumber($line->whole('who', 0)),
            Job::ofKey($line->text('job')),
            ...array_map(Branch::ofKey(...), $line->texts('when')),
        );
    }
}
