<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared;

/** What is typed one a line. */
final class Lines
{
    /** @return list<string> trimmed, without empty ones */
    public static function of(?string $text): array
    {
        $lines = preg_split('~\R~', $text ?? '');

        return array_values(
            array_filter(
                array_map(trim(...), false === $lines ? [] : $lines),
                static fn(string $line): bool => '' !== $line,
            ),
        );
    }
}
