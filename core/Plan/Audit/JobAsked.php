<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan\Audit;

use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Skill\Skill;
use FoxCorner\Core\Value\ButFor;

/** What the plays of a plan ask of one position, and how often. */
final readonly class JobAsked
{
    use ButFor;

    /**
     * @param float       $perGame how often a game asks it
     * @param string      $mostly  "bunts, most with a runner on first"
     * @param string|null $fault   what was found wrong with it first
     */
    public function __construct(
        public Position $position,
        public Skill $skill,
        public float $perGame,
        public string $mostly,
        public ?string $fault,
    ) {}

    /**
     * @param list<AuditedPlay>      $plays     of every situation, of one team
     * @param list<PlaySummary>|null $summaries of the same, where they are known already
     *
     * @return list<self>
     */
    public static function of(array $plays, ?array $summaries = null): array
    {
        $asked = [];
        foreach ($plays as $index => $play) {
            $summary = $summaries[$index] ?? PlaySummary::of($play);
            foreach ($play->report->skills as $number => $counts) {
                foreach ($counts as $name => $count) {
                    $skill = self::skill(Position::from($number), Skill::from($name));
                    $key = "$number/$skill->value";
                    $asked[$key] ??= new AskedOf(Position::from($number), $skill);
                    $asked[$key]->add($summary, ($summary->perGame * $count) / $play->report->plays);
                }
            }
        }

        return array_values(array_map(static fn(AskedOf $one): self => $one->whole(), $asked));
    }

    /** With the names of those whom it is about, where it was found without. */
    public function named(Lineup $lineup): self
    {
        return null === $this->fault ? $this : $this->but(fault: $lineup->named($this->fault));
    }

    /** What a position practises of it. */
    private static function skill(Position $position, Skill $skill): Skill
    {
        return Skill::GroundBall === $skill && Position::Pitcher === $position ? Skill::Comebacker : $skill;
    }
}
