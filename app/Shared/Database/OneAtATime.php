<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Database;

use Doctrine\DBAL\Connection;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** Work that only one request of all may do at a moment: who looks and then writes must not be overtaken in between. */
final readonly class OneAtATime
{
    /** s for which others are waited for */
    private const PATIENCE = 3;

    public function __construct(private Connection $connection) {}

    /**
     * @template T
     *
     * @param string        $what a name of the work
     * @param callable(): T $work
     *
     * @return T
     *
     * @throws Problem when others were at it for too long
     */
    public function run(string $what, callable $work): mixed
    {
        $lock = hash('md5', $this->connection->getDatabase() . $what);
        $got = $this->connection->fetchOne('SELECT GET_LOCK(?, ?)', [$lock, self::PATIENCE]);
        if (1 !== $got && '1' !== $got) {
            throw Refused::because('page', 'too many ask at the same moment', 'again in a moment');
        }
        try {
            return $work();
        } finally {
            $this->connection->executeQuery('SELECT RELEASE_LOCK(?)', [$lock]);
        }
    }
}
