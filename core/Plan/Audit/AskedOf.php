<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan\Audit;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\Skill\Skill;

/** One job of one position while the plays of a plan are gone through: mutable, and gone when that is done. */
final class AskedOf
{
    private float $perGame = 0.0;
    /** What was found wrong with it, the first of it. */
    private ?string $fault = null;
    private float $most = 0.0;
    private string $mostly = '';

    public function __construct(private readonly Position $position, private readonly Skill $skill) {}

    public function add(PlaySummary $play, float $perGame): void
    {
        $this->perGame += $perGame;
        if ($perGame > $this->most || '' === $this->mostly) {
            $this->most = $perGame;
            $this->mostly = \sprintf(
                '%s, most with %s',
                $play->family->words()->many,
                $play->situation->bases->phrase(),
            );
        }
        foreach ($play->findings as $finding) {
            if ($finding->worst->position === $this->position && $this->isAbout($finding)) {
                $this->fault ??= $finding->worst->title;
            }
        }
    }

    public function whole(): JobAsked
    {
        return new JobAsked($this->position, $this->skill, $this->perGame, $this->mostly, $this->fault);
    }

    private function isAbout(AuditedFinding $finding): bool
    {
        $base = $finding->worst->base;

        return null === $base || $this->skill->base() === $base;
    }
}
