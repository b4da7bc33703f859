<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Floor;

use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** Repetitions of a week of two full practices, by position and work: those of the age, and the coach's own. */
final readonly class FloorTable
{
    private const MOST = 300;

    /** By position: child, youth, older. Source: the project's practice. */
    private const INFIELD = [
        'fielded' => [24, 40, 50],
        'feeds' => [8, 16, 20],
        'pivots' => [6, 14, 20],
    ];
    private const OUTFIELD = ['flies' => [12, 16, 20], 'charges' => [8, 12, 12], 'cutoffs' => [6, 10, 12]];
    private const BY_POSITION = [
        1 => ['bunts' => [3, 6, 8], 'comebackers' => [3, 6, 8], 'cover-first' => [3, 6, 8]],
        2 => ['catcher-throws' => [6, 10, 14], 'blocks' => [8, 16, 20], 'bunts' => [3, 5, 6]],
        3 => ['fielded' => [14, 24, 30], 'short-hops' => [8, 15, 18], 'bunts' => [3, 6, 8]],
        4 => self::INFIELD,
        5 => ['fielded' => [24, 40, 50], 'bunts' => [3, 6, 8]],
        6 => self::INFIELD,
        7 => self::OUTFIELD,
        8 => self::OUTFIELD,
        9 => self::OUTFIELD,
    ];
    private const EVERYBODY = ['jobs' => [4, 8, 10]];
    /** Of those who throw in one; outfielders run in them. */
    private const RUNDOWNS = ['rundowns' => [1, 1.5, 1.5]];

    /** @param array<int, array<string, int>> $own by position and {@see Work}; what is not there is the age's */
    private function __construct(private AgeGroup $age, public array $own) {}

    /** @param array<int, array<string, int>> $own by position and {@see Work} */
    public static function of(AgeGroup $age, array $own = []): self
    {
        return new self($age, $own);
    }

    /**
     * What a first position is asked, and a second.
     *
     * @return array<string, float> by {@see Work}
     */
    public function asked(Position $position, bool $isFirst = true): array
    {
        $usual = $this->usual($position, $isFirst);
        $own = array_map(floatval(...), $this->own[$position->value] ?? []);

        return array_replace($usual, array_intersect_key($own, $usual));
    }

    /**
     * Those of the age.
     *
     * @return array<string, float> by {@see Work}
     */
    public function usual(Position $position, bool $isFirst = true): array
    {
        $isInfield = \in_array($position, Position::INFIELD, true);
        $all =
            self::BY_POSITION[$position->value] +
            ($isFirst ? self::EVERYBODY + ($isInfield ? self::RUNDOWNS : []) : []);

        return array_map(fn(array $byAge): float => (float) $byAge[$this->column()], $all);
    }

    /**
     * The same with one of the coach's own.
     *
     * @param string $typed empty: the age's
     *
     * @throws Problem when it is no number of repetitions
     */
    public function with(Position $position, Work $work, string $typed): self
    {
        $own = $this->own;
        unset($own[$position->value][$work->value]);
        $typed = trim($typed);
        if ('' !== $typed) {
            $field = "{$position->value}, {$work->label()}";
            if (1 !== preg_match('/^\d{1,6}$/', $typed)) {
                throw Refused::because($field, "“{$typed}” is no whole number", '0 to ' . self::MOST . ' a week');
            }
            $reps = OutOfRange::unlessBetween($field, (float) $typed, 0, self::MOST, 'a week');
            $own[$position->value][$work->value] = (int) $reps;
        }

        return new self($this->age, array_filter($own));
    }

    private function column(): int
    {
        return match ($this->age) {
            AgeGroup::Child => 0,
            AgeGroup::Youth => 1,
            AgeGroup::Older => 2,
        };
    }
}
