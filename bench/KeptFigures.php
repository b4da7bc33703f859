<?php

declare(strict_types=1);

namespace FoxCorner\Bench;

/** How much is kept of a team, and whether it is still there when many teams are at work. */
final readonly class KeptFigures
{
    private const TEAMS = 1000;
    /** Looks at a figure of a team drawn at random. */
    private const LOOKS = 100_000;
    /** s that the idle workers are watched. */
    private const IDLE = 10;

    public function __construct(private Instance $instance, private Edits $edits, private Table $table) {}

    public function print(): void
    {
        echo "\nkept figures, and what costs without anybody there\n";
        // As it is for a team whose plan has just been changed as a whole.
        $this->instance->settle();
        $this->instance->forgetFigures();
        $this->edits->measure();
        $this->instance->settle();
        $figures = $this->instance->figures();
        $this->table->figure(
            'kept of a team that everything was looked at of',
            array_sum(array_map(strlen(...), $figures)) / 1000,
            'kB',
        );
        $this->table->figure(
            \sprintf('%d teams in %s of memory: found again', self::TEAMS, \ini_get('apc.shm_size')),
            self::foundAgain($figures),
            'share',
        );
        $spent = $this->instance->spent('workers') + $this->instance->spent('mariadb');
        sleep(self::IDLE);
        $this->table->figure(
            'idle workers and database, of a core',
            ($this->instance->spent('workers') + $this->instance->spent('mariadb') - $spent) / (10 * self::IDLE),
            'in 100',
        );
    }

    /**
     * Each team keeps as much as the one that is there; what is asked for and gone is kept again, as pages do.
     *
     * @param list<string> $figures of one team
     */
    private static function foundAgain(array $figures): float
    {
        if (!apcu_enabled() || [] === $figures) {
            throw new \RuntimeException('There is no memory, or no figure, to try it with.');
        }
        apcu_clear_cache();
        mt_srand(1);
        for ($team = 0; $team < self::TEAMS; ++$team) {
            foreach ($figures as $which => $figure) {
                apcu_store("$team/$which", $figure, 1800);
            }
        }
        $found = 0;
        for ($look = 0; $look < self::LOOKS; ++$look) {
            [$team, $which] = [mt_rand(0, self::TEAMS - 1), mt_rand(0, \count($figures) - 1)];
            apcu_fetch("$team/$which", $isThere);
            if (true === $isThere) {
                ++$found;
            } else {
                apcu_store("$team/$which", $figures[$which], 1800);
            }
        }
        apcu_clear_cache();

        return $found / self::LOOKS;
    }
}
