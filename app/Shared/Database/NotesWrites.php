<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Database;

use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;

/** Puts itself between the application and the database's driver, to know what stands. */
final readonly class NotesWrites implements Middleware
{
    public function __construct(private Writes $writes) {}

    public function wrap(Driver $driver): Driver
    {
        return new class ($driver, $this->writes) extends AbstractDriverMiddleware {
            public function __construct(Driver $driver, private readonly Writes $writes)
            {
                parent::__construct($driver);
            }

            public function connect(#[\SensitiveParameter] array $params): Driver\Connection
            {
                return new NotingConnection(parent::connect($params), $this->writes);
            }
        };
    }
}
