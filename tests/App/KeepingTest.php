<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Keeping\Periods;
use FoxCorner\App\Keeping\Tidying;
use FoxCorner\App\Shared\Time\Instant;
use FoxCorner\App\Undo\UndoStep;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\NativeClock;
use Symfony\Component\Filesystem\Filesystem;

/** What is kept how long: one page says it of every table, and that much is done. */
final class KeepingTest extends AppTestCase
{
    public function testThePageSaysItOfEveryTableAndAsTheProgramDoesIt(): void
    {
        $page = (string) file_get_contents(\dirname(__DIR__, 2) . '/docs/kept.md');
        $said = [];
        preg_match_all('/^\| ((?:`\w+`(?:, )?)+) \| .*? \| (.*) \|$/m', $page, $rows, \PREG_SET_ORDER);
        foreach ($rows as [, $names, $period]) {
            foreach (explode(', ', str_replace('`', '', $names)) as $name) {
                $said[$name] = $period;
            }
        }
        $tables = $this->entities()->getConnection()->fetchFirstColumn('SHOW TABLES');
        $folders = ['post', 'imports', 'backups', 'log'];
        sort($tables);
        $named = array_values(array_diff(array_keys($said), $folders));
        sort($named);
        self::assertSame($tables, $named);
        foreach (
            [...array_map(static fn(array $row): int => $row[1], Periods::ROWS), ...Periods::FILES] as $of => $days
        ) {
            self::assertStringStartsWith(1 === $days ? '1 day' : "$days days", $said[$of] ?? '', $of);
        }
        self::assertSame(14 * 86400, self::getContainer()->getParameter('session.storage.options')['gc_maxlifetime']);
    }

    public function testAStepOfATeamWhereNobodyComesIsGoneAfterThirtyDays(): void
    {
        $coach = $this->signIn();
        $days = ['29 days' => true, '30 days' => true, '30 days -1 second' => false, '400 days' => false];
        foreach ($days as $ago => $_) {
            $this->entities()->persist(new UndoStep($this->team(), $ago, '[]', $coach, self::now("-$ago")));
        }
        $this->entities()->flush();
        $page = $this->open($this->team(), '/changes')->filter('main')->text();
        foreach ($days as $ago => $stays) {
            self::assertSame($stays, str_contains($page, "$ago "), "$ago: not shown even before it is gone");
        }
        self::getContainer()->get(Tidying::class)->tidy();

        self::assertSame(2, $this->number("SELECT COUNT(*) FROM undo_step WHERE words LIKE '% day%'"));
    }

    public function testWhatIsOlderGoesAndNothingElse(): void
    {
        $connection = $this->entities()->getConnection();
        foreach (['-1 day +1 minute', '-1 day -1 minute'] as $when) {
            $connection->insert('sign_in_failure', [
                'email' => 'kept',
                'address' => '',
                'at' => Instant::written(self::now($when)),
            ]);
        }
        $connection->insert('session', [
            'sess_id' => 'over',
            'sess_data' => '',
            'sess_lifetime' => (new NativeClock())->now()->getTimestamp() - 60,
            'sess_time' => 0,
        ]);
        $folder = sys_get_temp_dir() . '/fox-' . bin2hex(random_bytes(6));
        $files = new Filesystem();
        $written = [
            'post/new' => 29,
            'post/old' => 31,
            'imports/new' => 0,
            'imports/old' => 2,
            'backups/old' => 99,
        ];
        foreach ($written as $file => $days) {
            $files->dumpFile("$folder/$file", '');
            $files->touch("$folder/$file", (new NativeClock())->now()->getTimestamp() - 86400 * $days);
        }
        (new Tidying($connection, Clock::get(), $folder))->tidy();

        self::assertSame(1, $this->number("SELECT COUNT(*) FROM sign_in_failure WHERE email = 'kept'"));
        self::assertSame(0, $this->number("SELECT COUNT(*) FROM session WHERE sess_id = 'over'"));
        $left = array_map(
            static fn(mixed $file): string => basename(\dirname((string) $file)) . '/' . basename((string) $file),
            (array) glob("$folder/*/*"),
        );
        self::assertSame(['backups/old', 'imports/new', 'post/new'], $left);
        $files->remove($folder);
    }
}
