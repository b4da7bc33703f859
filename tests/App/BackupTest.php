<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use DAMA\DoctrineTestBundle\Doctrine\DBAL\StaticDriver;
use FoxCorner\App\Backup\Backups;
use FoxCorner\App\Backup\DatabaseCopy;
use FoxCorner\App\Backup\Sealing;
use FoxCorner\Core\Problem\Problem;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Filesystem\Filesystem;

/** Copies of the database, made and put back; the database is the real one, and a table of its own is changed. */
final class BackupTest extends AppTestCase
{
    private string $folder = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir() . '/fox-backups-' . bin2hex(random_bytes(6));
    }

    protected function tearDown(): void
    {
        (new Filesystem())->remove($this->folder);
        parent::tearDown();
    }

    public function testACopyIsPutBackAndWhatWasThereIsCopiedFirst(): void
    {
        // The test's own change is never committed: another connection, as the dump has, sees what was before it.
        $file = "$this->folder/one.sql.gz";
        $backups = $this->backups();
        $backups->to($file);
        $sql = (string) gzdecode((string) file_get_contents($file));
        self::assertStringContainsString('INSERT INTO `player`', $sql);
        self::assertStringContainsString('CREATE TABLE `session`', $sql);
        self::assertStringNotContainsString(
            'INSERT INTO `session`',
            $sql,
            'who is signed in is nobody else’s business',
        );
        self::assertSame(0o600, fileperms($file) & 0o777);
        StaticDriver::rollBack();
        $before = $backups->restore($file);
        StaticDriver::beginTransaction();
        self::assertSame($sql, gzdecode((string) file_get_contents($before)), 'the same, to the letter');
        $again = "$this->folder/two.sql.gz";
        $backups->to($again);
        self::assertSame($sql, gzdecode((string) file_get_contents($again)));
    }

    public function testEveryNightOneAndSevenAreKept(): void
    {
        $clock = new MockClock('2026-11-20 02:59:00');
        $backups = $this->backups($clock);
        self::assertStringEndsWith(
            'night-2026-11-19.sql.gz',
            (string) $backups->nightly(),
            'before three it is yesterday’s',
        );
        self::assertNull($backups->nightly());
        for ($night = 0; $night < 8; ++$night) {
            $clock->modify('+1 day');
            self::assertNotNull($backups->nightly());
        }
        self::assertSame(
            ['night-2026-11-21', 'night-2026-11-27'],
            [basename($backups->nights()[0], '.sql.gz'), basename($backups->nights()[6], '.sql.gz')],
        );
        self::assertCount(7, $backups->nights());
    }

    #[TestWith(['nothing', 'cannot be read'])]
    #[TestWith(['hello', 'is no copy of Fox Corner'])]
    #[TestWith(['half', 'ends too early'])]
    #[TestWith(['later', 'it was made by a later version'])]
    public function testWhatIsNoWholeCopyIsRefusedAndNothingIsTouched(string $kind, string $words): void
    {
        $file = "$this->folder/good.sql.gz";
        $backups = $this->backups();
        $backups->to($file);
        $sql = (string) gzdecode((string) file_get_contents($file));
        $bad = "$this->folder/bad.sql.gz";
        match ($kind) {
            'nothing' => null,
            'hello' => file_put_contents($bad, (string) gzencode("hello\n")),
            'half' => file_put_contents($bad, (string) gzencode(substr($sql, 0, intdiv(\strlen($sql), 2)))),
            default => file_put_contents(
                $bad,
                (string) gzencode((string) preg_replace('/Version\d+/', 'Version29991231000000', $sql, 1)),
            ),
        };
        try {
            $backups->restore($bad);
            self::fail('It was taken.');
        } catch (Problem $problem) {
            self::assertStringContainsString($words, $problem->wrong());
        }
        self::assertCount('nothing' === $kind ? 1 : 2, (array) glob("$this->folder/*.sql.gz"), 'no copy was begun');
    }

    public function testAFileIsNotWrittenOverAndOneRestoreIsOnAtATime(): void
    {
        $file = "$this->folder/one.sql.gz";
        $backups = $this->backups();
        $backups->to($file);
        try {
            $backups->to($file);
            self::fail('It was written over.');
        } catch (Problem $problem) {
            self::assertStringContainsString('is there already', $problem->wrong());
        }
        $lock = fopen("$this->folder/restore.lock", 'c');
        self::assertNotFalse($lock);
        flock($lock, \LOCK_EX);
        try {
            $backups->restore($file);
            self::fail('Two were on.');
        } catch (Problem $problem) {
            self::assertStringContainsString('another one is on', $problem->wrong());
        }
    }

    public function testSealedItIsReadByWhoHasThePassphraseAlone(): void
    {
        $backups = $this->backups(sealed: 'nine herons on the mole');
        $made = $backups->to("$this->folder/one.sql.gz");
        self::assertSame("$this->folder/one.sql.gz.sealed", $made);
        self::assertSame([], (array) glob("$this->folder/{*.gz,*.part,open/*}", \GLOB_BRACE), 'nothing lies open');
        self::assertSame(0o600, fileperms($made) & 0o777);
        $bytes = (string) file_get_contents($made);
        self::assertFalse(@gzdecode($bytes));
        StaticDriver::rollBack();
        $before = $backups->restore($made);
        StaticDriver::beginTransaction();
        self::assertStringEndsWith('.sql.gz.sealed', $before);
        $sealing = new Sealing('nine herons on the mole');
        $sealing->open($made, "$this->folder/opened.gz");
        $sql = (string) gzdecode((string) file_get_contents("$this->folder/opened.gz"));
        self::assertStringContainsString('INSERT INTO `player`', $sql);

        $broken = $bytes;
        $broken[intdiv(\strlen($bytes), 2)] = \chr(\ord($broken[intdiv(\strlen($bytes), 2)]) ^ 1);
        foreach (
            [
                ['eight herons on the mole', $bytes, 'does not open with this passphrase'],
                ['', $bytes, 'is sealed'],
                ['nine herons on the mole', substr($bytes, 0, -20), 'is not whole'],
                ['nine herons on the mole', substr($bytes, 0, 30), 'is not whole'],
                ['nine herons on the mole', $broken, 'is not whole'],
            ] as [$passphrase, $content, $words]
        ) {
            file_put_contents("$this->folder/tried", $content);
            try {
                $this->backups(sealed: $passphrase)->restore("$this->folder/tried");
                self::fail('It was opened.');
            } catch (Problem $problem) {
                self::assertStringContainsString($words, $problem->wrong());
            }
        }
    }

    public function testEveryNightOneSealedToo(): void
    {
        $clock = new MockClock('2026-11-20 12:00:00');
        $this->backups($clock)->nightly();
        for ($night = 0; $night < 8; ++$night) {
            $clock->modify('+1 day');
            self::assertStringEndsWith(
                '.sealed',
                (string) $this->backups($clock, 'nine herons on the mole')->nightly(),
            );
            self::assertNull($this->backups($clock, 'nine herons on the mole')->nightly());
        }

        self::assertCount(7, $this->backups($clock)->nights());
    }

    public function testWhereThereIsNoRoomNothingIsBegun(): void
    {
        $copy = new DatabaseCopy($this->entities()->getConnection(), 50_000_000.0);
        try {
            $this->backups(copy: $copy)->to("$this->folder/one.sql.gz");
            self::fail('It was begun.');
        } catch (Problem $problem) {
            self::assertSame("50 MB are free in $this->folder", $problem->wrong());
            self::assertStringContainsString('a place with 5', $problem->allowed());
        }
        self::assertSame([], (array) glob("$this->folder/*"));
    }

    private function backups(?MockClock $clock = null, string $sealed = '', ?DatabaseCopy $copy = null): Backups
    {
        return new Backups(
            $copy ?? self::getContainer()->get(DatabaseCopy::class),
            $clock ?? new MockClock('2026-11-20 12:00:00'),
            new Sealing($sealed),
            $this->folder,
            "$this->folder/open",
        );
    }
}
