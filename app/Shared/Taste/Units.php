<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Taste;

use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;

/**
 * Lengths and speeds as somebody reads and types them.
 *
 * Rule books and the core speak feet, miles per hour and feet a second: "ft", "mph", "ft/s", by which names a unit is
 * asked for here.
 */
enum Units: string
{
    case Feet = 'feet';
    case Metric = 'metric';

    /** International foot and mile. */
    private const METRES_PER_FOOT = 0.3048;
    private const KM_PER_MILE = 1.609344;
    /** m from which on a tenth says nothing, and under which, where tenths of a foot are said, a hundredth does. */
    private const FAR = 20.0;
    private const NEAR = 2.0;
    private const FIGURE =
        '/(?<![\w.,])(\d+(?:\.\d+)?(?: (?:to|or|and) \d+(?:\.\d+)?)?)( |\x{a0})' .
        '(ft\/s|ft|mph|feet|miles per hour)\b/u';
    private const WORDS = ['feet' => 'metres', 'miles per hour' => 'kilometres per hour'];
    private const NAMES = ['ft' => 'm', 'mph' => 'km/h', 'ft/s' => 'm/s', ...self::WORDS];

    /** What a unit is called. */
    public function name(string $unit): string
    {
        return self::Metric === $this ? self::NAMES[$unit] ?? $unit : $unit;
    }

    /** The figure with its unit: "12 ft", "3.7 m". */
    public function words(float $value, string $unit, int $decimals = 0): string
    {
        return $this->figure($value, $unit, $decimals) . ' ' . $this->name($unit);
    }

    /** Without its unit; zeros that say nothing are left out in feet, and kept where metres stand in columns. */
    public function figure(float $value, string $unit, int $decimals = 0): string
    {
        if (self::Feet === $this) {
            return (string) round($value, $decimals);
        }
        $shown = $value * $this->per($unit);
        $places = match (true) {
            self::KM_PER_MILE === $this->per($unit), abs($shown) >= self::FAR => 0,
            $decimals > 0 && abs($shown) < self::NEAR => 2,
            default => 1,
        };

        return number_format($shown, $places, '.', '');
    }

    /** To a hundredth, with its unit, as a watch or a gun says it. */
    public function reading(float $value, string $unit): string
    {
        return number_format($value * $this->per($unit), 2, '.', '') . ' ' . $this->name($unit);
    }

    /** What stands in a field. */
    public function typed(float $value, string $unit): string
    {
        return (string) round($value * $this->per($unit), 3);
    }

    /** What was typed, in the core's unit; {@see typed} and back is the same to a hundredth. */
    public function read(float $typed, string $unit): float
    {
        return self::Metric === $this ? round($typed / $this->per($unit), 2) : $typed;
    }

    /** A sentence of the core, with its figures reckoned over. */
    public function told(string $sentence): string
    {
        return self::Feet === $this
            ? $sentence
            : (string) preg_replace_callback(
                self::FIGURE,
                fn(array $is): string => preg_replace_callback(
                    '/\d+(\.\d+)?/',
                    fn(array $one): string => $this->figure((float) $one[0], $is[3], isset($one[1]) ? 1 : 0),
                    $is[1],
                ) .
                    $is[2] .
                    $this->name($is[3]),
                $sentence,
            );
    }

    /** What was refused, in the unit in which it was typed. */
    public function refused(Problem $problem): Problem
    {
        if (self::Feet === $this || !($problem instanceof OutOfRange)) {
            return $problem;
        }
        foreach (self::WORDS as $unit => $name) {
            if (str_starts_with($problem->unit, $unit)) {
                return $problem->in($name . substr($problem->unit, \strlen($unit)), $this->per($unit));
            }
        }

        return $problem;
    }

    /** ft that one of its lengths is: a foot, or a metre. */
    public function feetInOne(): float
    {
        return 1.0 / $this->per('ft');
    }

    /** How many of its units one of the core's is. */
    private function per(string $unit): float
    {
        return match (true) {
            self::Feet === $this => 1.0,
            \in_array($unit, ['ft', 'feet', 'ft/s'], true) => self::METRES_PER_FOOT,
            \in_array($unit, ['mph', 'miles per hour'], true) => self::KM_PER_MILE,
            default => 1.0,
        };
    }
}
