<?php

declare(strict_types=1);

namespace FoxCorner\App\Undo;

use Doctrine\DBAL\Connection;
use Symfony\Component\Uid\Uuid;

/** Rows of a table that a change may touch: those that one column ties to one thing. */
final readonly class Watched
{
    private function __construct(public string $table, private string $where, private string $value) {}

    public static function row(string $table, Uuid $id): self
    {
        return new self($table, 'id = ?', $id->toBinary());
    }

    public static function rowsOf(string $table, string $column, Uuid $id): self
    {
        return new self($table, "$column = ?", $id->toBinary());
    }

    /** @return array<string, array<string, mixed>> by id in hexadecimal */
    public function read(Connection $connection): array
    {
        $rows = [];
        foreach (
            $connection->fetchAllAssociative("SELECT * FROM $this->table WHERE $this->where", [$this->value]) as $row
        ) {
            $id = $row['id'] ?? '';
            $rows[bin2hex(\is_string($id) ? $id : '')] = $row;
        }

        return $rows;
    }
}
