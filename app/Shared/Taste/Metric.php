<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Taste;

/**
 * A page in metres and kilometres an hour instead of feet and miles.
 *
 * Rule books and the core speak feet; who reads metres gets the figures of the page reckoned over as it is sent. What
 * is typed stays in feet, as its label says, and so does everything inside a form.
 */
final class Metric
{
    /** International foot and mile. */
    private const METRES_PER_FOOT = 0.3048;
    private const KM_PER_MILE = 1.609344;
    /** m from which on a tenth says nothing. */
    private const FAR = 20.0;
    /** Parts that stay as they are. */
    private const KEPT = ['form', 'textarea', 'select', 'script', 'style', 'template'];
    /** Attributes that are read out, shown beside the mouse, or said on the clock. */
    private const READ = '/( (?:aria-label|title|data-play)=")([^"]*)"/';
    private const FIGURE = '/(?<![\w.,])(\d+(?:\.\d+)?)(½?)( |&nbsp;|\x{a0})(ft\/s|ft|mph)\b/u';

    public static function of(string $html): string
    {
        $parts = preg_split('/(<[^>]*>)/', $html, -1, \PREG_SPLIT_DELIM_CAPTURE);
        if (false === $parts) {
            return $html;
        }
        $kept = 0;
        foreach ($parts as $index => $part) {
            if (str_starts_with($part, '<')) {
                $kept += self::opens($part);
                $parts[$index] = 0 === $kept ? self::attributes($part) : $part;
            } elseif (0 === $kept) {
                $parts[$index] = self::text($part);
            }
        }

        return implode('', $parts);
    }

    /** 1 for the beginning of a part that stays as it is, -1 for its end. */
    private static function opens(string $tag): int
    {
        if (1 !== preg_match('/^<(\/?)([a-z]+)/', $tag, $is) || !\in_array($is[2], self::KEPT, true)) {
            return 0;
        }

        return '' === $is[1] ? 1 : -1;
    }

    private static function attributes(string $tag): string
    {
        return (string) preg_replace_callback(
            self::READ,
            static fn(array $is): string => $is[1] . self::text($is[2]) . '"',
            $tag,
        );
    }

    private static function text(string $text): string
    {
        return (string) preg_replace_callback(
            self::FIGURE,
            static function (array $is): string {
                $value = (float) $is[1] + ('' === $is[2] ? 0.0 : 0.5);
                [$figure, $unit] = match ($is[4]) {
                    'mph' => [(string) round(self::KM_PER_MILE * $value), 'km/h'],
                    'ft/s' => [\sprintf('%.1f', self::METRES_PER_FOOT * $value), 'm/s'],
                    default => [self::metres(self::METRES_PER_FOOT * $value), 'm'],
                };

                return $figure . $is[3] . $unit;
            },
            $text,
        );
    }

    private static function metres(float $metres): string
    {
        return $metres < self::FAR ? \sprintf('%.1f', $metres) : (string) round($metres);
    }
}
