<?php

declare(strict_types=1);

namespace FoxCorner\App\Archive;

use Symfony\Component\Uid\Uuid;

/**
 * Rows of an archive are numbered, in the shape of an id: so the same team is the same archive in every house, and what
 * names a row inside of a document is found.
 */
final class PlainIds
{
    private const SHAPE = '00000000-0000-8000-8000-%012d';
    private const ANY = '~[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}~';
    private const PLAIN = '~00000000-0000-8000-8000-\d{12}~';

    /** @var array<string, string> by the row's own id */
    private array $plain = [];

    public function number(string $id): string
    {
        return $this->plain[$id] ??= \sprintf(self::SHAPE, \count($this->plain) + 1);
    }

    /** A text in which every id of a numbered row is its number. */
    public function in(string $text): string
    {
        return (string) preg_replace_callback(
            self::ANY,
            fn(array $found): string => $this->plain[$found[0]] ?? $found[0],
            $text,
        );
    }

    /** New ids for the numbers of an archive: {@see made()} says which. */
    public function make(string $number): Uuid
    {
        $id = Uuid::v7();
        $this->plain[$number] = $id->toRfc4122();

        return $id;
    }

    public function made(string $number): ?string
    {
        return $this->plain[$number] ?? null;
    }

    /** A text in which every number is the new id. */
    public function back(string $text): string
    {
        return (string) preg_replace_callback(
            self::PLAIN,
            fn(array $found): string => $this->plain[$found[0]] ?? $found[0],
            $text,
        );
    }
}
