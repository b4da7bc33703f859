<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Architecture;

/** What the folders of a tree import from each other, read from the code. */
final readonly class SourceTree
{
    /** What lies in a folder itself, beside its folders. */
    private const OWN = '.';

    public function __construct(private string $root, private string $namespace) {}

    public static function core(): self
    {
        return new self(\dirname(__DIR__, 2) . '/core', 'FoxCorner\Core');
    }

    public static function app(): self
    {
        return new self(\dirname(__DIR__, 2) . '/app', 'FoxCorner\App');
    }

    /** One of its folders, as a tree of its own. */
    public function below(string $folder): self
    {
        return new self("$this->root/$folder", "$this->namespace\\$folder");
    }

    /** @return list<self> itself and every folder in it, to any depth */
    public function everyFolder(): array
    {
        $all = [$this];
        foreach ($this->folders() as $folder) {
            array_push($all, ...$this->below($folder)->everyFolder());
        }

        return $all;
    }

    /** @return list<string> folders of the first level */
    public function folders(string $below = ''): array
    {
        $found = glob($this->root . '/' . $below . '*', \GLOB_ONLYDIR);

        return false === $found ? [] : array_map(basename(...), $found);
    }

    /** @return list<string> classes by their full names, in a folder and all below it */
    public function classes(string $folder = ''): array
    {
        $found = [];
        $files = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($this->root . '/' . $folder));
        /** @var \SplFileInfo $file */
        foreach ($files as $file) {
            if ('php' === $file->getExtension()) {
                $path = substr($file->getPathname(), \strlen($this->root) + 1, -4);
                $found[] = $this->namespace . '\\' . strtr(ltrim($path, '/'), '/', '\\');
            }
        }
        sort($found);

        return $found;
    }

    /** @return iterable<string, string> what each file says, by its path from the root of the project */
    public function files(): iterable
    {
        foreach ($this->classes() as $class) {
            $path = $this->pathOf($class);
            yield basename($this->root) . substr($path, \strlen($this->root)) => (string) file_get_contents($path);
        }
    }

    /** @return array<string, array<string, int>> by folder, the folders it imports from and how many of its files do */
    public function imports(): array
    {
        $imports = array_fill_keys($this->folders(), []);
        foreach ($this->classes() as $class) {
            $folder = (string) $this->folderOf($class);
            $imports[$folder] ??= [];
            foreach (array_unique(array_map($this->folderOf(...), $this->named($class))) as $other) {
                if (null !== $other && $other !== $folder) {
                    $imports[$folder][$other] = ($imports[$folder][$other] ?? 0) + 1;
                }
            }
        }
        array_walk($imports, static fn(array &$others): bool => ksort($others));
        ksort($imports);

        return $imports;
    }

    /** @return list<string> folders that lead back to themselves, on a way; none when nothing does */
    public function cycle(): array
    {
        $imports = $this->imports();
        $done = [];
        foreach (array_keys($imports) as $folder) {
            $way = self::back($folder, $imports, [], $done);
            if ([] !== $way) {
                return $way;
            }
        }

        return [];
    }

    /** @return list<string> the names of our own that the file of a class uses */
    public function named(string $class): array
    {
        $names = [];
        foreach (\PhpToken::tokenize((string) file_get_contents($this->pathOf($class))) as $token) {
            if ($token->is([\T_NAME_QUALIFIED, \T_NAME_FULLY_QUALIFIED])) {
                $names[] = ltrim($token->text, '\\');
            }
        }

        $own = substr($class, 0, (int) strrpos($class, '\\'));

        return array_values(
            array_filter(
                $names,
                static fn(string $name): bool => str_starts_with($name, 'FoxCorner') && $name !== $own,
            ),
        );
    }

    private function pathOf(string $class): string
    {
        return $this->root . strtr(substr($class, \strlen($this->namespace)), '\\', '/') . '.php';
    }

    private function folderOf(string $class): ?string
    {
        if (!str_starts_with($class, $this->namespace . '\\')) {
            return null;
        }
        $parts = explode('\\', substr($class, \strlen($this->namespace) + 1));

        return \count($parts) > 1 ? $parts[0] : self::OWN;
    }

    /**
     * @param array<string, array<string, int>> $imports
     * @param list<string>                      $way
     * @param array<string, true>               $done
     *
     * @return list<string>
     */
    private static function back(string $folder, array $imports, array $way, array &$done): array
    {
        $met = array_search($folder, $way, true);
        if (false !== $met) {
            return [...\array_slice($way, $met), $folder];
        }
        if (isset($done[$folder])) {
            return [];
        }
        foreach (array_keys($imports[$folder] ?? []) as $other) {
            $found = self::back($other, $imports, [...$way, $folder], $done);
            if ([] !== $found) {
                return $found;
            }
        }
        $done[$folder] = true;

        return [];
    }
}
