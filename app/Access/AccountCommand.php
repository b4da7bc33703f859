<?php

declare(strict_types=1);

namespace FoxCorner\App\Access;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Door\Accounts;
use FoxCorner\App\Club\Email;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\WrongLength;
use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[
    AsCommand(
        'fox:account',
        'Makes an account, or gives one that is there a link for a new password; teams are joined by invitation.',
    ),
]
final readonly class AccountCommand
{
    public function __construct(
        private Accounts $accounts,
        private EntityManagerInterface $entities,
        private ResetTokens $tokens,
    ) {}

    public function __invoke(
        SymfonyStyle $io,
        #[Argument('E-mail')] string $email,
        #[Argument('Name; needed for a new account')] string $name = '',
    ): int {
        try {
            $address = Email::of($email);
            $account = $this->accounts->by($address);
            if (null === $account) {
                $account = new Account(
                    $address,
                    WrongLength::unlessBetween('name of a new account', $name, 1, Account::LONGEST),
                );
                $this->entities->persist($account);
                $this->entities->flush();
                $io->writeln("$address has an account now.");
            }
            $link = $this->tokens->link($account);
        } catch (Problem $problem) {
            $io->error($problem->sentence());

            return Command::INVALID;
        }
        $io->writeln("Within an hour the password is chosen at $link");

        return Command::SUCCESS;
    }
}
