<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared;

use Doctrine\DBAL\Connection;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Answers "ok" when application and database both do. */
final readonly class Health
{
    public function __construct(private Connection $connection)
    {
    }

    #[Route('/health', methods: ['GET'], stateless: true)]
    public function answer(): Response
    {
        $this->connection->executeQuery('SELECT 1');

        return new Response('ok', headers: ['Content-Type' => 'text/plain']);
    }
}
