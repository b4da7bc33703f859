<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Club\Player;
use FoxCorner\App\Opponents\Opponent;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Weather\Notice;
use FoxCorner\App\Weather\SimulatedNotice;
use Symfony\Component\Routing\RouterInterface;

/** Every page that there is, looked at: the database is as it was. */
final class LookingWritesNothingTest extends AppTestCase
{
    /** Held by whoever is signed in, or reckoned again by anybody, and nobody's data. */
    private const OF_THE_VISIT = ['session', 'sign_in_failure', 'doctrine_migration_versions', 'kept_figure'];
    /** What stands for what in an address; a page with another placeholder has to be thought of here. */
    private const LOOKED_AT = [
        'team' => 'kites',
        'view' => 'bunt',
        'old' => 'team/runs',
        'situation' => 'R1-0',
        'coverage' => 'corners-crash',
        'drill' => 'charge-and-throw',
        'seed' => '7',
        'rule' => 'guard',
        'topic' => 'field',
        'job' => '0190163d-8694-739b-aea5-966c28010212',
        'secret' => '00000000000000000000000000000000',
    ];

    public function testNoPageChangesARow(): void
    {
        $this->signIn();
        $this->browser->request('GET', '/kites/practice/' . $this->practice() . '/run');
        $this->browser->submitForm('Start now');
        $clean = $this->rows();
        $this->entities()->persist(new SimulatedNotice($this->team(), Notice::Lightning, self::now()));
        $this->entities()->flush();
        $routes = self::getContainer()->get(RouterInterface::class)->getRouteCollection();
        $values = self::LOOKED_AT + [
            'practice' => $this->practice(),
            'player' => (string) $this->entities()
                ->getRepository(Player::class)
                ->findOneBy(['number' => 8])
                ?->id(),
            'opponent' => (string) $this->entities()->getRepository(Opponent::class)->findOneBy([])?->id(),
        ];
        // What is looked for by a worker is asked for once; then it is known.
        $this->browser->request('GET', '/kites/situations/R1-0/improve');
        $before = $this->rows();
        self::assertNotSame($clean, $before, 'a written row is seen');
        $seen = 0;
        foreach ($routes as $name => $route) {
            if (\in_array('GET', $route->getMethods(), true) && !\in_array($name, ['sign_in'], true)) {
                $address = (string) preg_replace_callback(
                    '/\{(\w+)\}/',
                    static fn(array $found): string => $values[$found[1]],
                    $route->getPath(),
                );
                $this->browser->request('GET', $address);
                self::assertLessThan(500, $this->browser->getResponse()->getStatusCode(), $address);
                self::assertSame($before, $this->rows(), "$name has written");
                ++$seen;
            }
        }

        self::assertGreaterThan(50, $seen);
    }

    /** @return array<string, mixed> a sum of all rows by table */
    private function rows(): array
    {
        $connection = $this->entities()->getConnection();
        $sums = [];
        foreach ($connection->fetchFirstColumn('SHOW TABLES') as $table) {
            if (\is_string($table) && !\in_array($table, self::OF_THE_VISIT, true)) {
                $sums[$table] = $connection->fetchAssociative("CHECKSUM TABLE `$table` EXTENDED")['Checksum'] ?? null;
            }
        }

        return $sums;
    }

    private function practice(): string
    {
        $practices = $this->entities()->getRepository(Practice::class);

        return $practices->findBy(['team' => $this->team()], ['startsAt' => 'DESC'])[0]->address();
    }
}
