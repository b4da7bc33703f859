<?php

declare(strict_types=1);

namespace FoxCorner\Bench;

/** The started instance, looked at from outside: what its processes use, and what its database keeps. */
final readonly class Instance
{
    /** ms that a tick of the system's accounts is. */
    private const TICK = 10.0;

    public string $address;
    private \PDO $database;

    public function __construct(private string $run)
    {
        $port = is_file("$run/port") ? (int) file_get_contents("$run/port") : 8085;
        $this->address = "http://127.0.0.1:$port";
        $said = (string) @file_get_contents("$run/environment");
        $url = parse_url(1 === preg_match('~^DATABASE_URL=(.*)$~m', $said, $found) ? $found[1] : '');
        if (!isset($url['host'], $url['port'], $url['path'], $url['user'])) {
            throw new \RuntimeException('No instance is started: run bin/start --detach first.');
        }
        $this->database = new \PDO(
            "mysql:host={$url['host']};port={$url['port']};dbname=" . ltrim($url['path'], '/'),
            $url['user'],
            $url['pass'] ?? '',
        );
    }

    /** ms of the processor that a service's processes have had: "fpm", "workers", "mariadb". */
    public function spent(string $service): float
    {
        $ticks = 0;
        $group = trim((string) file_get_contents("$this->run/$service.pid"));
        foreach ((array) glob('/proc/[0-9]*/stat') as $file) {
            // A process may be gone by now.
            $said = (string) @file_get_contents((string) $file);
            $fields = explode(' ', substr($said, (int) strrpos($said, ')') + 2));
            if (($fields[2] ?? '') === $group) {
                $ticks += (int) $fields[11] + (int) $fields[12];
            }
        }

        return self::TICK * $ticks;
    }

    /** Until the workers have nothing to do, a minute at most. What an edit leaves them comes after its answer. */
    public function settle(): void
    {
        $look = 0;
        do {
            usleep(200_000);
        } while (++$look < 300 && $this->count("solve_job WHERE state IN ('waiting', 'running')") > 0);
    }

    public function forgetFigures(): void
    {
        $this->database->exec('DELETE FROM kept_figure');
    }

    /** @return list<string> what is kept of figures, as it is stored */
    public function figures(): array
    {
        $found = $this->database->query('SELECT item_data FROM kept_figure');

        /** @var list<string> $figures */
        $figures = false === $found ? [] : $found->fetchAll(\PDO::FETCH_COLUMN);

        return $figures;
    }

    private function count(string $what): int
    {
        $found = $this->database->query("SELECT COUNT(*) FROM $what");

        return false === $found ? 0 : (int) $found->fetchColumn();
    }
}
