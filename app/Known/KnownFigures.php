<?php

declare(strict_types=1);

namespace FoxCorner\App\Known;

use FoxCorner\App\Plan\Codec\Fingerprint;
use FoxCorner\Core\Known\LevelFigures;
use FoxCorner\Core\Known\LinesGuarded;
use FoxCorner\Core\Known\Measure;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Runs\Advancement;
use Symfony\Contracts\Cache\CacheInterface;

/** What the engine says of a level, kept by all that it depends on. */
final readonly class KnownFigures
{
    public function __construct(private CacheInterface $cache) {}

    /** @return array{list<KnownLine>, LinesGuarded} */
    public function of(Level $level): array
    {
        $lines = $this->cache->get(self::key('known', $level), static function () use ($level): array {
            $figures = new LevelFigures($level);

            return array_map(
                static fn(Measure $measure): KnownLine => KnownLine::of($figures, $measure),
                Measure::cases(),
            );
        });

        return [$lines, $this->linesGuarded($level)];
    }

    public function linesGuarded(Level $level): LinesGuarded
    {
        return $this->cache->get(
            self::key('guarded', $level),
            static fn(): LinesGuarded => LinesGuarded::of(new LevelFigures($level)),
        );
    }

    /** How far runners come at a level, by the engine alone: what the chain of runs takes but of professionals. */
    public function advancement(Level $level): Advancement
    {
        return $this->cache->get(
            self::key('runners', $level),
            static fn(): Advancement => (new LevelFigures($level))->hits()->advancement(),
        );
    }

    private static function key(string $what, Level $level): string
    {
        return $what . '-' . Fingerprint::of([$level->profile(), $level->profile()->advancement()]);
    }
}
