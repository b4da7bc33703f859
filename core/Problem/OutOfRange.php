<?php

declare(strict_types=1);

namespace FoxCorner\Core\Problem;

/** A number that is too small, too large or none. */
final class OutOfRange extends ValueProblem
{
    /** @param string $unit of the three figures, in words */
    private function __construct(
        string $field,
        private readonly float $value,
        private readonly float $least,
        private readonly float $most,
        public readonly string $unit,
    ) {
        parent::__construct(
            $field,
            \sprintf('%s is %s', self::number($value), $value < $least ? 'too small' : 'too large'),
            \sprintf('%s to %s %s', self::number($least), self::number($most), $unit),
        );
    }

    /**
     * Returns the value unchanged when it lies between the limits, both included.
     *
     * @throws self when it is outside, or not a finite number
     */
    public static function unlessBetween(string $field, float $value, float $least, float $most, string $unit): float
    {
        if (is_finite($value) && $value >= $least && $value <= $most) {
            return $value;
        }

        throw new self($field, $value, $least, $most, $unit);
    }

    /** The same in another unit, of which so many make one. */
    public function in(string $unit, float $factor): self
    {
        return new self($this->field(), $factor * $this->value, $factor * $this->least, $factor * $this->most, $unit);
    }

    private static function number(float $value): string
    {
        return rtrim(rtrim(number_format($value, 2, '.', ''), '0'), '.');
    }
}
