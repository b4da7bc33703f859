<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Tools\Mutation;

use Symfony\Component\Process\Process;

/** The lines of the core, or of the application, that somebody has changed. */
final class Changed
{
    /**
     * @param string $since a commit; what is not committed yet counts too
     *
     * @return array<string, list<int>> by file, from the root of the project
     */
    public static function since(string $since, string $root, Half $half): array
    {
        $git = ['git', 'diff', '--unified=0', '--no-color', '--no-ext-diff', $since, '--', $half->value];
        $lines = [];
        $file = '';
        foreach (explode("\n", (new Process($git, $root))->mustRun()->getOutput()) as $line) {
            if (str_starts_with($line, '+++ ')) {
                $file = substr($line, \strlen('+++ b/'));
            } elseif (1 === preg_match('/^@@ -\S+ \+(\d+)(?:,(\d+))? @@/', $line, $at)) {
                $lines[$file] = [...$lines[$file] ?? [], ...self::rows((int) $at[1], (int) ($at[2] ?? 1))];
            }
        }

        return $lines;
    }

    /** @return list<int> */
    private static function rows(int $first, int $count): array
    {
        return 0 === $count ? [] : range($first, $first + $count - 1);
    }
}
