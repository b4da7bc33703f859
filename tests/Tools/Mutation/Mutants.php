<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Tools\Mutation;

/** All the small changes that could be made to a file: comparisons, signs, figures, yes and no. */
final class Mutants
{
    /** What stands for a token of one kind, wherever it stands. */
    private const WORDS = [
        '<' => '<=',
        '>' => '>=',
        '<=' => '<',
        '>=' => '>',
        '===' => '!==',
        '!==' => '===',
        '==' => '!=',
        '!=' => '==',
        '&&' => '||',
        '||' => '&&',
        '+' => '-',
        '-' => '+',
        '*' => '/',
        '/' => '*',
        '++' => '--',
        '+=' => '-=',
        '-=' => '+=',
        'true' => 'false',
        'false' => 'true',
        'min' => 'max',
        'max' => 'min',
        'floor' => 'ceil',
        'ceil' => 'floor',
        'sin' => 'cos',
        'cos' => 'sin',
        '!' => '',
    ];

    /** @return list<Mutant> in the order of the file */
    public static function of(string $root, string $file): array
    {
        $tokens = array_values(\PhpToken::tokenize((string) file_get_contents("$root/$file")));
        $mutants = [];
        foreach ($tokens as $index => $token) {
            $becomes = self::instead($token, $tokens, $index);
            if (null !== $becomes) {
                $texts = array_map(static fn(\PhpToken $one): string => $one->text, $tokens);
                $texts[$index] = $becomes;
                $mutants[] = new Mutant($file, $token->line, $token->text, $becomes, implode('', $texts));
            }
        }

        return $mutants;
    }

    /** @param list<\PhpToken> $tokens */
    private static function instead(\PhpToken $token, array $tokens, int $index): ?string
    {
        if ($token->is([\T_LNUMBER, \T_DNUMBER])) {
            return self::isStrictness($tokens, $index) ? null : self::otherNumber($token);
        }
        $isWord = $token->is([\T_STRING, \T_NAME_FULLY_QUALIFIED]);
        // The same word as the name of a method or of a case.
        if ($isWord && true === ($tokens[$index - 1] ?? null)?->is([\T_OBJECT_OPERATOR, \T_DOUBLE_COLON])) {
            return null;
        }
        if (self::isStrictSearch($tokens, $index)) {
            return null;
        }
        $isText = $token->is([\T_CONSTANT_ENCAPSED_STRING, \T_ENCAPSED_AND_WHITESPACE, \T_INLINE_HTML]);

        return $isText ? null : self::WORDS[ltrim($token->text, '\\')] ?? null;
    }

    /** A tenth more, so that no figure passes that is only nearly right. */
    private static function otherNumber(\PhpToken $number): string
    {
        $text = str_replace('_', '', $number->text);
        if ($number->is(\T_LNUMBER)) {
            return (string) ((int) $text + 1);
        }

        return 0.0 === (float) $text ? '0.1' : var_export(1.1 * (float) $text, true);
    }

    /**
     * Whether it is the figure of a "declare(strict_types=1)".
     *
     * @param list<\PhpToken> $tokens
     */
    private static function isStrictness(array $tokens, int $index): bool
    {
        return 'strict_types' === ($tokens[$index - 2] ?? null)?->text;
    }

    /**
     * Whether it says that a search compares by type: of enums and of texts of one kind it finds the same either way.
     *
     * @param list<\PhpToken> $tokens
     */
    private static function isStrictSearch(array $tokens, int $index): bool
    {
        if ('true' !== strtolower($tokens[$index]->text)) {
            return false;
        }
        [$at, $depth] = [$index, 0];
        for (; $at > 0 && $depth >= 0; --$at) {
            $depth += match ($tokens[$at]->text) {
                ')' => 1,
                '(' => -1,
                default => 0,
            };
        }

        return \in_array(ltrim($tokens[$at]->text, '\\'), ['in_array', 'array_search'], true);
    }
}
