<?php

declare(strict_types=1);

namespace FoxCorner\Bench;

/** The integer solver of Debian's package coinor-cbc, where that is installed. */
final class Cbc
{
    private const PROGRAM = '/usr/bin/cbc';

    /**
     * @param callable(): string $program what is to be solved, as a linear program's text; made only where it can be
     * @param string             $options before "solve"
     *
     * @return string|null what it says; null when it is not there
     */
    public static function said(callable $program, string $options): ?string
    {
        if (!is_executable(self::PROGRAM)) {
            return null;
        }
        $file = tempnam(sys_get_temp_dir(), 'fox');
        if (false === $file) {
            return null;
        }
        file_put_contents("$file.lp", $program());
        $said = (string) shell_exec(self::PROGRAM . ' ' . escapeshellarg("$file.lp") . " $options solve 2>/dev/null");
        unlink("$file.lp");
        unlink($file);

        return $said;
    }
}
