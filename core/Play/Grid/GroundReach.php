<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

use FoxCorner\Core\Play\Ball\Hands;

/** Where on its way one fielder would best take each of many ground balls, and what that is worth. */
final readonly class GroundReach
{
    public const NEVER = -1.0;

    /**
     * @param list<float> $along   ft from home where he would take it, by direction times speeds, in one row
     * @param list<float> $saves   what he saves of the cost of everybody safe, before what others make of his misplays
     * @param list<float> $soonest s from contact of the earliest throw that was thought of
     * @param float       $most    that he could save, were nothing missed
     */
    private function __construct(
        public GroundFielder $who,
        public array $along,
        public array $saves,
        private array $soonest,
        private float $most,
    ) {}

    /** @param float $sine of the ball's direction, from straight away; cosine likewise */
    public static function of(ReachSearch $search, BallWay $way, float $sine, float $cosine): self
    {
        [[$along, $saves, $soonest]] = $search->along([$way], $sine, $cosine);

        return new self($search->who, [$along], [$saves], [$soonest], $search->most);
    }

    /**
     * @param self|null $before  of the same fielder at the same spot, when somebody else covered: what no throw was
     *                           early enough to feel is as it was
     * @param float     $covered s from contact at which all bags are covered, now as before
     */
    public static function against(
        ReachSearch $search,
        GroundBalls $balls,
        ?self $before = null,
        float $covered = 0.0,
    ): self {
        $along = $before->along ?? [];
        $saves = $before->saves ?? [];
        $soonest = $before->soonest ?? [];
        $next = 0;
        $count = \count($balls->ways);
        foreach ($balls->sines as $direction => $sine) {
            $asked = $balls->ways;
            for ($speed = 0; null !== $before && $speed < $count; ++$speed) {
                if ($before->soonest[$next + $speed] >= $covered) {
                    unset($asked[$speed]);
                }
            }
            $found = [] === $asked ? [] : $search->along($asked, $sine, $balls->cosines[$direction]);
            foreach ($found as $speed => $one) {
                [$along[$next + $speed], $saves[$next + $speed], $soonest[$next + $speed]] = $one;
            }
            $next += $count;
        }

        return new self(
            $search->who,
            array_values($along),
            array_values($saves),
            array_values($soonest),
            $search->most,
        );
    }

    /** Whether it is the same when bags are covered otherwise, up to so many s from contact. */
    public function isFreeOf(float $covered): bool
    {
        return $covered <= 0.0 || min(\INF, ...$this->soonest) >= $covered;
    }

    /** Whether it says the same of a ball: where he takes it and what he saves, or that he saves nothing. */
    public function saysOf(int $index, self $other): bool
    {
        return $this->saves[$index] === $other->saves[$index] &&
            (0.0 === $this->saves[$index] || $this->along[$index] === $other->along[$index]);
    }

    /**
     * Whose a ball may be, each with who of those farther along its way saves most when he misses it: who saves most
     * alone, and everybody who could save as much with what is made of his misplays, by himself or the man behind.
     *
     * @param array<int, self> $reaches by position number
     *
     * @return non-empty-list<array{int, int}> position numbers; 0: nobody
     */
    public static function candidates(array $reaches, int $index): array
    {
        [$first, $most] = [0, 0.0];
        foreach ($reaches as $number => $reach) {
            if ($reach->saves[$index] > $most) {
                [$first, $most] = [$number, $reach->saves[$index]];
            }
        }
        if (0 === $first) {
            return [[0, 0]];
        }
        $candidates = [[$first, self::behind($reaches, $index, $first)[0]]];
        foreach ($reaches as $number => $reach) {
            $saved = $reach->saves[$index];
            // Late, an out may be worth nothing to some.
            if ($reach->most > 0.0 && $saved > 0.0 && $number !== $first) {
                [$second, $his] = self::behind($reaches, $index, $number);
                $missed = $reach->most - $saved;
                $kept = Hands::IN_FRONT + ((1 - Hands::IN_FRONT) * Hands::BEHIND * $his) / $reach->most;
                if ($saved + $missed * $kept > $most) {
                    $candidates[] = [$number, $second];
                }
            }
        }

        return $candidates;
    }

    /**
     * @param array<int, self> $reaches by position number
     *
     * @return array{int, float} who of those farther along saves most, and what
     */
    private static function behind(array $reaches, int $index, int $first): array
    {
        [$second, $most, $along] = [0, 0.0, $reaches[$first]->along[$index]];
        foreach ($reaches as $number => $reach) {
            if ($reach->along[$index] > $along && $reach->saves[$index] > $most) {
                [$second, $most] = [$number, $reach->saves[$index]];
            }
        }

        return [$second, $most];
    }
}
