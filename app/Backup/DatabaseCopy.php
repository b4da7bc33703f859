<?php

declare(strict_types=1);

namespace FoxCorner\App\Backup;

use Doctrine\DBAL\Connection;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use Symfony\Component\Process\Process;

/**
 * The whole database as a file: what Debian's mariadb-dump writes, compressed, with a first line that says what it is
 * and a last one that says that it is whole. Who is signed in is not in it.
 */
final readonly class DatabaseCopy
{
    private const FIRST = '-- Fox Corner, a copy of the database; newest change of its form: ';
    private const LAST = '-- The copy is whole.';
    /** Tables whose rows are of the moment. */
    private const MOMENT = ['session', 'sign_in_failure', 'messenger_messages', 'health_probe', 'kept_figure'];
    /** s */
    private const LONGEST = 600;
    private const PIECE = 65536;

    /** Bytes that stay free beside a copy, and the part of what the database holds that one needs at most. */
    private const ROOM = 50_000_000;
    private const SHARE = 0.6;

    /** @param float|null $free bytes that are free for a copy; null: what the disk says */
    public function __construct(private Connection $connection, private ?float $free = null) {}

    /** @throws Problem when it cannot be made, or there is no room for it */
    public function write(string $file): void
    {
        $this->mustHaveRoom(\dirname($file));
        $part = "$file.part";
        $out = gzopen($part, 'wb6');
        if (false === $out) {
            throw Refused::because('file', "$file cannot be written", 'a folder that can be written to');
        }
        chmod($part, 0o600);
        gzwrite($out, self::FIRST . $this->form() . "\n");
        $dump = $this->process([
            'mariadb-dump',
            ...$this->way(),
            '--single-transaction',
            '--skip-comments',
            '--hex-blob',
            ...array_map(fn(string $table): string => "--ignore-table-data={$this->name()}.$table", self::MOMENT),
            $this->name(),
        ]);
        $isWritten = true;
        $dump->run(static function (string $type, string $piece) use ($out, &$isWritten): void {
            if (Process::OUT === $type) {
                $isWritten = $isWritten && \strlen($piece) === @gzwrite($out, $piece);
            }
        });
        $last = "\n" . self::LAST . "\n";
        $isWritten = \strlen($last) === @gzwrite($out, $last) && @gzclose($out) && $isWritten;
        if (!$dump->isSuccessful() || !$isWritten) {
            unlink($part);
            throw $isWritten
                ? Refused::because('database', trim($dump->getErrorOutput()), 'a database that answers')
                : Refused::because('file', "$file cannot be written to its end", 'a place with more room');
        }
        rename($part, $file);
    }

    /** @throws Problem */
    private function mustHaveRoom(string $folder): void
    {
        $holds = $this->connection->fetchOne(
            'SELECT SUM(data_length) FROM information_schema.tables WHERE table_schema = ?',
            [$this->name()],
        );
        $free = $this->free ?? disk_free_space($folder);
        $needs = self::ROOM + self::SHARE * (is_numeric($holds) ? (float) $holds : 0.0);
        if (false !== $free && $free < $needs) {
            throw Refused::because(
                'file',
                \sprintf('%.0f MB are free in %s', $free / 1e6, $folder),
                \sprintf('a place with %.0f MB', $needs / 1e6),
            );
        }
    }

    /** @throws Problem when it is no copy, not whole, or of a later version */
    public function mustBeWhole(string $file): void
    {
        $in = is_file($file) ? gzopen($file, 'rb') : false;
        if (false === $in) {
            throw Refused::because('file', "$file cannot be read", 'a copy that fox:backup has made');
        }
        $first = (string) gzgets($in, 400);
        if (!str_starts_with($first, self::FIRST)) {
            throw Refused::because('file', "$file is no copy of Fox Corner", 'a copy that fox:backup has made');
        }
        $end = '';
        while (!gzeof($in)) {
            $piece = gzread($in, self::PIECE);
            if (false === $piece || '' === $piece) {
                break;
            }
            $end = substr($end . $piece, -200);
        }
        gzclose($in);
        if (self::LAST !== trim(substr($end, (int) strrpos(rtrim($end), "\n")))) {
            throw Refused::because('file', "$file ends too early", 'a whole copy');
        }
        $form = trim(substr($first, \strlen(self::FIRST)));
        if (!\in_array($form, $this->known(), true)) {
            throw Refused::because(
                'file',
                "it was made by a later version ($form)",
                'a copy of this version or before',
            );
        }
    }

    /** @throws Problem when the database does not take it */
    public function read(string $file): void
    {
        $restore = $this->process(['mariadb', ...$this->way(), $this->name()]);
        $restore->setInput(
            (static function () use ($file): iterable {
                $in = gzopen($file, 'rb');
                while (false !== $in && !gzeof($in)) {
                    yield (string) gzread($in, self::PIECE);
                }
            })(),
        );
        $restore->run();
        if (!$restore->isSuccessful()) {
            throw Refused::because('database', trim($restore->getErrorOutput()), 'a database that takes the copy');
        }
    }

    /** The newest migration that the database has had. */
    private function form(): string
    {
        $version = $this->connection->fetchOne('SELECT MAX(version) FROM doctrine_migration_versions');

        return \is_string($version) ? $version : 'none';
    }

    /** @return list<string> migrations that this version of the program knows */
    private function known(): array
    {
        $files = glob(\dirname(__DIR__, 2) . '/migrations/Version*.php');

        return array_map(
            static fn(string $file): string => 'FoxCorner\\Migrations\\' . basename($file, '.php'),
            false === $files ? [] : $files,
        );
    }

    private function name(): string
    {
        return (string) $this->connection->getDatabase();
    }

    /** @return list<string> */
    private function way(): array
    {
        $parameters = $this->connection->getParams();

        return [
            '--no-defaults',
            '--protocol=tcp',
            '--host=' . ($parameters['host'] ?? '127.0.0.1'),
            '--port=' . ($parameters['port'] ?? 3306),
            '--user=' . ($parameters['user'] ?? ''),
        ];
    }

    /** @param list<string> $command */
    private function process(array $command): Process
    {
        // Not on the command line, where others could read it.
        $password = $this->connection->getParams()['password'] ?? '';

        return new Process($command, env: ['MYSQL_PWD' => $password], timeout: self::LONGEST);
    }
}
