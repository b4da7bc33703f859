<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Scheme;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Value\ButFor;

/**
 * What a coverage can depend on, once it is clear: who fields the ball, which way the runner goes, who cuts.
 *
 * A branch holds one answer or several at once; each question has a name that stays the same for ever.
 */
final readonly class Branch
{
    use ButFor;

    private const FIELDED_BY = 'fielded';

    /**
     * @param non-empty-array<string, string> $answers by question
     * @param string                          $words   as in "when 5 fields"
     */
    private function __construct(private array $answers, public ?Position $fieldedBy, public string $words) {}

    public static function fieldedBy(Position $position): self
    {
        return new self([self::FIELDED_BY => (string) $position->value], $position, "$position->value fields");
    }

    /**
     * @param string $question letters and hyphens, as in "runner"
     * @param string $answer   the same, as in "goes"
     * @param string $words    as in "when the runner goes"
     */
    public static function when(string $question, string $answer, string $words): self
    {
        return new self([$question => $answer], null, $words);
    }

    /** @throws Problem when the key is none that {@see self::key()} gives */
    public static function ofKey(string $key): self
    {
        $branch = null;
        foreach (explode('+', $key) as $fact) {
            [$question, $answer] = [...explode(':', $fact, 2), ''];
            if ('' === $question || '' === $answer) {
                throw Refused::because('when', "\"$key\" is no branch of a play", 'as in fielded:1');
            }
            $one =
                self::FIELDED_BY === $question
                    ? self::fieldedBy(Position::ofNumber((int) $answer))
                    : self::when($question, $answer, $answer);
            $branch = $branch?->and($one) ?? $one;
        }

        return $branch;
    }

    /** Both at once. */
    public function and(self $other): self
    {
        return new self(
            $this->answers + $other->answers,
            $this->fieldedBy ?? $other->fieldedBy,
            $this->words . ' and ' . $other->words,
        );
    }

    /** The same, said otherwise. */
    public function saying(string $words): self
    {
        return $this->but(words: $words);
    }

    /** As files have it: "fielded:1", "fielded:6+runner:goes". */
    public function key(): string
    {
        return implode(
            '+',
            array_map(
                static fn(string $question, string $answer): string => "$question:$answer",
                array_keys($this->answers),
                $this->answers,
            ),
        );
    }

    /** Whether all of this is so in another branch. */
    public function holdsIn(self $other): bool
    {
        foreach ($this->answers as $question => $answer) {
            if (($other->answers[$question] ?? null) !== $answer) {
                return false;
            }
        }

        return true;
    }
}
