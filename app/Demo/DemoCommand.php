<?php

declare(strict_types=1);

namespace FoxCorner\App\Demo;

use FoxCorner\App\Club\DemoSignIn;
use FoxCorner\App\Club\House;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('fox:demo', 'Resets the Saltmarsh demo to how it came, or takes it off; says how to come in.')]
final readonly class DemoCommand
{
    public function __construct(private Demo $demo, private House $house) {}

    public function __invoke(
        SymfonyStyle $io,
        #[Option('Do nothing unless there is no account yet')] bool $ifEmpty = false,
        #[Option('Do nothing where it is loaded')] bool $ifMissing = false,
        #[Option('Take it off and load nothing')] bool $remove = false,
        #[Option('Change nothing')] bool $tell = false,
    ): int {
        $stays = $tell || ($ifMissing && $this->house->hasDemo()) || ($ifEmpty && !$this->house->isEmpty());
        if (!$stays) {
            $this->demo->remove();
        }
        if (!$stays && !$remove) {
            $this->demo->load();
        }
        $io->writeln($this->wayIn());

        return Command::SUCCESS;
    }

    private function wayIn(): string
    {
        return match (true) {
            $this->house->isEmpty() => 'Nobody lives here yet: the first page asks for your club and team.',
            $this->house->hasDemo() => 'Demo sign-in: ' . DemoSignIn::EMAIL . ', ' . DemoSignIn::PASSWORD,
            default => 'Sign in with your account.',
        };
    }
}
