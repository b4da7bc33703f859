<?php

declare(strict_types=1);

namespace FoxCorner\App\Backup;

use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use Psr\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Filesystem\Exception\IOException;
use Symfony\Component\Filesystem\Filesystem;

/** Copies of the whole database in the instance's folder: of each kind that makes itself, the last seven are kept. */
final readonly class Backups
{
    private const KEPT = 7;
    /** The hour at which a night's copy is due. */
    private const HOUR = 3;

    public function __construct(
        private DatabaseCopy $copy,
        private ClockInterface $clock,
        private Sealing $sealing,
        #[Autowire('%env(default:fox.backups:FOX_BACKUP_DIR)%')] private string $folder,
        #[Autowire('%env(FOX_RUN_DIR)%/tmp')] private string $open,
        private Filesystem $files = new Filesystem(),
    ) {}

    /**
     * @return string|null the new copy; null when tonight's is there
     *
     * @throws Problem when it cannot be made
     */
    public function nightly(): ?string
    {
        $now = $this->clock->now();
        $night = $now->modify(\sprintf('-%d hours', self::HOUR))->format('Y-m-d');
        $file = "$this->folder/night-$night.sql.gz";
        if (is_file($file) || is_file($file . Sealing::ENDING)) {
            return null;
        }
        $made = $this->to($file);
        $this->keepTheLast('night');

        return $made;
    }

    /** @throws Problem when it cannot be made */
    public function now(): string
    {
        return $this->named('');
    }

    /**
     * Before something is ended for good; of these, too, the last ones are kept.
     *
     * @param string $what a word for the file's name
     *
     * @throws Problem when it cannot be made
     */
    public function before(string $what): string
    {
        $file = $this->named("before-$what-");
        $this->keepTheLast("before-$what");

        return $file;
    }

    /** @throws Problem when it cannot be made */
    private function named(string $beginning): string
    {
        $at = \sprintf('%s/%s%s', $this->folder, $beginning, $this->clock->now()->format('Y-m-d-His'));
        $made = 0;
        do {
            $file = \sprintf('%s-%02d.sql.gz', $at, ++$made);
        } while (file_exists($file) || file_exists($file . Sealing::ENDING));

        return $this->to($file);
    }

    private function keepTheLast(string $beginning): void
    {
        foreach (\array_slice(array_reverse($this->files($beginning)), self::KEPT) as $old) {
            $this->files->remove($old);
        }
    }

    /**
     * @return string the file; its name says when it is sealed
     *
     * @throws Problem when it cannot be made, or a file is there
     */
    public function to(string $file): string
    {
        $made = $this->sealing->isOn() ? $file . Sealing::ENDING : $file;
        if (file_exists($made)) {
            throw Refused::because('file', "$made is there already", 'a name that is free');
        }
        try {
            $this->files->mkdir(\dirname($file), 0o700);
        } catch (IOException) {
            throw Refused::because('file', \dirname($file) . ' cannot be made', 'a folder that can be written to');
        }
        if (!$this->sealing->isOn()) {
            $this->copy->write($file);

            return $made;
        }
        // What is open never lies where it is kept.
        $open = "$this->open/" . bin2hex(random_bytes(8)) . '.sql.gz';
        $this->files->mkdir($this->open, 0o700);
        try {
            $this->copy->write($open);
            $this->sealing->seal($open, "$made.part");
            rename("$made.part", $made);
        } finally {
            $this->files->remove([$open, "$made.part"]);
        }

        return $made;
    }

    /**
     * Puts a copy in the place of what is there, of which a copy is made first.
     *
     * @return string that copy
     *
     * @throws Problem when the file is no whole copy, or another one is being put back
     */
    public function restore(string $file): string
    {
        $this->files->mkdir($this->folder, 0o700);
        $lock = fopen("$this->folder/restore.lock", 'c');
        if (false === $lock || !flock($lock, \LOCK_EX | \LOCK_NB)) {
            throw Refused::because('restore', 'another one is on', 'waiting until it has ended');
        }
        $open = $file;
        try {
            if (is_file($file) && Sealing::isSealed($file)) {
                $this->files->mkdir($this->open, 0o700);
                $open = "$this->open/" . bin2hex(random_bytes(8)) . '.sql.gz';
                $this->sealing->open($file, $open);
            }
            $this->copy->mustBeWhole($open);
            $before = $this->now();
            $this->copy->read($open);
        } finally {
            $this->files->remove($open === $file ? [] : [$open]);
        }

        return $before;
    }

    /** @return list<string> the oldest first */
    public function nights(): array
    {
        return $this->files('night');
    }

    /** @return list<string> the oldest first, whatever the clock said when they were made */
    private function files(string $beginning): array
    {
        $found = glob("$this->folder/$beginning-*.sql.gz{," . Sealing::ENDING . '}', \GLOB_BRACE);
        $found = false === $found ? [] : $found;
        usort(
            $found,
            static fn(string $one, string $other): int => [filemtime($one), $one] <=> [filemtime($other), $other],
        );

        return $found;
    }
}
