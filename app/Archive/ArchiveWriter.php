<?php

declare(strict_types=1);

namespace FoxCorner\App\Archive;

use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Opponents\BatterCsv;
use FoxCorner\App\Opponents\OpponentBatter;
use FoxCorner\App\Opponents\OpponentRepository;
use FoxCorner\App\Opponents\ScoutedBatter;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Book\PracticeRepository;
use FoxCorner\App\Practice\Sheet\PracticeCalendar;
use FoxCorner\App\Practice\Sheet\Sheet;
use FoxCorner\App\Practice\Sheet\SheetCodec;
use FoxCorner\App\Team\RosterCsv;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/**
 * Everything of teams as one zip: a document that can be read back to the letter, and beside it lists and a calendar
 * for other programs. The same data are the same bytes.
 */
final readonly class ArchiveWriter
{
    public const VERSION = 1;
    public const FORMAT = 'fox-corner-archive';
    private const FLAGS =
        \JSON_THROW_ON_ERROR |
        \JSON_UNESCAPED_UNICODE |
        \JSON_UNESCAPED_SLASHES |
        \JSON_PRESERVE_ZERO_FRACTION |
        \JSON_PRETTY_PRINT;
    private const README = <<<'TEXT'
    An archive of Fox Corner.

    archive.json         what is in here
    team-N.json          a team to the letter, by table; read back by Fox Corner (docs/schemas/archive-team.json)
    team-N/*.csv, *.ics  the same for spreadsheets and calendars; not read back
    team-N/*.svg         where the nine stand in every situation; not read back

    TEXT;
    /** 1 January 2000: when a file was packed is no part of it. */
    private const PACKED = 946684800;

    public function __construct(
        private TeamRows $rows,
        private PlayerRepository $players,
        private OpponentRepository $opponents,
        private PracticeRepository $practices,
        private RosterCsv $roster,
        private BatterCsv $batters,
        private PracticeCalendar $calendar,
        private SheetCodec $codec,
        private TeamDrawings $drawings,
    ) {}

    /**
     * @param string               $what  team or club
     * @param non-empty-list<Team> $teams
     *
     * @return string the zip's bytes
     *
     * @throws Problem when it would be more than can be read back
     */
    public function of(string $what, string $name, array $teams): string
    {
        $files = [
            'readme.txt' => self::README,
            'archive.json' => self::json([
                'format' => self::FORMAT,
                'version' => self::VERSION,
                'what' => $what,
                'name' => $name,
                'teams' => \count($teams),
            ]),
        ];
        foreach ($teams as $index => $team) {
            $files += $this->team($team, 'team-' . ($index + 1));
        }

        $bytes = self::zip($files);
        $unpacked = array_sum(array_map(strlen(...), $files));
        if (\strlen($bytes) > Archive::PACKED || $unpacked > Archive::UNPACKED) {
            throw Refused::because(
                'archive',
                \sprintf('it would have %.0f MB, %.0f unpacked', \strlen($bytes) / 1e6, $unpacked / 1e6),
                \sprintf(
                    '%.0f MB, %.0f unpacked: team by team; all of the house is in its nightly copies',
                    Archive::PACKED / 1e6,
                    Archive::UNPACKED / 1e6,
                ),
            );
        }

        return $bytes;
    }

    /** @return array<string, string> contents by name */
    private function team(Team $team, string $folder): array
    {
        $ids = new PlainIds();
        $files = [
            "$folder.json" => self::json($this->rows->of($team, $ids)),
            "$folder/roster.csv" => $this->roster->write($this->players->enteredFor($team)),
            "$folder/practices.ics" => self::timeless($ids->in($this->calendar->ofAll($this->sheets($team)))),
        ];
        foreach ($this->opponents->of($team) as $index => $opponent) {
            $files["$folder/opponent-" . ($index + 1) . '.csv'] = $this->batters->write(
                array_map(static fn(OpponentBatter $batter): ScoutedBatter => $batter->scouted(), $opponent->batters()),
            );
        }

        foreach ($this->drawings->of($team) as $situation => $svg) {
            $files["$folder/situation-" . strtolower($situation) . '.svg'] = $svg;
        }

        return $files;
    }

    /** @return list<array{Practice, Sheet}> */
    private function sheets(Team $team): array
    {
        return array_map(
            fn(Practice $practice): array => [$practice, $this->codec->read($practice)],
            $this->practices->of($team),
        );
    }

    /** A calendar without the moment at which it was written, and how often it was changed. */
    private static function timeless(string $calendar): string
    {
        return (string) preg_replace(
            ['~^DTSTAMP:\d{8}T\d{6}Z~m', '~^SEQUENCE:\d+~m'],
            ['DTSTAMP:20000101T000000Z', 'SEQUENCE:0'],
            $calendar,
        );
    }

    private static function json(mixed $value): string
    {
        return json_encode($value, self::FLAGS) . "\n";
    }

    /** @param array<string, string> $files */
    private static function zip(array $files): string
    {
        $path = tempnam(sys_get_temp_dir(), 'fox');
        if (false === $path) {
            throw new \RuntimeException('No file could be made to pack into.');
        }
        try {
            $zip = new \ZipArchive();
            $zip->open($path, \ZipArchive::OVERWRITE);
            foreach ($files as $name => $content) {
                $zip->addFromString($name, $content);
                $zip->setMtimeName($name, self::PACKED);
            }
            $zip->close();

            return (string) file_get_contents($path);
        } finally {
            unlink($path);
        }
    }
}
