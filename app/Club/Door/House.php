<?php

declare(strict_types=1);

namespace FoxCorner\App\Club\Door;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Account;

/** Who lives in this installation: nobody, the demo alone, or clubs of their own. */
final readonly class House
{
    public function __construct(private EntityManagerInterface $entities) {}

    public function isEmpty(): bool
    {
        return 0 === $this->living(true);
    }

    /** Whether whoever comes may begin a club: nobody has yet. Later ones are made on the command line. */
    public function isOpen(): bool
    {
        return 0 === $this->living(false);
    }

    public function hasDemo(): bool
    {
        return 0 < $this->entities->getRepository(Account::class)->count(['demo' => true]);
    }

    private function living(bool $withDemo): int
    {
        $query = $this->entities
            ->getRepository(Account::class)
            ->createQueryBuilder('account')
            ->select('COUNT(account)')
            ->where('account.email NOT LIKE :gone')
            ->setParameter('gone', '%' . Account::GONE);
        if (!$withDemo) {
            $query->andWhere('account.demo = false');
        }

        return (int) $query->getQuery()->getSingleScalarResult();
    }
}
