<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Archive\ArchiveImport;
use FoxCorner\App\Archive\ArchiveReader;
use FoxCorner\App\Archive\ArchiveWriter;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Book\PracticeWish;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Tests\Core\Teams;
use Symfony\Component\Uid\Uuid;

/** Archives that are too large, and what claims to be one. */
final class ArchiveLimitsTest extends AppTestCase
{
    use Archived;

    /** As many as a roster may have, a past of years: out, in and out again, and every page of it is there. */
    public function testTheLargestTeamGoesOutAndComesIn(): void
    {
        $coach = $this->signIn();
        $team = $this->newTeam($coach, self::eighty());
        $practice = $this->entities()
            ->getRepository(Practice::class)
            ->findOneBy(['team' => $this->team()]);
        self::assertNotNull($practice);
        $records = [];
        for ($day = 1; $day <= 300; ++$day) {
            $wish = new PracticeWish(self::now("-$day days 17:30"), 60, 'Mole', [], $practice->setup());
            $this->entities()->persist($held = new Practice($team, $wish, $practice->sheet()));
            for ($turn = 0; $turn < 75; ++$turn) {
                $records[] = "({$this->bytes(Uuid::v7())}, {$this->bytes(
                    $held->id(),
                )}, $turn, 'sure-out', 'p$turn', 9, 'well')";
            }
        }
        $this->entities()->flush();
        foreach (array_chunk($records, 3000) as $some) {
            $this->entities()
                ->getConnection()
                ->executeStatement(
                    'INSERT INTO turn_record (id, practice_id, block, drill, player, counted, grade) ' .
                        'VALUES ' .
                        implode(', ', $some),
                );
        }
        $writer = self::getContainer()->get(ArchiveWriter::class);
        $out = $writer->of('team', 'Gulls', [$team]);
        $archive = ArchiveReader::read($this->file($out));
        self::assertSame(
            [80, 300, 22500],
            [
                $archive->teams[0]->count('player'),
                $archive->teams[0]->count('practice'),
                $archive->teams[0]->count('turn_record'),
            ],
        );
        $before = $this->number('SELECT COUNT(*) FROM turn_record');
        [$in] = self::getContainer()->get(ArchiveImport::class)->into($team->club, $archive, $coach);
        self::assertSame($before + 22500, $this->number('SELECT COUNT(*) FROM turn_record'));
        self::assertSame(hash('sha256', $out), hash('sha256', $writer->of('team', 'Gulls', [$in])));
    }

    public function testMoreThanCanBeReadBackIsNotWritten(): void
    {
        $this->signIn();
        $practice = $this->entities()
            ->getRepository(Practice::class)
            ->findOneBy(['team' => $this->team()]);
        self::assertNotNull($practice);
        $large = '{"a":"' . str_repeat('a', 3_000_000) . '"}';
        for ($day = 1; $day <= 20; ++$day) {
            $wish = new PracticeWish(self::now("-$day days 17:30"), 60, 'Mole', [], $large);
            $this->entities()->persist(new Practice($this->team(), $wish, $practice->sheet()));
        }
        $this->entities()->flush();
        $this->take('/kites/club/team.zip');

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('.finding', '60 unpacked: team by team');
    }

    /** @return list<RosterPlayer> */
    private static function eighty(): array
    {
        return array_map(
            static fn(int $number): RosterPlayer => new RosterPlayer(
                (string) $number,
                "Player $number",
                (string) $number,
                Position::read('6 4'),
                Teams::nine()[0]->traits,
            ),
            range(0, 79),
        );
    }

    private function bytes(Uuid $id): string
    {
        return '0x' . bin2hex($id->toBinary());
    }

    public function testWhatHoldsMoreThanItSaysEndsInASentence(): void
    {
        $says = '{"format":"fox-corner-archive","version":1,"what":"team","name":"K","teams":1}';
        memory_reset_peak_usage();
        $before = memory_get_usage();
        foreach (['{"a":' . str_repeat('[],', 3_000_000), str_repeat('{"a":', 1_600_000)] as $text) {
            try {
                ArchiveReader::read(
                    $this->pack([
                        'archive.json' => $says,
                        'team-1.json' => $text,
                    ]),
                );
                self::fail('It was read.');
            } catch (Problem $problem) {
                self::assertSame('“team-1.json” holds more than can be read at once', $problem->wrong());
            }
        }
        self::assertLessThan(128_000_000, memory_get_peak_usage() - $before, 'nor was it held');
    }

    public function testTwentyThousandPlayersAreNoRoster(): void
    {
        $this->signIn();
        $files = $this->files(
            self::getContainer()
                ->get(ArchiveWriter::class)
                ->of('team', 'Kites', [$this->team()]),
        );
        $rows = str_repeat('{"id": "00000000-0000-8000-8000-000000000001"},', 19999) . '{}';
        $text = (string) preg_replace('/("player": \[).*?(\n {8}\])/s', "$1$rows$2", $files['team-1.json'], 1);
        $token = $this->open($this->team(), '/club/import')->filter('[name=_token]')->first()->attr('value');
        $path = $this->pack(['team-1.json' => $text] + $files);
        $this->upload($token, $path);
        $this->follow();

        self::assertSelectorTextContains('.finding', 'there are 20000 rows, where a team may have 80');
    }

    public function testNonsenseIsRefusedWhateverItsSize(): void
    {
        foreach (['', 'PK', str_repeat("\x00\xff", 100000)] as $bytes) {
            try {
                ArchiveReader::read($this->file($bytes));
                self::fail('It was opened.');
            } catch (Problem $problem) {
                self::assertStringContainsString('it is no zip', $problem->wrong());
            }
        }
        $bomb = ['archive.json' => '{}', 'team-1.json' => str_repeat('0', 61_000_000)];
        try {
            ArchiveReader::read($this->pack($bomb));
            self::fail('It was unpacked.');
        } catch (Problem $problem) {
            self::assertStringContainsString('unpacked it has 61 MB', $problem->wrong());
        }
        $out = self::getContainer()
            ->get(ArchiveWriter::class)
            ->of('team', 'Kites', [$this->team()]);
        try {
            ArchiveReader::read($this->file(substr($out, 0, intdiv(\strlen($out), 2))));
            self::fail('Half of it was taken.');
        } catch (Problem $problem) {
            self::assertStringContainsString('it is no zip, or not whole', $problem->wrong());
        }
    }
}
