<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception;
use FoxCorner\App\Shared\Time\Instant;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Answers "ok" when application and database both do, and says whether the database also takes what is written. */
final readonly class Health
{
    public function __construct(private Connection $connection, private ClockInterface $clock) {}

    #[Route('/health', methods: ['GET'], stateless: true)]
    public function answer(): Response
    {
        $this->connection->executeQuery('SELECT 1');
        $writes = $this->writes();

        return new Response(
            $writes ? "ok\nreading: yes\nwriting: yes\n" : "not ok\nreading: yes\nwriting: no\n",
            $writes ? Response::HTTP_OK : Response::HTTP_SERVICE_UNAVAILABLE,
            ['Content-Type' => 'text/plain', 'Cache-Control' => 'no-store'],
        );
    }

    /** Tried, and taken back: nothing stays of it. */
    private function writes(): bool
    {
        try {
            $this->connection->beginTransaction();
            $this->connection->insert('health_probe', ['at' => Instant::written($this->clock->now())]);
            $this->connection->rollBack();

            return true;
        } catch (Exception) {
            return false;
        }
    }
}
