<?php

declare(strict_types=1);

namespace FoxCorner\App\Club\Door;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Account;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\Security\Core\Exception\UnsupportedUserException;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Core\User\UserInterface;
use Symfony\Component\Security\Core\User\UserProviderInterface;

/**
 * Finds who signs in: by the e-mail letter by letter, in small letters.
 *
 * @implements UserProviderInterface<Account>
 */
final readonly class Accounts implements UserProviderInterface
{
    public function __construct(
        private EntityManagerInterface $entities,
        private PasswordHasherFactoryInterface $hashers,
        private DemoDoor $demo,
    ) {}

    public function by(string $email): ?Account
    {
        return $this->entities->getRepository(Account::class)->findOneBy(['email' => Account::normal($email)]);
    }

    public function loadUserByIdentifier(string $identifier): Account
    {
        $account = $this->by($identifier);
        if (null === $account || $this->isShutOut($account)) {
            // As long as a known one takes, so that the time does not tell who has an account.
            $hasher = $this->hashers->getPasswordHasher(Account::class);
            $hasher->hash($identifier);

            throw new UserNotFoundException();
        }

        return $account;
    }

    public function refreshUser(UserInterface $user): Account
    {
        $account =
            $user instanceof Account
                ? $this->entities->find(Account::class, $user->id())
                : throw new UnsupportedUserException();

        return null === $account || $this->isShutOut($account) ? throw new UserNotFoundException() : $account;
    }

    private function isShutOut(Account $account): bool
    {
        return $account->isDemo() && !$this->demo->isOpen();
    }

    public function supportsClass(string $class): bool
    {
        return is_a($class, Account::class, true);
    }
}
