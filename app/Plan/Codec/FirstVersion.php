<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan\Codec;

use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\CoveragePrint;
use FoxCorner\Core\Problem\Problem;

/** A plan's document of the first version, in which only bunts were known, as the second has it: plays by family. */
final class FirstVersion
{
    private const BUNT = 'bunt';

    /** What the shipped coverages looked like to the first version, and what the same ones look like to this. */
    private const PRINTS = [
        '875d1f5df522f4ac9dd64a8d473d4a75' => 'a61782491d7768bd2f1aa16899876a59', // corners in, nobody on
        '0917edab8b7f0f91cb89c6515593718f' => '5e3cdb83db3880511617689192c22398', // first stays, nobody on
        'b41fc9da414985a8d7cbab9d14a0db41' => 'ff1b1ff646da8aa2d3d99ca7498f8053', // corners crash, first
        '2f83eac8717069fca0d0039f3c1f1111' => '5a72162f5bd5d297a5c55bb4193bde81', // first stays, first
        '7bdf5b913aa57184bef64d9bbe718ade' => '4b44ace7d48c0982cd27d671839b3940', // third reads
        '082129f5d8a25ee9b5cc75ecd6d1ba58' => '6bba2acb44947414728a5821d01cc989', // wheel
        'cef4b8e5100c70fa587ee52903e8870c' => 'ec64ac523cef92e8a3725d410cf89f9f', // corners crash, second or third
        '5143dd6982f64175b52d2e50ad0fa0d8' => 'e4132ea3c0fcd638cbb936defa731c8e', // wheel feint
        '074f9f30398e795fe346564a30e57fb0' => 'c6a8dd4165b022ca940c1fb8a4af625a', // catcher stays
    ];

    /** @throws Problem when a coverage cannot be read */
    public static function upgraded(Fields $document): Fields
    {
        $values = $document->all();
        $own = array_map(self::coverage(...), $document->each('own'));
        $prints = self::PRINTS;
        foreach ($own as $coverage) {
            $prints[FirstPrint::of($coverage)] = CoveragePrint::of($coverage);
        }
        $plays = array_filter(
            [
                'own' => array_map(
                    static fn(Coverage $coverage): array => CoverageCodec::write(self::printed($coverage, $prints)),
                    $own,
                ),
                'choices' => $values['coverages'] ?? [],
                'policies' => $values['policies'] ?? [],
            ],
            static fn(mixed $part): bool => [] !== $part,
        );
        unset($values['own'], $values['coverages'], $values['policies']);

        return Fields::of([
            'version' => 2,
            ...$values,
            ...[] === $plays ? [] : ['plays' => [self::BUNT => $plays]],
        ]);
    }

    private static function coverage(Fields $coverage): Coverage
    {
        $lines = array_map(
            static fn(Fields $line): array => [
                'who' => $line->whole('who', 0),
                'job' => $line->text('task'),
                'when' => array_map(static fn(int $number): string => "fielded:$number", $line->integers('when')),
            ],
            $coverage->each('lines'),
        );

        return CoverageCodec::read(Fields::of(['lines' => $lines] + $coverage->all()));
    }

    /**
     * A copy remembers what its original looked like; what is not known any more stays as it is, and is then another.
     *
     * @param array<string, string> $prints
     */
    private static function printed(Coverage $coverage, array $prints): Coverage
    {
        $copiedAs = null === $coverage->copiedAs ? null : $prints[$coverage->copiedAs] ?? $coverage->copiedAs;

        return new Coverage(
            $coverage->key,
            $coverage->name,
            $coverage->call,
            $coverage->reason,
            $coverage->bases,
            $coverage->fielders,
            $coverage->lines,
            $coverage->early,
            $coverage->reserve,
            $coverage->depths,
            $coverage->copyOf,
            $copiedAs,
        );
    }
}
