<?php

declare(strict_types=1);

namespace FoxCorner\App\Keeping;

use FoxCorner\App\Backup\Backups;
use FoxCorner\Core\Problem\Problem;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('fox:night', 'Copies the database once a night, and takes off what is older than it may become.')]
final readonly class NightCommand
{
    public function __construct(private Backups $backups, private Tidying $tidying) {}

    public function __invoke(SymfonyStyle $io): int
    {
        $made = null;
        try {
            $made = $this->backups->nightly();
        } catch (Problem $problem) {
            $io->error($problem->sentence());
        }
        // What is older goes all the same: it has been in seven copies.
        $this->tidying->tidy();
        if (null !== $made) {
            $io->writeln("The copy is $made");
        }

        return isset($problem) ? Command::FAILURE : Command::SUCCESS;
    }
}
