<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Question;

use FoxCorner\App\CommandLine\Input\Question;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Family\Looks\Look;
use FoxCorner\Core\Family\Looks\LookMix;
use FoxCorner\Core\Family\Looks\LooksDrawn;
use FoxCorner\Core\Family\Looks\Observer;
use FoxCorner\Core\Problem\Refused;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Looks at a runner: drawn for the next pitches, or a list of them scored. */
final readonly class LooksQuestion implements Question
{
    public function answer(Fields $input): array
    {
        $mix = LookMix::of(
            array_map(intval(...), self::numbers($input, 'looks', [0.0, 1.0, 2.0, 3.0])),
            self::numbers($input, 'hold_s', [1.0, 2.0, 3.0, 4.0, 5.0]),
            self::numbers($input, 'weights', []),
        );
        if ($input->has('sequence')) {
            $seen = self::sequence($input);

            return ['pitches' => null, ...self::scored(Observer::of($seen), $mix->chance())];
        }
        if (!$input->has('pitches')) {
            throw Refused::because('pitches', 'it is missing', 'a whole number from 1 to 200, or a sequence');
        }
        $drawn = LooksDrawn::draw(
            $mix,
            $input->whole('pitches', 1),
            new Randomizer(new Mt19937($input->whole('seed', 0))),
        );

        return [
            'pitches' => array_map(
                static fn(Look $look): array => ['looks' => $look->looks, 'hold_s' => $look->hold],
                $drawn->pitches,
            ),
            ...self::scored($drawn->observer, $mix->chance()),
        ];
    }

    /** @return array<string, mixed> */
    private static function scored(Observer $observer, float $chance): array
    {
        return [
            'predictability' => round($observer->right, 4),
            'chance' => round($observer->luck($chance), 4),
            'longest_row' => $observer->longest,
            'flagged' => $observer->knows($chance),
        ];
    }

    /**
     * @param list<float> $usual
     *
     * @return list<float>
     */
    private static function numbers(Fields $input, string $name, array $usual): array
    {
        if (!$input->has($name)) {
            return $usual;
        }

        return array_map(
            static fn(mixed $value): float => \is_int($value) || \is_float($value)
                ? (float) $value
                : throw Refused::because($name, 'one is no number', 'numbers'),
            array_values($input->within($name)->all()),
        );
    }

    /** @return list<int> numbers of looks, bare or in objects */
    private static function sequence(Fields $input): array
    {
        return array_map(
            static fn(mixed $one): int => \is_int($one)
                ? $one
                : (\is_array($one)
                    ? Fields::of($one)->whole('looks', 0)
                    : 0),
            array_values($input->within('sequence')->all()),
        );
    }
}
