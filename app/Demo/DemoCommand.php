<?php

declare(strict_types=1);

namespace FoxCorner\App\Demo;

use FoxCorner\App\Club\DemoSignIn;
use FoxCorner\App\Club\House;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[
    AsCommand(
        'fox:demo',
        'Resets the Saltmarsh demo to how it came, loads it only where something is missing, or takes it off.',
    ),
]
final readonly class DemoCommand
{
    public function __construct(private Demo $demo, private House $house) {}

    public function __invoke(
        SymfonyStyle $io,
        #[Option('Do nothing unless there is no account yet')] bool $ifEmpty = false,
        #[Option('Do nothing where it is loaded')] bool $ifMissing = false,
        #[Option('Take it off and load nothing')] bool $remove = false,
        #[Option('Only say how to come in')] bool $tell = false,
    ): int {
        if ($tell) {
            $io->writeln($this->wayIn());

            return Command::SUCCESS;
        }
        if ($ifMissing && $this->demo->isLoaded()) {
            return Command::SUCCESS;
        }
        if ($ifEmpty && !$this->demo->databaseIsEmpty()) {
            return Command::SUCCESS;
        }
        $this->demo->remove();
        if ($remove) {
            $io->success('The demo is taken off.');

            return Command::SUCCESS;
        }
        $this->demo->load();
        $io->success(\sprintf('The demo is loaded. Sign in as %s with %s.', DemoSignIn::EMAIL, DemoSignIn::PASSWORD));

        return Command::SUCCESS;
    }

    private function wayIn(): string
    {
        return match (true) {
            $this->house->isEmpty() => 'Nobody lives here yet: the first page asks for your club and team.',
            $this->demo->isLoaded() => 'Demo sign-in: ' . DemoSignIn::EMAIL . ', ' . DemoSignIn::PASSWORD,
            default => 'Sign in with your account.',
        };
    }
}
