<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Looks;

use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use Random\Randomizer;

/** Looks and holds for the next pitches, drawn so that the mix is the coach's and a runner who watches knows nothing. */
final readonly class LooksDrawn
{
    public const MOST_PITCHES = 200;
    /** Drawn so many times; the best of them is kept. */
    private const TRIES = 6;
    private const FINE = 1_000_000;

    /** @param list<Look> $pitches */
    private function __construct(public array $pitches, public Observer $observer) {}

    /** @throws Problem when there are too many pitches, or none */
    public static function draw(LookMix $mix, int $pitches, Randomizer $chance): self
    {
        OutOfRange::unlessBetween('pitches', $pitches, 1, self::MOST_PITCHES, 'pitches');
        $best = null;
        for ($try = 0; $try < self::TRIES; ++$try) {
            $looks = self::drawn($mix->looks, $pitches, $chance);
            $observer = Observer::of($looks);
            $fault = self::fault($looks, $observer, $mix);
            if (null === $best || $fault < $best[2]) {
                $best = [$looks, $observer, $fault];
            }
        }
        $holds = self::drawn($mix->holds, $pitches, $chance);
        $drawn = [];
        foreach ($best[0] as $index => $looks) {
            $drawn[] = new Look((int) $looks, (float) $holds[$index]);
        }

        return new self($drawn, $best[1]);
    }

    /**
     * How far a list is from what is wanted: rows of the same, what a runner guesses more often than he may, and the
     * mix.
     *
     * @param list<int> $looks
     */
    private static function fault(array $looks, Observer $observer, LookMix $mix): float
    {
        $counts = array_count_values($looks);
        $off = 0.0;
        foreach ($mix->looks as $kind => $share) {
            $off = max($off, abs(($counts[$kind] ?? 0) / \count($looks) - $share));
        }

        return max(0, $observer->longest - Observer::IN_A_ROW + 1) + max(0.0, $observer->right - $mix->chance()) + $off;
    }

    /**
     * Each by chance for itself: whoever counts what has come knows nothing of what comes.
     *
     * @template T of int|string
     *
     * @param non-empty-array<T, float> $shares together 1
     *
     * @return list<T>
     */
    private static function drawn(array $shares, int $pitches, Randomizer $chance): array
    {
        $drawn = [];
        for ($pitch = 0; $pitch < $pitches; ++$pitch) {
            $left = $chance->getInt(0, self::FINE - 1) / self::FINE;
            $kind = array_key_last($shares);
            foreach ($shares as $one => $share) {
                $left -= $share;
                if ($left < 0.0) {
                    $kind = $one;
                    break;
                }
            }
            $drawn[] = $kind;
        }

        return $drawn;
    }
}
