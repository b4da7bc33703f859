<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan;

use FoxCorner\Core\Alignment\Alignment;
use FoxCorner\Core\Alignment\ByHand;
use FoxCorner\Core\Alignment\Depth\DepthTable;
use FoxCorner\Core\Alignment\KeptSpot;
use FoxCorner\Core\Alignment\Rule\AlignmentRule;
use FoxCorner\Core\Alignment\Rule\ShippedRules;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Play\Choice\OutLines;
use FoxCorner\Core\Play\Clock\Vocabulary;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Runs\RunChain;
use FoxCorner\Core\Value\ButFor;
use FoxCorner\Core\Value\Settings;

/**
 * All that a team has decided: depths and their names, rules in order, spots kept by situation, and its plays by
 * family.
 */
final readonly class PlanBook
{
    use ButFor;

    /**
     * @param list<AlignmentRule>           $rules
     * @param array<string, list<KeptSpot>> $kept  by the situation's key
     * @param array<string, FamilyPlan>     $plays by the family's key
     */
    public function __construct(
        public DepthTable $depths,
        public array $rules,
        public array $kept = [],
        public array $plays = [],
        public Vocabulary $words = new Vocabulary(),
        public OutLines $lines = new OutLines(),
    ) {}

    /** What comes with the program, before anybody has decided anything. */
    public static function shipped(RuleSet $rules): self
    {
        return new self(DepthTable::shipped($rules), ShippedRules::all());
    }

    /** @param array<int, Point> $tried spots that are only looked at, by position number */
    public function byHand(Situation $situation, array $tried = []): ByHand
    {
        return ByHand::of($this->kept($situation), $tried);
    }

    /** @return list<KeptSpot> */
    public function kept(Situation $situation): array
    {
        return $this->kept[$situation->key()] ?? [];
    }

    /** @param string $family its key */
    public function plays(string $family): FamilyPlan
    {
        return $this->plays[$family] ?? new FamilyPlan();
    }

    /** @return list<Settings> of all families that the team has set */
    public function settings(): array
    {
        return array_values(array_filter(array_column($this->plays, 'settings')));
    }

    /**
     * Whether its rules say of everybody in every situation where he stands.
     *
     * @throws Problem when they leave somebody out
     */
    public function mustPlaceEverybody(RuleSet $rules): void
    {
        foreach (RunChain::situations() as $situation) {
            $state = GameState::of($rules, $situation, Context::ordinary())->set(...$this->settings());
            Alignment::byRules($state, $this->depths, $this->rules);
        }
    }

    public function rule(string $id): ?AlignmentRule
    {
        foreach ($this->rules as $rule) {
            if ($rule->id === $id) {
                return $rule;
            }
        }

        return null;
    }

    public function withDepths(DepthTable $depths): self
    {
        return $this->but(depths: $depths);
    }

    /** @param list<AlignmentRule> $rules */
    public function withRules(array $rules): self
    {
        return $this->but(rules: $rules);
    }

    public function withPlays(string $family, FamilyPlan $plan): self
    {
        return $this->but(plays: [...$this->plays, $family => $plan]);
    }

    public function withWords(Vocabulary $words): self
    {
        return $this->but(words: $words);
    }

    public function withLines(OutLines $lines): self
    {
        return $this->but(lines: $lines);
    }

    /** Changes the rule of the same id, or adds it at the end. */
    public function withRule(AlignmentRule $rule): self
    {
        $rules = array_map(
            static fn(AlignmentRule $old): AlignmentRule => $old->id === $rule->id ? $rule : $old,
            $this->rules,
        );

        return $this->withRules(null === $this->rule($rule->id) ? [...$rules, $rule] : $rules);
    }

    public function withoutRule(string $id): self
    {
        return $this->withRules(
            array_values(array_filter($this->rules, static fn(AlignmentRule $rule): bool => $rule->id !== $id)),
        );
    }

    /** One place up (earlier, negative) or down in the order; at either end it stays. */
    public function withRuleMoved(string $id, int $by): self
    {
        $ids = array_map(static fn(AlignmentRule $rule): string => $rule->id, $this->rules);
        $from = array_search($id, $ids, true);
        $to = (int) $from + $by;
        if (false === $from || !isset($this->rules[$to])) {
            return $this;
        }
        $rules = $this->rules;
        [$rules[$from], $rules[$to]] = [$rules[$to], $rules[$from]];

        return $this->withRules(array_values($rules));
    }

    /** A spot of the same position replaces the one that was kept before. */
    public function withKept(Situation $situation, KeptSpot ...$spots): self
    {
        $own = [];
        foreach ([...$this->kept($situation), ...$spots] as $spot) {
            $own[$spot->position->value] = $spot;
        }
        ksort($own);
        $kept = [...$this->kept, $situation->key() => array_values($own)];

        return $this->but(kept: $kept);
    }

    public function withoutKept(Situation $situation): self
    {
        $kept = array_diff_key($this->kept, [$situation->key() => true]);

        return $this->but(kept: $kept);
    }
}
