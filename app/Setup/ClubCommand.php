<?php

declare(strict_types=1);

namespace FoxCorner\App\Setup;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Access\ResetTokens;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Club;
use FoxCorner\App\Club\Door\Accounts;
use FoxCorner\App\Club\Email;
use FoxCorner\App\Club\Founding;
use FoxCorner\App\Club\Team;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Unknown;
use FoxCorner\Core\Problem\WrongLength;
use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('fox:club', 'Makes a club with a team and its head coach, and says where he chooses his password.')]
final readonly class ClubCommand
{
    /** s: a week. */
    private const LASTS = 7 * 86400;

    public function __construct(
        private Accounts $accounts,
        private EntityManagerInterface $entities,
        private Founding $founding,
        private ResetTokens $tokens,
    ) {}

    public function __invoke(
        SymfonyStyle $io,
        #[Argument('Name of the club')] string $club,
        #[Argument('Name of the team')] string $team,
        #[Argument('Level of play, as baseball-high-school')] string $level,
        #[Argument('E-mail of the head coach')] string $email,
        #[Argument('Name of the head coach')] string $name,
        #[Option('Rule set, as fastpitch-43; else what the level usually plays by')] string $rules = '',
    ): int {
        try {
            $plays = Unknown::oneOf(Level::class, $level, 'level');
            $address = Email::of($email);
            $known = $this->accounts->by($address);
            $coach = $known ?? new Account($address, WrongLength::unlessBetween('name', $name, 1, Account::LONGEST));
            $made = $this->founding->found(
                WrongLength::unlessBetween('club', $club, 1, Club::LONGEST),
                WrongLength::unlessBetween('team', $team, 1, Team::LONGEST),
                $plays,
                '' === $rules ? null : ShippedRuleSets::get($rules),
                $coach,
            );
            $this->entities->flush();
        } catch (Problem $problem) {
            $io->error($problem->sentence());

            return Command::INVALID;
        }
        $io->success("The $made->name of $club are at /{$made->address()}.");
        if (null === $known) {
            $io->writeln('Within a week the password is chosen at ' . $this->tokens->link($coach, self::LASTS));
        }

        return Command::SUCCESS;
    }
}
