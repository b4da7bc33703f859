<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\Play\Choice\Reasons;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Value\ButFor;

/** A kind of ball on which another school sends somebody elsewhere: who goes where, and whether that costs anything. */
final readonly class WhereSchoolsDiffer
{
    use ButFor;

    /**
     * @param non-empty-list<string>                      $kinds   "7 has a single"
     * @param OutfieldTrial                               $ball    one of the first kind
     * @param non-empty-array<int, array{string, string}> $changes by position number: the job here, and there
     * @param float                                       $more    that the other school costs on it, in runs or
     *                                                             chance to lose; negative: less
     */
    private function __construct(
        public Coverage $other,
        public array $kinds,
        public OutfieldTrial $ball,
        public array $changes,
        public float $more,
    ) {}

    /** @return list<self> kinds of balls with the same changes as one; empty where nobody goes elsewhere */
    public static function between(OutfieldDefence $ours, OutfieldDefence $other): array
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
                : new self($other->coverage, [$words], $ball, $changes, $there->made()->cost - $here->made()->cost);
        }

        return array_values($found);
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

        return $changes;
    }
}
