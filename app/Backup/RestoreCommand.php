<?php

declare(strict_types=1);

namespace FoxCorner\App\Backup;

use FoxCorner\Core\Problem\Problem;
use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('fox:restore', 'Puts a copy in the place of the whole database; what is there is copied first.')]
final readonly class RestoreCommand
{
    public function __construct(private Backups $backups) {}

    public function __invoke(
        SymfonyStyle $io,
        #[Argument('A file that fox:backup has made')] string $file,
        #[Option('Do not ask')] bool $yes = false,
    ): int {
        if (!$yes && !$io->confirm('Everything that is there now is replaced. Go on?', false)) {
            return Command::SUCCESS;
        }
        try {
            $before = $this->backups->restore($file);
        } catch (Problem $problem) {
            $io->error($problem->sentence());

            return Command::FAILURE;
        }
        $io->success("The copy is back. What was there before it is $before");
        $io->writeln('Start once more, so that an older copy is brought up to date.');

        return Command::SUCCESS;
    }
}
