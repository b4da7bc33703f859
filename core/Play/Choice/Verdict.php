<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Choice;

/**
 * One way to say what comes of a throw: what is likeliest, how often of a hundred, and the race on a true throw.
 *
 * A true throw beats many a runner who is safe more often than not, since balls are bobbled, thrown off and dropped.
 */
final readonly class Verdict
{
    /** From this chance on the out is likelier. */
    private const LIKELIER = 0.5;
    /** s; less is a dead heat (ours). */
    private const EVEN = 0.02;

    private function __construct(public bool $isOut, private float $chance, private float $margin) {}

    /**
     * @param float $chance of the out, 0 to 1
     * @param float $margin s by which a true throw comes before the runner; negative: after him
     */
    public static function of(float $chance, float $margin): self
    {
        return new self($chance >= self::LIKELIER, $chance, $margin);
    }

    public static function on(ThrowOption $made): self
    {
        return self::of($made->chance, $made->margin());
    }

    /**
     * "R2 is out at home, 81 in 100, by 0.23 s"; "R2 is safe at home, 76 in 100; out by 0.23 s on a true throw".
     *
     * @param string $out  as in "R2 is out at home"
     * @param string $safe as in "R2 is safe at home"
     */
    public function words(string $out, string $safe): string
    {
        $likeliest = $this->isOut ? $this->chance : 1 - $this->chance;
        $words = \sprintf('%s, %d in 100', $this->isOut ? $out : $safe, round(100 * $likeliest));

        return match (true) {
            !is_finite($this->margin) => $words,
            abs($this->margin) < self::EVEN => "$words; dead even on a true throw",
            $this->margin > 0.0 === $this->isOut => \sprintf('%s, by %.2f s', $words, abs($this->margin)),
            default => \sprintf(
                '%s; %s by %.2f s on a true throw',
                $words,
                $this->margin > 0.0 ? 'out' : 'safe',
                abs($this->margin),
            ),
        };
    }
}
