<?php

declare(strict_types=1);

namespace FoxCorner\App\Backup;

use FoxCorner\Core\Problem\Problem;
use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('fox:backup', 'Copies the whole database into a file.')]
final readonly class BackupCommand
{
    public function __construct(private Backups $backups) {}

    public function __invoke(
        SymfonyStyle $io,
        #[Argument('The file; else one in the instance’s own folder')] string $file = '',
        #[Option('The copy of tonight, if it is not there yet; the last seven are kept')] bool $nightly = false,
    ): int {
        try {
            $made = match (true) {
                '' !== $file => $this->backups->to($file),
                $nightly => $this->backups->nightly(),
                default => $this->backups->now(),
            };
        } catch (Problem $problem) {
            $io->error($problem->sentence());

            return Command::FAILURE;
        }
        if (null !== $made) {
            $io->writeln("The copy is $made");
        }

        return Command::SUCCESS;
    }
}
