<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Live;

use FoxCorner\Core\Practice\Need\Grade;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Unknown;
use Symfony\Component\HttpFoundation\InputBag;

/** The grades that a page was sent with, beside those that it had shown: only what differs was meant. */
final readonly class GradesSaid
{
    /** The word for no grade. */
    public const NONE = 'none';

    /**
     * @param array<array-key, mixed> $said by drill and player
     * @param array<array-key, mixed> $was
     */
    private function __construct(private array $said, private array $was) {}

    public static function nothing(): self
    {
        return new self([], []);
    }

    /** @param InputBag<string> $form "all" names a drill that holds with everybody of whom nothing else is said */
    public static function in(InputBag $form): self
    {
        $said = $form->all('grade');
        $all = $form->getString('all');
        if (\is_array($said[$all] ?? null)) {
            $said[$all] = array_map(
                static fn(mixed $one): mixed => self::NONE === $one ? Grade::Well->value : $one,
                $said[$all],
            );
        }

        return new self($said, $form->all('was'));
    }

    /**
     * One grade, as a phone says it; null: none any more.
     *
     * @throws Problem when it is no word for one
     */
    public static function one(string $said): ?Grade
    {
        $words = [self::NONE, ...array_column(Grade::cases(), 'value')];

        return \in_array($said, $words, true) ? Grade::tryFrom($said) : throw Unknown::notOneOf('grade', $said, $words);
    }

    public function changes(string $drill, string $player): bool
    {
        $said = self::word($this->said, $drill, $player);

        return null !== $said &&
            null !== self::word($this->was, $drill, $player) &&
            $said !== self::word($this->was, $drill, $player);
    }

    public function grade(string $drill, string $player): ?Grade
    {
        return Grade::tryFrom(self::word($this->said, $drill, $player) ?? '');
    }

    public function was(string $drill, string $player): ?Grade
    {
        return Grade::tryFrom(self::word($this->was, $drill, $player) ?? '');
    }

    /** @param array<array-key, mixed> $words */
    private static function word(array $words, string $drill, string $player): ?string
    {
        $ofDrill = $words[$drill] ?? null;
        $word = \is_array($ofDrill) ? $ofDrill[$player] ?? null : null;

        return \is_string($word) && (self::NONE === $word || null !== Grade::tryFrom($word)) ? $word : null;
    }
}
