<?php

declare(strict_types=1);

namespace FoxCorner\App\Demo;

use FoxCorner\App\Club\Door\DemoSignIn;
use FoxCorner\App\Club\Door\House;
use FoxCorner\App\Setup\SetupCode;
use FoxCorner\App\Shared\PublicAddress;
use FoxCorner\Core\Problem\Problem;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('fox:demo', 'Resets the Saltmarsh demo to how it came, or takes it off; says how to come in.')]
final readonly class DemoCommand
{
    public function __construct(
        private Demo $demo,
        private House $house,
        private SetupCode $code,
        private PublicAddress $addresses,
    ) {}

    public function __invoke(
        SymfonyStyle $io,
        #[Option('Do nothing unless there is no account yet')] bool $ifEmpty = false,
        #[Option('Do nothing where it is loaded')] bool $ifMissing = false,
        #[Option('Take it off and load nothing')] bool $remove = false,
        #[Option('Change nothing')] bool $tell = false,
    ): int {
        $stays = $tell || ($ifMissing && $this->house->hasDemo()) || ($ifEmpty && !$this->house->isEmpty());
        try {
            $copy = $stays ? null : $this->demo->remove();
            if (null !== $copy) {
                $io->writeln("What was there before is in $copy");
            }
            if (!$stays && !$remove) {
                $this->demo->load();
            }
        } catch (Problem $problem) {
            // The house goes on without it.
            $io->writeln($problem->sentence());
        }
        $io->writeln($this->wayIn());

        return Command::SUCCESS;
    }

    private function wayIn(): string
    {
        return match (true) {
            $this->house->isEmpty() => "Nobody lives here yet. Begin with your club and team: {$this->setup()}",
            $this->house->hasDemo() => 'Demo sign-in: ' .
                DemoSignIn::EMAIL .
                ', ' .
                DemoSignIn::PASSWORD .
                ($this->house->isOpen() ? "\nA club of your own begins at {$this->setup()}" : ''),
            default => 'Sign in with your account.',
        };
    }

    private function setup(): string
    {
        return $this->addresses->of('setup', ['code' => $this->code->code()]);
    }
}
