<?php

declare(strict_types=1);

// The tests' bootstrap with one class taken from elsewhere. FOX_MUTANT: its name, a colon, its file.
// FOX_LOADED: a file that is told the seconds that it took, and which of our classes were met.
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
$list = (string) getenv('FOX_LOADED');
if ('' !== $list) {
    $begun = hrtime(true);
    register_shutdown_function(static function () use ($list, $begun): void {
        $met = [...get_declared_classes(), ...get_declared_interfaces(), ...get_declared_traits()];
        $ours = array_filter($met, static fn(string $one): bool => str_starts_with($one, 'FoxCorner\\'));
        file_put_contents($list, implode("\n", [(hrtime(true) - $begun) / 1e9, ...$ours]));
    });
}
