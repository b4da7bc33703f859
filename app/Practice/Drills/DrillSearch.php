<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Drills;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Skill\SkillFamily;
use Symfony\Component\HttpFoundation\InputBag;

/** What somebody looks for among the drills. What the address says wrongly is left out. */
final readonly class DrillSearch
{
    private function __construct(
        public string $words,
        public ?SkillFamily $family,
        public ?Position $position,
        public bool $indoors,
        public bool $noHelper,
    ) {}

    /** @param InputBag<string> $query */
    public static function of(InputBag $query): self
    {
        return new self(
            trim($query->getString('words')),
            SkillFamily::tryFrom($query->getString('family')),
            ctype_digit($query->getString('position')) ? Position::tryFrom((int) $query->getString('position')) : null,
            $query->has('indoors'),
            $query->has('no_helper'),
        );
    }

    public function isEmpty(): bool
    {
        return '' === $this->words &&
            null === $this->family &&
            null === $this->position &&
            !$this->indoors &&
            !$this->noHelper;
    }

    public function finds(Drill $drill): bool
    {
        return (null === $this->family || $drill->family === $this->family) &&
            (null === $this->position || \in_array($this->position->value, $drill->positions(), true)) &&
            (!$this->indoors || $drill->fitsIndoors) &&
            (!$this->noHelper || 0 === $drill->helpers) &&
            $this->isIn($drill);
    }

    /** Every word stands somewhere in what the drill says. */
    private function isIn(Drill $drill): bool
    {
        $said = mb_strtolower(
            implode(' ', [
                $drill->name,
                $drill->purpose,
                ...$drill->steps,
                ...$drill->points,
                ...$drill->mistakes,
                ...array_keys($drill->equipment),
            ]),
        );
        foreach (explode(' ', mb_strtolower($this->words)) as $word) {
            if ('' !== $word && !str_contains($said, $word)) {
                return false;
            }
        }

        return true;
    }
}
