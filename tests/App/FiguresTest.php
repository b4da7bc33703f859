<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception;
use FoxCorner\App\Plan\SmallMarshaller;
use FoxCorner\App\Shared\Kept\Edition;
use FoxCorner\App\Shared\Kept\Figures;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Range\Step;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Cache\Adapter\ArrayAdapter;
use Symfony\Component\Cache\Adapter\DoctrineDbalAdapter;
use Symfony\Component\Filesystem\Filesystem;

/** What is kept in the database: asked once, and never taken for something else than it is. */
final class FiguresTest extends AppTestCase
{
    private int $reckoned = 0;

    public function testItIsReckonedOnce(): void
    {
        $before = $this->number('SELECT COUNT(*) FROM kept_figure');
        $this->point($this->figures('one'));
        self::assertEquals(Point::of(1.0, 2.0), $this->point($this->figures('one')));
        self::assertSame(1, $this->reckoned);
        self::assertSame($before + 1, $this->number('SELECT COUNT(*) FROM kept_figure'));
    }

    public function testAnotherEditionReckonsItsOwn(): void
    {
        $this->point($this->figures('one'));
        $this->point($this->figures('other'));

        self::assertSame(2, $this->reckoned);
    }

    #[TestWith(["UPDATE kept_figure SET item_data = 'rubbish'"])]
    #[TestWith(["UPDATE kept_figure SET item_data = ''"])]
    #[TestWith(['UPDATE kept_figure SET item_data = LEFT(item_data, LENGTH(item_data) / 2)'])]
    #[TestWith(['UPDATE kept_figure SET item_time = item_time - item_lifetime'])]
    public function testWhatIsDamagedOrTooOldIsReckonedAgain(string $damage): void
    {
        $this->point($this->figures('one'));
        $this->entities()->getConnection()->executeStatement($damage);

        // What cannot be read is a notice in the log, and nothing else.
        set_error_handler(static fn(): bool => true, \E_NOTICE);
        self::assertEquals(Point::of(1.0, 2.0), $this->point($this->figures('one')));
        restore_error_handler();
        self::assertSame(2, $this->reckoned);
        self::assertEquals(Point::of(1.0, 2.0), $this->point($this->figures('one')));
        self::assertSame(2, $this->reckoned, 'and is whole again');
    }

    public function testSomethingElseUnderItsNameIsNotIt(): void
    {
        $pool = new ArrayAdapter();
        $figures = new Figures($pool, $this->entities()->getConnection());
        $pool->save($pool->getItem('Point-mark')->set(new Step(Position::Catcher, 0, 0, Point::home())));

        self::assertNull($figures->known(Point::class, 'mark'));
        self::assertSame([], $figures->allKnown(Point::class, ['mark', 'other']));
        $figures->keep(Point::class, ['mark' => Point::home(), 'third' => Point::of(1.0, 1.0)]);
        self::assertSame(['third', 'mark'], array_keys($figures->allKnown(Point::class, ['third', 'other', 'mark'])));
    }

    public function testWithoutADatabaseItIsReckonedEachTime(): void
    {
        $lost = new class extends \RuntimeException implements Exception {};
        $away = self::createStub(Connection::class);
        $away->method('transactional')->willThrowException($lost);
        $away->method('executeQuery')->willThrowException($lost);
        $away->method('prepare')->willThrowException($lost);
        $figures = new Figures(new DoctrineDbalAdapter($away, 'one', 60), $away);
        $figures->keep(Point::class, ['mark' => Point::home()]);

        self::assertEquals(Point::of(1.0, 2.0), $this->point($figures));
        self::assertSame([], $figures->allKnown(Point::class, ['mark']));
    }

    public function testTheEditionChangesWithTheProgram(): void
    {
        $root = sys_get_temp_dir() . '/fox-' . bin2hex(random_bytes(6));
        $files = new Filesystem();
        $seen = [];
        foreach (['core/A.php' => 'a', 'app/B.php' => 'b', 'core/C.php' => 'b'] as $name => $text) {
            $files->dumpFile("$root/core/Same.php", 'same');
            $files->dumpFile("$root/app/Same.php", 'same');
            $files->dumpFile("$root/$name", $text);
            $seen[] = Edition::of($root);
            self::assertSame($seen[\count($seen) - 1], Edition::of($root));
        }
        $files->rename("$root/core/C.php", "$root/core/D.php");
        $seen[] = Edition::of($root);
        $files->remove($root);

        self::assertCount(4, array_unique($seen));
    }

    private function point(Figures $figures): Point
    {
        return $figures->get(Point::class, 'mark', function (): Point {
            ++$this->reckoned;

            return Point::of(1.0, 2.0);
        });
    }

    private function figures(string $edition): Figures
    {
        $connection = $this->entities()->getConnection();
        $small = new SmallMarshaller();

        return new Figures(
            new DoctrineDbalAdapter($connection, $edition, 60, ['db_table' => 'kept_figure'], $small),
            $connection,
        );
    }
}
