<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\GroundBall;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Clock\Timeline;

/** One way to play a ground ball, as a line of a table: who to whom, and what comes of it in a hundred. */
final readonly class TakenOut
{
    /**
     * @param string $take  "Two", "Second", "First"
     * @param string $route "6–4–3", "6 alone"
     * @param int    $two   in a hundred; $one and $nobody likewise
     */
    private function __construct(
        public string $take,
        public string $route,
        public int $two,
        public int $one,
        public int $nobody,
        public float $cost,
        public bool $isCalled,
    ) {}

    /** @return list<self> the one that costs least first */
    public static function all(Timeline $play): array
    {
        $first = null;
        foreach ($play->options() as $option) {
            $first = Base::First === $option->base ? $option : $first;
        }
        $lines = [];
        foreach ($play->options() as $option) {
            // From first to second behind the runner, when nothing is in it, is first alone.
            if (null === $option->cover || (Base::First === $option->base && $option !== $first)) {
                continue;
            }
            $lines[] = self::of($play, $option, $first);
        }
        usort($lines, static fn(self $a, self $b): int => $a->cost <=> $b->cost);

        return $lines;
    }

    private static function of(Timeline $play, ThrowOption $option, ?ThrowOption $first): self
    {
        $fielder = $play->fieldedBy();
        $two = (int) round(100 * $option->two);
        $any = (int) round(100 * $option->chance);
        $route = $option->cover === $fielder ? [$fielder->value] : [$fielder->value, $option->cover?->value];
        if ($option->two > 0.0) {
            $route[] = $play->legs[1]->made->cover->value ?? ($first?->cover->value ?? 3);
        }

        return new self(
            $option->two > 0.0
                ? 'Two' . (Base::Second === $option->base ? '' : ', ' . $option->base->word() . ' first')
                : ucfirst($option->base->word()),
            1 === \count($route) ? $route[0] . ' alone' : implode('–', $route),
            $two,
            $any - $two,
            100 - $any,
            $option->cost ?? 0.0,
            $option === $play->called(),
        );
    }
}
