<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Looks;

use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use Random\Randomizer;

/** Looks and holds for the next pitches: the coach's mix, drawn so that a runner who watches knows nothing. */
final readonly class LooksDrawn
{
    public const MOST_PITCHES = 200;
    private const FINE = 1_000_000;

    /** @param list<Look> $pitches */
    private function __construct(public array $pitches, public Observer $observer) {}

    /** @throws Problem when there are too many pitches, or none */
    public static function draw(LookMix $mix, int $pitches, Randomizer $chance): self
    {
        OutOfRange::unlessBetween('pitches', $pitches, 1, self::MOST_PITCHES, 'pitches');
        $looks = self::drawn($mix->looks, $mix->shares, $pitches, $chance);
        $even = array_fill(0, \count($mix->holds), 1 / \count($mix->holds));
        $holds = self::drawn($mix->holds, $even, $pitches, $chance);

        return new self(
            array_map(static fn(int $one, float $hold): Look => new Look($one, $hold), $looks, $holds),
            Observer::of($looks),
        );
    }

    /**
     * Each by chance for itself: whoever counts what has come knows nothing of what comes. A list
     * that is chosen from several, for its mix or its rows, gives "not again" away.
     *
     * @template T of int|float
     *
     * @param non-empty-list<T> $kinds
     * @param list<float>       $shares of each, together 1
     *
     * @return list<T>
     */
    private static function drawn(array $kinds, array $shares, int $pitches, Randomizer $chance): array
    {
        $drawn = [];
        for ($pitch = 0; $pitch < $pitches; ++$pitch) {
            $left = $chance->getInt(0, self::FINE - 1) / self::FINE;
            $kind = $kinds[\count($kinds) - 1];
            foreach ($shares as $index => $share) {
                $left -= $share;
                if ($left < 0.0) {
                    $kind = $kinds[$index] ?? $kind;
                    break;
                }
            }
            $drawn[] = $kind;
        }

        return $drawn;
    }
}
