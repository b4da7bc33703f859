<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan;

use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Trial;
use FoxCorner\Core\Value\ButFor;
use FoxCorner\Core\Value\Settings;

/**
 * What a team has decided of one family of plays: coverages of its own, which is played where, and which out it wants.
 */
final readonly class FamilyPlan
{
    use ButFor;

    /**
     * @param list<Coverage>                    $own      coverages that the team has drawn up itself
     * @param array<string, CoverageChoice>     $choices  by the situation's key
     * @param array<string, OutPolicy>          $policies by the situation's key
     * @param list<array<string, float|string>> $sheet    what the team walks through, as {@see Trial::fields()} tells
     *                                                    it; none: what comes with the program
     * @param Settings|null                     $settings what the family lets a team set; none: the ordinary
     */
    public function __construct(
        public array $own = [],
        public array $choices = [],
        public array $policies = [],
        public array $sheet = [],
        public ?Settings $settings = null,
    ) {}

    public function isEmpty(): bool
    {
        $decided = [$this->own, $this->choices, $this->policies, $this->sheet, $this->settings?->values() ?? []];

        return [] === array_merge(...$decided);
    }

    /** @param list<Trial> $trials none: what comes with the program again */
    public function withSheet(array $trials): self
    {
        return $this->but(sheet: array_map(static fn(Trial $trial): array => $trial->fields(), $trials));
    }

    public function withSettings(Settings $settings): self
    {
        return $this->but(settings: [] === $settings->values() ? null : $settings);
    }

    /**
     * @template T of Settings
     *
     * @param class-string<T> $kind
     *
     * @return T
     */
    public function setting(string $kind): Settings
    {
        return $this->settings instanceof $kind ? $this->settings : $kind::ordinary();
    }

    public function choice(Situation $situation): ?CoverageChoice
    {
        return $this->choices[$situation->key()] ?? null;
    }

    /** What is wanted there; where nothing is said, the ordinary policy, or the first that the family offers. */
    public function policy(Situation $situation, PlayFamily $family): OutPolicy
    {
        $offered = $family->policies();
        $usual = \in_array(OutPolicy::ordinary(), $offered, true) ? OutPolicy::ordinary() : $offered[0];

        return $this->policies[$situation->key()] ?? $usual;
    }

    public function own(string $key): ?Coverage
    {
        foreach ($this->own as $coverage) {
            if ($coverage->key === $key) {
                return $coverage;
            }
        }

        return null;
    }

    /** @return list<Coverage> of its own for a situation; a draft in which nobody fields is none yet */
    public function ownFor(Situation $situation): array
    {
        return array_values(
            array_filter(
                $this->own,
                static fn(Coverage $coverage): bool => [] !== $coverage->fielders &&
                    \in_array($situation->bases, $coverage->bases, true),
            ),
        );
    }

    public function withChoice(Situation $situation, CoverageChoice $choice): self
    {
        return $this->but(choices: [...$this->choices, $situation->key() => $choice]);
    }

    public function withPolicy(Situation $situation, OutPolicy $policy): self
    {
        return $this->but(policies: [...$this->policies, $situation->key() => $policy]);
    }

    /** Changes the team's own coverage of the same key, or adds it. */
    public function withOwn(Coverage $coverage): self
    {
        $own = array_map(
            static fn(Coverage $old): Coverage => $old->key === $coverage->key ? $coverage : $old,
            $this->own,
        );

        return $this->but(own: null === $this->own($coverage->key) ? [...$own, $coverage] : $own);
    }

    public function withoutOwn(string $key): self
    {
        $own = array_filter($this->own, static fn(Coverage $coverage): bool => $coverage->key !== $key);

        return $this->but(own: array_values($own));
    }
}
