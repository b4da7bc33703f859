<?php

declare(strict_types=1);

// The tests' bootstrap with one class of the core taken from elsewhere. FOX_MUTANT: its name, a colon, its file.
require dirname(__DIR__, 3) . '/vendor/autoload.php';
[$class, $file] = [...explode(':', (string) getenv('FOX_MUTANT'), 2), ''];
spl_autoload_register(
    static function (string $wanted) use ($class, $file): void {
        if ($wanted === $class) {
            require $file;
        }
    },
    true,
    true,
);
