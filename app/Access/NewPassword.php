<?php

declare(strict_types=1);

namespace FoxCorner\App\Access;

use FoxCorner\App\Club\Account;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;

/** What a password has to be, and how an account gets it. */
final readonly class NewPassword
{
    /** Letters. */
    private const SHORTEST = 10;
    /** Bytes that the hash reads. */
    private const LONGEST = 72;
    /** As every page says it where one is chosen. */
    public const ADVICE = 'At least ' . self::SHORTEST . ' letters; a few words are easy to keep';

    public function __construct(private UserPasswordHasherInterface $hasher) {}

    /** @throws Problem naming the field */
    public function give(Account $account, #[\SensitiveParameter] string $password): void
    {
        $letters = mb_strlen($password);
        if ($letters < self::SHORTEST || \strlen($password) > self::LONGEST) {
            throw Refused::because(
                'password',
                $letters < self::SHORTEST ? \sprintf('it has %d letters', $letters) : 'it is too long',
                \sprintf('%d to %d letters; a few words are easy to keep', self::SHORTEST, self::LONGEST),
            );
        }
        if (1 === \count(array_unique(mb_str_split($password))) || $password === $account->getUserIdentifier()) {
            throw Refused::because('password', 'anybody would guess it', 'a few words that nobody connects with you');
        }
        $account->setPasswordHash($this->hasher->hashPassword($account, $password));
    }
}
