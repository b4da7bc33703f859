<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Need;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Skill\Skill;

/** What was practised, looked up by job: a drill's repetition counts for every skill that it serves at the position. */
final readonly class Record
{
    /** Grades older than this say nothing about today (ours). In days. */
    private const GRADES_LAST = 28.0;

    /**
     * @param array<string, list<Taught>>                $byJob    by position and skill
     * @param array<string, array<string, list<Taught>>> $byPlayer likewise, then by player
     */
    private function __construct(private array $byJob, private array $byPlayer) {}

    /**
     * @param list<Taught>         $taught
     * @param array<string, Drill> $drills what is not among them is left out
     */
    public static function of(array $taught, array $drills): self
    {
        $byJob = $byPlayer = [];
        foreach ($taught as $past) {
            $drill = $drills[$past->drill] ?? null;
            foreach ($drill->serves[$past->position->value] ?? [] as $skill) {
                $job = $past->position->value . '/' . $skill->value;
                $byJob[$job][] = $past;
                $byPlayer[$job][$past->player][] = $past;
            }
        }

        return new self($byJob, $byPlayer);
    }

    /** Repetitions that still count, of all players or of one. */
    public function fresh(Position $position, Skill $skill, ?string $player = null): float
    {
        $fresh = 0.0;
        foreach ($this->at($position, $skill, $player) as $past) {
            $fresh += $past->stillCounts($skill);
        }

        return $fresh;
    }

    public function wasTaught(Position $position, Skill $skill, ?string $player = null): bool
    {
        return [] !== $this->at($position, $skill, $player);
    }

    /** Days since it was last practised; null when it never was. */
    public function daysAgo(Position $position, Skill $skill, ?string $player = null): ?float
    {
        $days = array_map(static fn(Taught $past): float => $past->daysAgo, $this->at($position, $skill, $player));

        return [] === $days ? null : min($days);
    }

    /** The lowest of the players' latest grades; null when nobody was graded lately. */
    public function worstGrade(Position $position, Skill $skill, ?string $player = null): ?Grade
    {
        $latest = [];
        foreach ($this->at($position, $skill, $player) as $past) {
            if (
                null !== $past->grade &&
                $past->daysAgo <= self::GRADES_LAST &&
                $past->daysAgo <= ($latest[$past->player][0] ?? \INF)
            ) {
                $latest[$past->player] = [$past->daysAgo, $past->grade];
            }
        }
        $grades = array_map(static fn(array $one): Grade => $one[1], array_values($latest));
        usort($grades, static fn(Grade $a, Grade $b): int => $b->adds() <=> $a->adds());

        return $grades[0] ?? null;
    }

    /** @return list<Taught> */
    private function at(Position $position, Skill $skill, ?string $player): array
    {
        $job = $position->value . '/' . $skill->value;

        return null === $player ? $this->byJob[$job] ?? [] : $this->byPlayer[$job][$player] ?? [];
    }
}
