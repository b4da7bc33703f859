<?php

declare(strict_types=1);

namespace FoxCorner\Bench;

/**
 * What figures have to come out at, as bench/goals.json says it, and whether they do.
 *
 * Times are for a machine on which the reference takes as long as the file says; on another one they are stretched by
 * as much as the reference is.
 */
final class Goals
{
    /** @var list<string> */
    private array $missed = [];

    /**
     * @param array<string, array<string, float|int>> $goals by unit, then by what is measured
     * @param float                                   $slow  how many times slower this machine is
     * @param float                                   $noise beyond the goal by which a figure may be: 1.1 for a tenth
     */
    private function __construct(
        private readonly array $goals,
        private readonly float $slow,
        private readonly float $noise,
    ) {}

    public static function read(string $file, float $reference): self
    {
        /** @var array{reference: float|int, noise: float, goals: array<string, array<string, float|int>>} $said */
        $said = json_decode((string) file_get_contents($file), true, 8, \JSON_THROW_ON_ERROR);

        return new self($said['goals'], $reference / $said['reference'], $said['noise']);
    }

    /**
     * @param string $unit "ms", "times", "kB", "share" of one
     *
     * @return string the goal as a table says it; nothing where there is none
     */
    public function judge(string $what, float $figure, string $unit): string
    {
        $goal = $this->goals[$unit][$what] ?? null;
        if (null === $goal) {
            return '';
        }
        $isLeast = 'share' === $unit;
        $goal *= 'ms' === $unit ? $this->slow : 1.0;
        $isMissed = $isLeast ? $figure < $goal : $figure > $goal * $this->noise;
        if ($isMissed) {
            $this->missed[] = $what;
        }

        return \sprintf('%s %.5g%s', $isLeast ? 'at least' : 'at most', $goal, $isMissed ? '  MISSED' : '');
    }

    /** @return list<string> */
    public function missed(): array
    {
        return $this->missed;
    }
}
