<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\Problem\Problem;

/** Positions as a list from elsewhere has them: what is known of them, and the words that have to be asked about. */
final readonly class TypedPositions
{
    /** Where somebody plays of whom nothing else is known. */
    private const UNTIL_SAID = '9';

    /** @param list<string> $unknown */
    private function __construct(public string $positions, public array $unknown) {}

    /** @param string|null $before what is known of the player already */
    public static function read(string $typed, ?string $before): self
    {
        if ('' === $typed) {
            return new self($before ?? '', []);
        }
        $known = $unknown = [];
        foreach ((array) preg_split('~[/,;+]|\s+(?=\S)~', $typed, flags: \PREG_SPLIT_NO_EMPTY) as $word) {
            $word = trim((string) $word);
            try {
                $known = [...$known, ...Position::numbers(Position::read($word))];
            } catch (Problem) {
                $unknown[] = $word;
            }
        }
        $isWord = [] !== $unknown && [] === preg_grep('/\d/', $unknown);

        return match (true) {
            // What all of it says is said better by whoever reads it as a whole: "left field", "12".
            self::isKnown($typed), !$isWord => new self($typed, []),
            [] !== $known => new self(implode(' ', array_unique($known)), $unknown),
            default => new self('' === (string) $before ? self::UNTIL_SAID : (string) $before, $unknown),
        };
    }

    private static function isKnown(string $typed): bool
    {
        try {
            Position::read($typed);

            return true;
        } catch (Problem) {
            return false;
        }
    }
}
