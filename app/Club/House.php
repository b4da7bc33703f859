<?php

declare(strict_types=1);

namespace FoxCorner\App\Club;

use Doctrine\ORM\EntityManagerInterface;

/** Who lives in this installation: nobody, the demo alone, or clubs of their own. */
final readonly class House
{
    /** How the demo's addresses end. */
    public const DEMO = '@saltmarsh.example';

    public function __construct(private EntityManagerInterface $entities) {}

    public function isEmpty(): bool
    {
        return 0 === $this->living(['%' . Account::GONE]);
    }

    /** Whether whoever comes may begin a club: nobody has yet. Later ones are made on the command line. */
    public function isOpen(): bool
    {
        return 0 === $this->living(['%' . self::DEMO, '%' . Account::GONE]);
    }

    /** @param list<string> $but patterns of e-mails */
    private function living(array $but): int
    {
        $query = $this->entities
            ->getRepository(Account::class)
            ->createQueryBuilder('account')
            ->select('COUNT(account)');
        foreach ($but as $index => $pattern) {
            $query->andWhere("account.email NOT LIKE :but$index")->setParameter("but$index", $pattern);
        }

        return (int) $query->getQuery()->getSingleScalarResult();
    }

    public function hasDemo(): bool
    {
        return 0 < $this->entities->getRepository(Account::class)->count(['email' => DemoSignIn::EMAIL]);
    }

    public static function isDemo(Account $account): bool
    {
        return str_ends_with($account->getUserIdentifier(), self::DEMO);
    }
}
