<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Architecture;

use FoxCorner\Core\Value\ButFor;
use PHPUnit\Framework\TestCase;

/** Nothing is forgotten where an immutable value is changed: a field that comes to it is kept by every change. */
final class WithersTest extends TestCase
{
    /** Copies by hand, where a map asks for thousands of them; each has to name every field. */
    private const BY_HAND = [
        'core/Play/Ball/Delivery.php',
        'core/Play/Cast/BaseRunner.php',
        'core/Play/Cast/CastMember.php',
        'core/Play/Choice/Odds.php',
        'core/Play/Choice/Race.php',
        'core/Play/Choice/ThrowOption.php',
        'core/Play/Clock/Move.php',
        'core/Play/Grid/GroundFielder.php',
        'core/Play/Grid/GroundSetting.php',
        'core/Play/Scene/PlaySetting.php',
        'core/Play/Scene/Scene.php',
    ];
    /** Fields that a method may carry over before it is a copy. */
    private const A_COPY = 3;

    public function testWhateverIsCopiedByTheTraitIsAPropertyOfItsName(): void
    {
        $classes = 0;
        foreach ([...SourceTree::core()->classes(), ...SourceTree::app()->classes()] as $name) {
            if (!class_exists($name) || !\in_array(ButFor::class, class_uses($name), true)) {
                continue;
            }
            ++$classes;
            $class = new \ReflectionClass($name);
            foreach ($class->getConstructor()?->getParameters() ?? [] as $parameter) {
                self::assertTrue(
                    $class->hasProperty($parameter->getName()),
                    "$name loses {$parameter->getName()} with every change",
                );
            }
        }

        self::assertGreaterThan(25, $classes);
    }

    public function testNobodyCopiesByHandButWhereItIsHot(): void
    {
        $found = [];
        foreach (self::copies() as [$file, $method, $given, $wanted]) {
            if (!\in_array($file, self::BY_HAND, true)) {
                $found[] = "$file: $method";
            } elseif ($given !== $wanted) {
                $found[] = "$file: $method names $given of $wanted fields";
            }
        }

        self::assertSame([], $found);
    }

    public function testACopyThatForgetsAFieldWouldBeSeen(): void
    {
        $source =
            '<?php class A { public function __construct(public int $a, public int $b, public int $c, ' .
            'public int $d = 0) {} public function with(int $a): self ' .
            '{ return new self($this->a, $this->b, $this->c); } }';

        self::assertSame([['with', 3, 4]], self::copiesIn($source));
    }

    /** @return iterable<array{string, string, int, int}> file, method, fields given, fields of the constructor */
    private static function copies(): iterable
    {
        $root = \dirname(__DIR__, 2);
        foreach (['core' => SourceTree::core(), 'app' => SourceTree::app()] as $folder => $tree) {
            foreach ($tree->classes() as $class) {
                $path = strtr(implode('/', \array_slice(explode('\\', $class), 2)), '\\', '/');
                $file = "$folder/$path.php";
                foreach (self::copiesIn((string) file_get_contents("$root/$file")) as [$method, $given, $wanted]) {
                    yield [$file, $method, $given, $wanted];
                }
            }
        }
    }

    /** @return list<array{string, int, int}> */
    private static function copiesIn(string $source): array
    {
        $arguments = '\(((?:[^()]|\((?:[^()]|\((?:[^()]|\([^()]*\))*\))*\))*)\)';
        if (1 !== preg_match('/function __construct' . $arguments . '/', $source, $constructor)) {
            return [];
        }
        $wanted = \count(self::parts((string) preg_replace('/\/\*.*?\*\//s', '', $constructor[1])));
        $copies = [];
        $methods = preg_split('/(?=(?:public|private|protected) (?:static )?function )/', $source);
        foreach (false === $methods ? [] : $methods as $method) {
            if (1 !== preg_match('/^(?:public|private|protected) function (\w+)/', $method, $name)) {
                continue;
            }
            preg_match_all('/new self' . $arguments . '/', $method, $made);
            foreach ($made[1] as $given) {
                $parts = self::parts($given);
                $kept = array_filter($parts, static fn(string $one): bool => 1 === preg_match('/^\$this->\w+$/', $one));
                if (\count($kept) >= self::A_COPY) {
                    $copies[] = [$name[1], \count($parts), $wanted];
                }
            }
        }

        return $copies;
    }

    /** @return list<string> parts that commas of the first level part */
    private static function parts(string $list): array
    {
        $list = (string) preg_replace('/\/\/[^\n]*/', '', $list);
        $flat = (string) preg_replace_callback(
            '/(\((?:[^()]|(?1))*\))|\[[^\[\]]*\]/',
            static fn(array $inner): string => str_replace(',', ';', $inner[0]),
            $list,
        );

        return array_values(
            array_filter(array_map(trim(...), explode(',', $flat)), static fn($one): bool => '' !== $one),
        );
    }
}
