<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan;

use FoxCorner\Core\Alignment\Alignment;
use FoxCorner\Core\Alignment\Spot;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\People\Pitching;
use FoxCorner\Core\Problem\Problem;

/** The plan of all 24 situations for one context, each beside the base plan. */
final readonly class Board
{
    /** @param list<BoardCell> $cells bases by bases, outs 0, 1, 2 */
    private function __construct(public array $cells, public PlanBook $book) {}

    /** @throws Problem when the rules place somebody nowhere */
    public static function of(
        RuleSet $rules,
        Context $context,
        LevelProfile $level,
        Lineup $lineup,
        PlanBook $book,
    ): self {
        $cells = [];
        $isBase = Context::ordinary()->isSameAs($context) && Pitching::Ordinary === $context->pitching;
        foreach (Bases::cases() as $bases) {
            foreach (Outs::cases() as $outs) {
                $situation = Situation::of($bases, $outs);
                $plan = SituationPlan::of(GameState::of($rules, $situation, $context), $level, $lineup, $book);
                $base = $isBase
                    ? $plan->alignment
                    : $book
                        ->byHand($situation)
                        ->applyTo(
                            Alignment::byRules(
                                $plan->state->inContext(Context::ordinary()),
                                $book->depths,
                                $book->rules,
                            ),
                            $rules,
                        );
                $cells[] = new BoardCell($situation, $plan, self::changes($plan->alignment, $base));
            }
        }

        return new self($cells, $book);
    }

    /** @return list<BoardCell> in which somebody stands elsewhere than in the base plan */
    public function changed(): array
    {
        return array_values(array_filter($this->cells, static fn(BoardCell $cell): bool => $cell->isChanged()));
    }

    /** @return list<Spot> that differ from the base plan's */
    private static function changes(Alignment $alignment, Alignment $base): array
    {
        return array_values(
            array_filter(
                $alignment->spots(),
                static fn(Spot $spot): bool => !$spot->isCalledAs($base->spot($spot->position)),
            ),
        );
    }
}
