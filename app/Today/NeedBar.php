<?php

declare(strict_types=1);

namespace FoxCorner\App\Today;

use FoxCorner\App\Practice\Sheet\Sheet;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Need\JobNeed;

/** What is wanted of a job in repetitions, what is fresh of it, and what the next practice adds. */
final readonly class NeedBar
{
    private function __construct(public JobNeed $need, public int $wanted, public int $taught, public int $coming) {}

    /**
     * @param Sheet|null           $sheet  of the next practice
     * @param array<string, Drill> $drills by key
     */
    public static function of(JobNeed $need, ?Sheet $sheet, array $drills): self
    {
        $coming = 0;
        foreach ($sheet?->turns() ?? [] as [, $station, $player]) {
            $serves = $drills[$station->drill]->serves ?? [];
            if (
                $player->position === $need->position->value &&
                \in_array($need->skill, $serves[$player->position] ?? [], true)
            ) {
                $coming += $station->repetitions;
            }
        }

        return new self($need, $need->each * $need->people, (int) round($need->fresh), $coming);
    }

    public function isEnough(): bool
    {
        return $this->taught + $this->coming >= $this->wanted;
    }

    public function done(): int
    {
        return min($this->wanted, $this->taught + $this->coming);
    }

    /** 0 to 1 */
    public function taughtShare(): float
    {
        return min(1.0, $this->taught / max(1, $this->wanted));
    }

    /** 0 to 1, of what is not taught yet */
    public function comingShare(): float
    {
        return min(1.0 - $this->taughtShare(), $this->coming / max(1, $this->wanted));
    }
}
