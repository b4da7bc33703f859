<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Database;

use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Middleware\AbstractConnectionMiddleware;
use Doctrine\DBAL\Driver\Statement;

/** A connection that notes when something written stands: a commit, or a statement outside of a transaction. */
final class NotingConnection extends AbstractConnectionMiddleware
{
    private bool $inTransaction = false;

    public function __construct(Connection $connection, private readonly Writes $writes)
    {
        parent::__construct($connection);
    }

    public function beginTransaction(): void
    {
        parent::beginTransaction();
        $this->inTransaction = true;
    }

    public function commit(): void
    {
        parent::commit();
        $this->inTransaction = false;
        $this->writes->note();
    }

    public function rollBack(): void
    {
        $this->inTransaction = false;
        parent::rollBack();
    }

    public function exec(string $sql): int|string
    {
        $done = parent::exec($sql);
        $this->noteIfWritten($sql);

        return $done;
    }

    public function prepare(string $sql): Statement
    {
        $this->noteIfWritten($sql);

        return parent::prepare($sql);
    }

    private function noteIfWritten(string $sql): void
    {
        // Save points stand inside a transaction; all that begins otherwise reads or sets something for the session.
        if (!$this->inTransaction && 1 === preg_match('/^\s*(INSERT|UPDATE|DELETE|REPLACE)\b/i', $sql)) {
            $this->writes->note();
        }
    }
}
