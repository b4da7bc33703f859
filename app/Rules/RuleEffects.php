<?php

declare(strict_types=1);

namespace FoxCorner\App\Rules;

use FoxCorner\Core\Alignment\Rule\AlignmentRule;
use FoxCorner\Core\Alignment\Rule\Condition;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Count;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\PitchSide;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\People\Pitching;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Runs\RunChain;

/** In how many of the 24 situations each rule speaks: in the base plan, and at all. */
final class RuleEffects
{
    /** @return array<string, array{base: int, ever: bool}> by the rule's id */
    public function of(RuleSet $rules, PlanBook $book): array
    {
        $effects = [];
        foreach ($book->rules as $rule) {
            $base = iterator_count($this->where($rule, $rules, Context::ordinary(), $book));
            $effects[$rule->id] = ['base' => $base, 'ever' => $base > 0 || $this->speaksAtAll($rule, $rules, $book)];
        }

        return $effects;
    }

    private function speaksAtAll(AlignmentRule $rule, RuleSet $rules, PlanBook $book): bool
    {
        foreach (self::contexts($rule->when, $rules) as $context) {
            if ($this->where($rule, $rules, $context, $book)->valid()) {
                return true;
            }
        }

        return false;
    }

    /**
     * Contexts of every kind that the condition tells apart. Where it asks for a half, a pitcher or a pitch, those
     * alone; where it does not, they change nothing.
     *
     * @return iterable<Context>
     */
    public static function contexts(Condition $when, RuleSet $rules): iterable
    {
        $half = $when->half ?? Half::Top;
        $pitching = $when->pitching[0] ?? Pitching::Ordinary;
        $pitch = $when->pitch[0] ?? PitchSide::Anywhere;
        foreach ([3, $rules->innings] as $inning) {
            foreach ([-5, -1, 0, 1, 2, 5] as $lead) {
                foreach (BatterType::cases() as $type) {
                    foreach (['0-0', '0-2'] as $strikes) {
                        [$batter, $count] = [Batter::ofType($type), Count::fromKey($strikes)];
                        yield Context::of($inning, $half, $lead, $batter, $count, $pitching, pitch: $pitch);
                    }
                }
            }
        }
    }

    /** @return \Generator<Situation> */
    private function where(AlignmentRule $rule, RuleSet $rules, Context $context, PlanBook $book): \Generator
    {
        $settings = $book->settings();
        foreach (RunChain::situations() as $situation) {
            if ($rule->when->holds(GameState::of($rules, $situation, $context)->set(...$settings))) {
                yield $situation;
            }
        }
    }
}
