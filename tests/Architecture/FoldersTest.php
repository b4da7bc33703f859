<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Architecture;

use FoxCorner\Core\Family\ShippedFamilies;
use FoxCorner\Core\Play\Contract\PlayFamily;
use PHPUnit\Framework\TestCase;

/** The rules of the house that PHPStan does not hold: folders, templates, the registry. */
final class FoldersTest extends TestCase
{
    /** At every depth, what lies in a folder itself included. */
    public function testNoFolderLeadsBackToItself(): void
    {
        $cycles = [];
        foreach ([...SourceTree::core()->everyFolder(), ...SourceTree::app()->everyFolder()] as $tree) {
            $cycles[] = implode(' → ', $tree->cycle());
        }

        self::assertSame([], array_filter($cycles, static fn(string $cycle): bool => '' !== $cycle));
        self::assertGreaterThan(60, \count($cycles));
    }

    public function testACycleWouldBeSeen(): void
    {
        $folder = sys_get_temp_dir() . '/fox-cycle-' . bin2hex(random_bytes(4));
        foreach (['A' => 'B', 'B' => 'C', 'C' => 'A'] as $one => $other) {
            mkdir("$folder/$one", recursive: true);
            file_put_contents("$folder/$one/X.php", "<?php namespace FoxCorner\\T\\$one; use FoxCorner\\T\\$other\\X;");
        }

        self::assertSame(['A', 'B', 'C', 'A'], (new SourceTree($folder, 'FoxCorner\T'))->cycle());
    }

    public function testAFolderAndWhatLiesInItMayBeACycleToo(): void
    {
        $folder = sys_get_temp_dir() . '/fox-cycle-' . bin2hex(random_bytes(4));
        mkdir("$folder/Room/Corner", recursive: true);
        $write = static fn(string $file, string $namespace, string $other): mixed => file_put_contents(
            "$folder/$file.php",
            "<?php namespace FoxCorner\\T\\$namespace; use FoxCorner\\T\\$other;",
        );
        $write('Room/X', 'Room', 'Room\Corner\Y');
        $write('Room/Corner/Y', 'Room\Corner', 'Room\X');
        [$tree, $room] = (new SourceTree($folder, 'FoxCorner\T'))->everyFolder();

        self::assertSame([], $tree->cycle());
        self::assertSame(['.', 'Corner', '.'], $room->cycle());
    }

    public function testEveryFolderWithAFamilyIsInTheRegistryAndTheOtherWayRound(): void
    {
        $registered = array_map(
            static fn(PlayFamily $family): string => explode('\\', $family::class)[3],
            ShippedFamilies::all()->all(),
        );
        $families = DependencyRules::families();
        sort($registered);

        self::assertNotSame([], $families);
        self::assertSame($families, $registered);
    }

    /** A page takes from its own folder, from what all share, and from nobody else. */
    public function testTemplatesOfAPlaceUseNoOtherPlaces(): void
    {
        $root = \dirname(__DIR__, 2) . '/templates/';
        $strangers = [];
        $files = glob($root . '{*,*/*,*/*/*}.twig', \GLOB_BRACE);
        self::assertIsArray($files);
        foreach ($files as $file) {
            $own = explode('/', substr($file, \strlen($root)))[0];
            preg_match_all(
                '/(?:include\(|extends |from |import |form_theme \w+ )\'([a-z_]+)\//',
                (string) file_get_contents($file),
                $found,
            );
            foreach (array_diff($found[1], [$own, 'components']) as $other) {
                $strangers[] = substr($file, \strlen($root)) . " uses $other";
            }
        }

        self::assertSame([], $strangers);
    }

    public function testClassesThatTemplatesNameAreThere(): void
    {
        $missing = $found = [];
        $files = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(\dirname(__DIR__, 2) . '/templates'));
        /** @var \SplFileInfo $file */
        foreach ($files as $file) {
            if ('twig' === $file->getExtension()) {
                preg_match_all('/FoxCorner(?:\\\\\\\\\w+)+/', (string) file_get_contents($file->getPathname()), $named);
                array_push($found, ...$named[0]);
            }
        }
        $root = \dirname(__DIR__, 2);
        foreach (array_unique($found) as $name) {
            $path = strtr(str_replace('\\\\', '/', $name), ['FoxCorner/Core' => 'core', 'FoxCorner/App' => 'app']);
            if (!is_file("$root/$path.php")) {
                $missing[] = $name;
            }
        }

        self::assertSame([], $missing);
        self::assertGreaterThan(20, \count($found));
    }

    /** Each folder of templates is drawn by the code of one folder. */
    public function testEveryFolderOfTemplatesHasOnePlace(): void
    {
        $places = [];
        foreach (SourceTree::app()->classes() as $class) {
            $file = \dirname(__DIR__, 2) . '/app' . strtr(substr($class, \strlen('FoxCorner\App')), '\\', '/') . '.php';
            preg_match_all('/\'([a-z_]+)\/[a-z_]+(?:\.\w+)?\.twig\'/', (string) file_get_contents($file), $found);
            foreach (array_diff($found[1], ['components']) as $folder) {
                $places[$folder][explode('\\', $class)[2]] = true;
            }
        }

        self::assertSame([], array_filter($places, static fn(array $of): bool => \count($of) > 1));
        self::assertGreaterThan(12, \count($places));
    }

    public function testTheDrawingOfTheFoldersIsOfToday(): void
    {
        self::assertSame(
            file_get_contents(\dirname(__DIR__, 2) . '/docs/folders.svg'),
            FolderDrawing::ofTheProject()->svg(),
            'tests/Tools/folders draws it anew',
        );
    }
}
