<?php

declare(strict_types=1);

namespace FoxCorner\App\Rules;

use FoxCorner\Core\Alignment\Alignment;
use FoxCorner\Core\Alignment\Rule\AlignmentRule;
use FoxCorner\Core\Alignment\Spot;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Runs\RunChain;

/** What a rule that is being typed changes against the plan without it: where, for whom, and in which context. */
final readonly class RulePreview
{
    /**
     * @param Context                  $context in which it was looked at: the base plan's, or the first in which it
     *                                          says something at all
     * @param array<string, list<int>> $changes numbers of those who would stand elsewhere, by the situation's key
     */
    private function __construct(public Context $context, public array $changes) {}

    /** @throws Problem when the rules then place somebody nowhere */
    public static function of(AlignmentRule $rule, RuleSet $rules, PlanBook $book): self
    {
        $base = new self(Context::ordinary(), self::changes($rule, $rules, Context::ordinary(), $book));
        if ($base->count() > 0) {
            return $base;
        }
        foreach (RuleEffects::contexts($rule->when, $rules) as $context) {
            $preview = new self($context, self::changes($rule, $rules, $context, $book));
            if ($preview->count() > 0) {
                return $preview;
            }
        }

        return $base;
    }

    public function count(): int
    {
        return \count(array_filter($this->changes));
    }

    public function isBase(): bool
    {
        return Context::ordinary()->isSameAs($this->context);
    }

    /** @return list<Situation> */
    public static function situations(): array
    {
        return RunChain::situations();
    }

    /**
     * @return array<string, list<int>>
     *
     * @throws Problem
     */
    private static function changes(AlignmentRule $rule, RuleSet $rules, Context $context, PlanBook $book): array
    {
        $with = $book->withRule($rule);
        $without = $book->withoutRule($rule->id);
        $changes = [];
        foreach (self::situations() as $situation) {
            $state = GameState::of($rules, $situation, $context)->set(...$book->settings());
            $changes[$situation->key()] = [];
            // Where it says nothing it changes nothing; most contexts are of that kind.
            if (!$rule->isOn || !$rule->when->holds($state)) {
                continue;
            }
            $before = Alignment::byRules($state, $without->depths, $without->rules);
            $after = Alignment::byRules($state, $with->depths, $with->rules);
            $changes[$situation->key()] = array_values(
                array_map(
                    static fn(Spot $spot): int => $spot->position->value,
                    array_filter(
                        $after->spots(),
                        static fn(Spot $spot): bool => !$spot->isCalledAs($before->spot($spot->position)),
                    ),
                ),
            );
        }

        return $changes;
    }
}
