<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\Play\Choice\Reasons;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Value\ButFor;

/** Balls on which other schools send somebody elsewhere: who goes where, and whether that costs anything. */
final readonly class WhereSchoolsDiffer
{
    use ButFor;

    /**
     * @param non-empty-list<Coverage>                    $others  that do so
     * @param non-empty-list<string>                      $kinds   "7 has a single"
     * @param OutfieldTrial                               $ball    one of the first kind
     * @param non-empty-array<int, array{string, string}> $changes by position number: the job here, and there
     * @param float                                       $more    that the first of them costs on it, in runs or chance
     *                                                             to lose; negative: less
     */
    private function __construct(
        public array $others,
        public array $kinds,
        public OutfieldTrial $ball,
        public array $changes,
        public float $more,
    ) {}

    /**
     * @param list<OutfieldDefence> $others
     *
     * @return list<self> schools and kinds of balls with the same changes as one; empty where nobody goes elsewhere
     */
    public static function between(OutfieldDefence $ours, array $others): array
    {
        $all = [];
        foreach ($others as $other) {
            foreach (self::with($ours, $other) as $changes => $one) {
                $same = $changes . implode('', $one->kinds);
                $all[$same] = isset($all[$same])
                    ? $all[$same]->but(others: [...$all[$same]->others, $other->coverage])
                    : $one;
            }
        }

        return array_values($all);
    }

    /** @return array<string, self> by what changes */
    private static function with(OutfieldDefence $ours, OutfieldDefence $other): array
    {
        $found = $kinds = [];
        foreach (SixtyBalls::of($ours->setting->rules) as $ball) {
            [$here, $there] = [$ours->play($ball), $other->play($ball)];
            $words = "{$here->firstBy()->value} has " . $here->kind->one();
            $changes = self::changes($here, $there);
            if ([] === $changes || isset($kinds[$words])) {
                continue;
            }
            $kinds[$words] = true;
            $same = json_encode($changes, \JSON_THROW_ON_ERROR);
            $found[$same] = isset($found[$same])
                ? $found[$same]->but(kinds: [...$found[$same]->kinds, $words])
                : new self([$other->coverage], [$words], $ball, $changes, $there->made()->cost - $here->made()->cost);
        }

        return $found;
    }

    /** Whether it costs the same, as far as can be known. */
    public function isEven(): bool
    {
        return Reasons::areEven($this->more, 0.0);
    }

    /** @return array<int, array{string, string}> */
    private static function changes(OutfieldPlay $here, OutfieldPlay $there): array
    {
        $changes = [];
        foreach ($here->jobs as $number => [$job]) {
            $other = $there->jobs[$number][0] ?? null;
            if (null !== $other && $job->key() !== $other->key()) {
                $changes[$number] = [$job->words, $other->words];
            }
        }

        ksort($changes);

        return $changes;
    }
}
