<?php

declare(strict_types=1);

namespace FoxCorner\App\Club;

use Doctrine\ORM\EntityManagerInterface;

/** Who lives in this installation: nobody, the demo alone, or clubs of their own. */
final readonly class House
{
    /** How the demo's addresses end. */
    private const DEMO = '@saltmarsh.example';

    public function __construct(private EntityManagerInterface $entities) {}

    public function isEmpty(): bool
    {
        return 0 === $this->entities->getRepository(Account::class)->count();
    }

    /** Whether whoever comes may begin a club: nobody has yet. Later ones are made on the command line. */
    public function isOpen(): bool
    {
        $own = $this->entities
            ->createQuery('SELECT COUNT(a) FROM ' . Account::class . ' a WHERE a.email NOT LIKE :demo')
            ->setParameter('demo', '%' . self::DEMO)
            ->getSingleScalarResult();

        return 0 === (int) $own;
    }

    public static function isDemo(Account $account): bool
    {
        return str_ends_with($account->getUserIdentifier(), self::DEMO);
    }
}
