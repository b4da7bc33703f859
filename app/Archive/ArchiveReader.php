<?php

declare(strict_types=1);

namespace FoxCorner\App\Archive;

use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** Opens an archive without trusting it: nothing of it is written anywhere, only what it should hold is looked at. */
final class ArchiveReader
{
    /**
     * Bytes of memory that a file may need when it is read, reckoned from above by what PHP takes for an object, a list
     * and a value.
     */
    private const MEMORY = 600_000_000;
    private const TAKES = ['{' => 400, '[' => 250, ',' => 64];
    private const FILES = 2000;
    private const TEAMS = 40;
    private const DEEPEST = 64;

    /**
     * Looks at what the zip says of itself, without unpacking anything.
     *
     * @throws Problem
     */
    public static function glance(string $path): void
    {
        $zip = self::opened($path);
        $zip->close();
    }

    /** @throws Problem saying what does not fit */
    public static function read(string $path): Archive
    {
        $zip = self::opened($path);
        try {
            $says = self::json($zip, 'archive.json');
            $says = $says instanceof \stdClass ? (array) $says : [];
            if (ArchiveWriter::FORMAT !== ($says['format'] ?? null)) {
                throw self::refused('it is not one of Fox Corner');
            }
            $version = $says['version'] ?? null;
            if (!\is_int($version) || $version > ArchiveWriter::VERSION || $version < 1) {
                throw Refused::because(
                    'archive',
                    \sprintf('its version is %s', \is_scalar($version) ? (string) $version : 'missing'),
                    \sprintf('1 to %d; a later program reads later archives', ArchiveWriter::VERSION),
                );
            }
            [$what, $name, $count] = [$says['what'] ?? null, $says['name'] ?? null, $says['teams'] ?? null];
            if (!\in_array($what, ['team', 'club'], true) || !\is_string($name) || '' === trim($name)) {
                throw self::refused('it does not say what it is of');
            }
            if (!\is_int($count) || $count < 1 || $count > self::TEAMS || mb_strlen($name) > 80) {
                throw self::refused('it does not say how many teams it holds');
            }
            $teams = array_map(
                static fn(int $number): ArchivedTeam => ArchivedTeam::of(
                    self::json($zip, "team-$number.json"),
                    "team-$number.json",
                ),
                range(1, $count),
            );

            return new Archive($what, $name, $teams);
        } finally {
            $zip->close();
        }
    }

    /** @throws Problem */
    private static function opened(string $path): \ZipArchive
    {
        $zip = new \ZipArchive();
        if (true !== $zip->open($path, \ZipArchive::RDONLY)) {
            throw self::refused('it is no zip, or not whole');
        }
        try {
            self::mustBeHarmless($zip);
        } catch (Problem $problem) {
            $zip->close();
            throw $problem;
        }

        return $zip;
    }

    /** @throws Problem */
    private static function mustBeHarmless(\ZipArchive $zip): void
    {
        if ($zip->numFiles > self::FILES) {
            throw self::refused("it has $zip->numFiles files");
        }
        $bytes = 0;
        for ($index = 0; $index < $zip->numFiles; ++$index) {
            $about = $zip->statIndex($index);
            if (false === $about) {
                throw self::refused('it is not whole');
            }
            $name = $about['name'];
            if (1 !== preg_match('~^[a-z0-9-]+(/[a-z0-9-]+)?\.(json|csv|ics|svg|txt)$~', $name)) {
                throw self::refused('it has a file “' . mb_strimwidth(mb_scrub($name), 0, 60, '…') . '”');
            }
            $bytes += $about['size'];
        }
        if ($bytes > Archive::UNPACKED) {
            throw self::refused(\sprintf('unpacked it has %.0f MB', $bytes / 1e6));
        }
    }

    /** @throws Problem */
    private static function json(\ZipArchive $zip, string $name): mixed
    {
        // No more than the archive as a whole may have, whatever the file says of its size.
        $text = $zip->getFromName($name, Archive::UNPACKED);
        if (false === $text) {
            throw self::refused("“{$name}” is missing or not whole");
        }
        $memory = \strlen($text);
        foreach (self::TAKES as $sign => $bytes) {
            $memory += $bytes * substr_count($text, $sign);
        }
        if ($memory > self::MEMORY) {
            throw self::refused("“{$name}” holds more than can be read at once");
        }
        try {
            return json_decode($text, false, self::DEEPEST, \JSON_THROW_ON_ERROR);
        } catch (\JsonException) {
            throw self::refused("“{$name}” is no JSON");
        }
    }

    private static function refused(string $what): Problem
    {
        return Refused::because('archive', $what, 'an archive as Fox Corner writes it, unchanged');
    }
}
