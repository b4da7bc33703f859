<?php

declare(strict_types=1);

namespace FoxCorner\App\Runners;

use FoxCorner\Core\Play\Running\PickRace;
use FoxCorner\Core\Play\Running\StealRace;
use FoxCorner\Core\Play\Running\Thief;

/** Lead against margin: where the pick wins and where the steal does, as a drawing of 692 by 144. */
final readonly class LeadChart
{
    public const WIDTH = 692;
    public const HEIGHT = 144;
    private const LEFT = 52;
    private const RIGHT = 12;
    private const TOP = 8;
    private const BOTTOM = 38;
    /** s that are shown to each side of even. */
    private const MOST = 0.6;
    /** ft beyond the lines that are shown, and the most of all. */
    private const BEYOND = 6.0;
    private const FARTHEST = 40.0;
    /** Pixels that a word takes. */
    private const WORD = 80.0;
    /** Pixels from a line to the word beside it. */
    private const INSET = 8.0;

    /**
     * @param float      $from     ft at the left end
     * @param float      $to       ft at the right end
     * @param float|null $alarm    ft; null: no lead is enough
     * @param float|null $steal    ft; likewise
     * @param float|null $pickNow  s by which he is out from where he is, thrown behind; null: nobody throws
     * @param float|null $stealNow s likewise, as he goes
     */
    private function __construct(
        public float $from,
        public float $to,
        public ?float $alarm,
        public ?float $steal,
        public string $pickPath,
        public string $stealPath,
        public ?float $pickNow,
        public ?float $stealNow,
    ) {}

    public static function of(
        ?PickRace $pick,
        ?StealRace $steal,
        Thief $thief,
        float $lead,
        ?float $alarm,
        ?float $stealLine,
    ): self {
        $shown = array_filter(
            [$alarm, $stealLine, $lead],
            static fn(?float $feet): bool => null !== $feet && $feet < self::FARTHEST - self::BEYOND,
        );
        $to = min(self::FARTHEST, ceil((max([18.0, ...$shown]) + self::BEYOND) / 2) * 2);
        $from = max(0.0, floor((min([...$shown, $lead]) - self::BEYOND) / 2) * 2);
        $chart = new self($from, $to, $alarm, $stealLine, '', '', null, null);

        return new self(
            $from,
            $to,
            $alarm,
            $stealLine,
            null === $pick ? '' : $chart->line(static fn(float $feet): float => $pick->margin($thief, $feet)),
            null === $steal ? '' : $chart->line(static fn(float $feet): float => $steal->margin($thief, $feet)),
            $pick?->margin($thief, $lead),
            $steal?->margin($thief, $lead),
        );
    }

    public function x(float $feet): float
    {
        $wide = self::WIDTH - self::LEFT - self::RIGHT;

        return round(self::LEFT + ($wide * ($feet - $this->from)) / ($this->to - $this->from), 1);
    }

    /** @param float $margin s by which he is out */
    public function y(float $margin): float
    {
        $high = self::HEIGHT - self::TOP - self::BOTTOM;
        $within = max(-self::MOST, min(self::MOST, $margin));

        return round(self::TOP + ($high * (self::MOST - $within)) / (2 * self::MOST), 1);
    }

    /** @return list<float> ft at which the axis has a number */
    public function ticks(): array
    {
        $step = $this->to - $this->from > 20 ? 4.0 : 2.0;

        return range($this->from, $this->to, $step);
    }

    /**
     * The three grounds that the lines part, where both lines are shown and each is wide enough for a word.
     *
     * @return list<array{x: float, says: string}>
     */
    public function zones(): array
    {
        if (null === $this->alarm || null === $this->steal || $this->steal <= $this->alarm) {
            return [];
        }
        $zones = [];
        foreach (
            [
                [$this->from, $this->within($this->alarm), 'let him be'],
                [$this->within($this->alarm), $this->within($this->steal), 'throw'],
                [$this->within($this->steal), $this->to, 'he goes'],
            ] as [$near, $far, $says]
        ) {
            if ($this->x($far) - $this->x($near) > self::WORD) {
                $zones[] = ['x' => $this->x($near) + self::INSET, 'says' => $says];
            }
        }

        return $zones;
    }

    /** ft within the drawing. */
    public function within(float $feet): float
    {
        return max($this->from, min($this->to, $feet));
    }

    /** @param callable(float): float $margin by lead */
    private function line(callable $margin): string
    {
        $points = [];
        for ($feet = $this->from; $feet <= $this->to + 0.01; $feet += 0.5) {
            $points[] = $this->x($feet) . ' ' . $this->y($margin($feet));
        }

        return 'M' . implode('L', $points);
    }
}
