<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Book;

use Symfony\Component\Uid\Uuid;

/**
 * A practice in an address: its day, for whoever reads it, and four letters that stay when the day is changed, as in
 * 2026-11-28-kvzr. An id, as addresses had before, leads to the same.
 */
final readonly class PracticeAddress
{
    /** No vowels: they make no words. */
    private const LETTERS = 'bcdfghjklmnpqrstvwxz';
    /** Of the id's bytes, those that are made at random. */
    private const FROM = 12;

    private function __construct(public ?Uuid $id, public string $day, public string $letters) {}

    /** Nothing when it is no practice's. */
    public static function read(string $address): ?self
    {
        if (Uuid::isValid($address)) {
            return new self(Uuid::fromString($address), '', '');
        }

        return 1 === preg_match('/^(\d{4}-\d{2}-\d{2})-([' . self::LETTERS . ']{4})$/', $address, $found)
            ? new self(null, $found[1], $found[2])
            : null;
    }

    /** @return array<string, string|Uuid> what a row of it has, by field */
    public function criteria(): array
    {
        return null === $this->id ? ['letters' => $this->letters] : ['id' => $this->id];
    }

    public static function lettersOf(Uuid $id): string
    {
        $letters = '';
        foreach (str_split(substr($id->toBinary(), self::FROM)) as $byte) {
            $letters .= self::LETTERS[\ord($byte) % \strlen(self::LETTERS)];
        }

        return $letters;
    }
}
