<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Kept;

/** The edition of the program: a mark of all its PHP, so that no figure of another one is taken for today's. */
final class Edition
{
    public const TREES = ['core', 'app'];

    /** @param string $root of the checkout */
    public static function of(string $root): string
    {
        $hash = hash_init('xxh64');
        hash_update($hash, \PHP_VERSION);
        foreach (self::TREES as $tree) {
            $files = iterator_to_array(
                new \RecursiveIteratorIterator(
                    new \RecursiveDirectoryIterator("$root/$tree", \FilesystemIterator::SKIP_DOTS),
                ),
            );
            ksort($files);
            foreach (array_keys($files) as $file) {
                hash_update($hash, substr((string) $file, \strlen($root)));
                hash_update_file($hash, (string) $file);
            }
        }

        return hash_final($hash);
    }
}
