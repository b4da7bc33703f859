<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Taste;

use FoxCorner\Core\Problem\NoNumber;
use FoxCorner\Core\Problem\OutOfRange;
use Symfony\Component\HttpFoundation\InputBag;

/** A length of an address or a form: in feet under its name, in metres under its name and "_m". */
final class TypedLength
{
    /**
     * @param InputBag<string>|InputBag<bool|float|int|string> $input
     * @param callable(float): float                           $check of feet
     *
     * @return float|null ft; null when nothing is there
     *
     * @throws \FoxCorner\Core\Problem\Problem in the unit in which it was typed
     */
    public static function feet(InputBag $input, string $name, callable $check): ?float
    {
        $isMetric = $input->has("{$name}_m");
        $units = $isMetric ? Units::Metric : Units::Feet;
        $typed = trim($input->getString($isMetric ? "{$name}_m" : $name));
        if ('' === $typed) {
            return null;
        }
        if (!is_numeric($typed)) {
            throw NoNumber::at($name, $units->name('feet') . ', a number');
        }
        try {
            return $check($units->read((float) $typed, 'ft'));
        } catch (OutOfRange $problem) {
            throw $units->refused($problem);
        }
    }
}
