<?php

declare(strict_types=1);

namespace FoxCorner\App\Keeping;

use Doctrine\DBAL\Connection;
use FoxCorner\App\Shared\Time\Instant;
use Psr\Clock\ClockInterface;
use Symfony\Component\Clock\NativeClock;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Filesystem\Filesystem;

/** Takes off what is older than it may become, of every team, whether anybody comes there or not. */
final readonly class Tidying
{
    public function __construct(
        private Connection $connection,
        private ClockInterface $clock,
        #[Autowire('%env(FOX_RUN_DIR)%')] private string $folder,
        private Filesystem $files = new Filesystem(),
    ) {}

    public function tidy(): void
    {
        $now = $this->clock->now();
        foreach (Periods::ROWS as $table => [$column, $days]) {
            $this->connection->executeStatement("DELETE FROM $table WHERE $column < ?", [
                Instant::written($now->modify("-$days days")),
            ]);
        }
        // Sessions end and files grow old by the machine's clock, whatever day the house has.
        $machine = (new NativeClock())->now()->getTimestamp();
        $this->connection->executeStatement('DELETE FROM session WHERE sess_lifetime < ?', [$machine]);
        // Of this edition of the program and of earlier ones.
        $this->connection->executeStatement('DELETE FROM kept_figure WHERE item_time + item_lifetime < ?', [$machine]);
        foreach (Periods::FILES as $folder => $days) {
            foreach ((array) glob("$this->folder/$folder/*") as $file) {
                if ($machine - (int) filemtime((string) $file) > $days * 86400) {
                    $this->files->remove((string) $file);
                }
            }
        }
    }
}
