<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Build;

use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;

/** The coaches and parents who help, and who of them can hit a ball where they want. */
final readonly class Helpers
{
    public const MOST = 12;

    public int $all;
    public int $whoHit;

    /** @param list<Helper> $people */
    private function __construct(public array $people)
    {
        $this->all = \count($people);
        $this->whoHit = \count(array_filter($people, static fn(Helper $helper): bool => $helper->hits));
    }

    /**
     * @param list<Helper> $people
     *
     * @throws Problem when nobody helps, or too many
     */
    public static function named(array $people): self
    {
        OutOfRange::unlessBetween(
            'helpers',
            \count($people),
            1,
            self::MOST,
            'coaches and parents, one for each station that runs at the same time',
        );

        return new self($people);
    }

    /**
     * Helpers without names.
     *
     * @throws Problem when nobody helps, or more hit than help
     */
    public static function of(int $all, ?int $whoHit = null): self
    {
        OutOfRange::unlessBetween('helpers who hit', $whoHit ?? 0, 0, max(0, $all), 'of those who help');

        return self::named(
            array_map(
                static fn(int $number): Helper => new Helper("Helper $number", $number <= ($whoHit ?? $all)),
                $all < 1 ? [] : range(1, $all),
            ),
        );
    }

    /**
     * Who helps where in one round: whoever hits where balls are hit, and each where he was before, if he can.
     *
     * @param list<Drill>                 $drills that run at the same time, within the helpers' number
     * @param array<string, list<string>> $before names by the drill's key
     * @param array<string, int>          $more   helpers who receive, beside those of the drill
     *
     * @return array<string, list<string>> names by the drill's key
     */
    public function duties(array $drills, array $before, array $more = []): array
    {
        $duties = array_fill_keys(array_map(static fn(Drill $drill): string => $drill->key, $drills), []);
        $free = array_column($this->people, null, 'name');
        // Balls that are hit first: there are fewer who can.
        usort($drills, static fn(Drill $a, Drill $b): int => [$b->isHit, $b->helpers] <=> [$a->isHit, $a->helpers]);
        foreach ([true, false] as $onlyIfBefore) {
            foreach ($drills as $drill) {
                while (\count($duties[$drill->key]) < $drill->helpers + ($more[$drill->key] ?? 0)) {
                    $name = self::next(
                        $free,
                        $drill,
                        $onlyIfBefore ? $before[$drill->key] ?? [] : null,
                        [] === $duties[$drill->key],
                    );
                    if (null === $name) {
                        break;
                    }
                    $duties[$drill->key][] = $name;
                    unset($free[$name]);
                }
            }
        }
        // Whoever is still free looks after a station that has nobody.
        foreach ($drills as $drill) {
            $name = [] === $duties[$drill->key] ? self::next($free, $drill, null, false) : null;
            if (null !== $name) {
                $duties[$drill->key][] = $name;
                unset($free[$name]);
            }
        }

        return $duties;
    }

    /**
     * @param array<string, Helper> $free
     * @param list<string>|null     $among null: anybody
     */
    private static function next(array $free, Drill $drill, ?array $among, bool $isFirst): ?string
    {
        $able = array_filter(
            $free,
            static fn(Helper $helper): bool => (null === $among || \in_array($helper->name, $among, true)) &&
                ($helper->hits || !$drill->isHit || !$isFirst),
        );
        // Where nothing is hit, whoever does not hit goes first.
        uasort(
            $able,
            static fn(Helper $a, Helper $b): int => $drill->isHit ? $b->hits <=> $a->hits : $a->hits <=> $b->hits,
        );

        return array_key_first($able);
    }
}
