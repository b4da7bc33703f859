<?php

declare(strict_types=1);

namespace FoxCorner\App\Demo;

use FoxCorner\App\Club\DemoSignIn;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[
    AsCommand(
        'fox:demo',
        'Resets the Saltmarsh demo to how it came; with --if-empty only loads it into an empty database.',
    ),
]
final readonly class DemoCommand
{
    public function __construct(private Demo $demo) {}

    public function __invoke(
        SymfonyStyle $io,
        #[Option('Do nothing unless there is no account yet')] bool $ifEmpty = false,
    ): int {
        if ($ifEmpty && !$this->demo->databaseIsEmpty()) {
            return Command::SUCCESS;
        }
        $this->demo->remove();
        $this->demo->load();
        $io->success(\sprintf('The demo is loaded. Sign in as %s with %s.', DemoSignIn::EMAIL, DemoSignIn::PASSWORD));

        return Command::SUCCESS;
    }
}
