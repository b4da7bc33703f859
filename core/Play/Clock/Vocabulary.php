<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Clock;

use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Problem\WrongLength;

/** A team's own words on the field; where it has none, those that come with the program. */
final readonly class Vocabulary
{
    private const LONGEST = 20;

    /** @param array<string, string> $own by the word's value */
    public function __construct(public array $own = []) {}

    /**
     * @param array<string, string> $typed by the word's value; empty: as it comes with the program
     *
     * @throws Problem when a word is too long, or two are the same: on the field they must not be taken for each other
     */
    public static function of(array $typed): self
    {
        $own = $said = [];
        foreach (VoiceWord::cases() as $word) {
            $text = trim($typed[$word->value] ?? '');
            WrongLength::unlessBetween("word for “{$word->usual()}”", $text, 0, self::LONGEST);
            $spoken = mb_strtolower('' === $text ? $word->usual() : $text);
            if (isset($said[$spoken])) {
                throw Refused::because(
                    "word for “{$word->usual()}”",
                    "“{$spoken}” means “{$said[$spoken]}” already",
                    'a word of its own',
                );
            }
            $said[$spoken] = $word->usual();
            if ('' !== $text && $text !== $word->usual()) {
                $own[$word->value] = $text;
            }
        }

        return new self($own);
    }

    public function say(VoiceWord $word): string
    {
        return $this->own[$word->value] ?? $word->usual();
    }

    /** @param list<VoiceWord> $words said in one breath */
    public function saying(array $words): string
    {
        $said = implode(' ', array_map($this->say(...), $words));

        return mb_strtoupper(mb_substr($said, 0, 1)) . mb_strtolower(mb_substr($said, 1));
    }
}
