<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Architecture;

use FoxCorner\App\Help\RetiredWords;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Finder\Finder;

/** Nobody reads a word again that was taken out of the interface. */
final class RetiredWordsTest extends TestCase
{
    private const ROOT = __DIR__ . '/../..';

    public function testNoTemplateAndNoTextSaysOneAgain(): void
    {
        $said = [];
        foreach ($this->texts() as $file => $text) {
            foreach (array_keys(RetiredWords::NOW) as $retired) {
                if (str_contains($text, $retired)) {
                    $said[] = "$file says \"$retired\"";
                }
            }
        }

        self::assertSame([], $said);
    }

    public function testATextThatSaysOneWouldBeFound(): void
    {
        self::assertSame('"Say so"', self::literals('<?php /* Say so */ $a = "Say so";'));
    }

    /** @return iterable<string, string> what templates show and what is written between quotation marks, by file */
    private function texts(): iterable
    {
        foreach (
            Finder::create()
                ->files()
                ->name('*.twig')
                ->in(self::ROOT . '/templates') as $file
        ) {
            yield $file->getRelativePathname() => (string) preg_replace('/\{#.*?#\}/s', '', $file->getContents());
        }
        $php = Finder::create()
            ->files()
            ->name('*.php')
            ->in([self::ROOT . '/app', self::ROOT . '/core']);
        foreach ($php->notName('RetiredWords.php') as $file) {
            yield $file->getRelativePathname() => self::literals($file->getContents());
        }
    }

    private static function literals(string $code): string
    {
        $strings = array_filter(
            \PhpToken::tokenize($code),
            static fn(\PhpToken $token): bool => $token->is([\T_CONSTANT_ENCAPSED_STRING, \T_ENCAPSED_AND_WHITESPACE]),
        );

        return implode("\n", array_map(static fn(\PhpToken $token): string => $token->text, $strings));
    }
}
