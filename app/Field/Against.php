<?php

declare(strict_types=1);

namespace FoxCorner\App\Field;

use FoxCorner\Core\Alignment\Alignment;
use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Alignment\Rule\AlignmentRule;
use FoxCorner\Core\Alignment\Rule\Condition;
use FoxCorner\Core\Alignment\Rule\Placing;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\PlanBook;

/** What an alignment is compared with: the rules alone, the base plan, or the infield at one depth. */
enum Against: string
{
    case Rules = 'rules';
    case BasePlan = 'base';
    case Normal = 'normal';
    case DoublePlay = 'double-play';
    case Halfway = 'halfway';
    case In = 'in';
    case GuardLines = 'guard-lines';
    case Bunt = 'bunt';

    public function label(PlanBook $book): string
    {
        return match ($this) {
            self::Rules => 'The rules alone',
            self::BasePlan => 'The base plan',
            default => 'Infield ' . lcfirst($book->depths->word(NamedDepth::from($this->value))),
        };
    }

    public function alignment(GameState $state, PlanBook $book): Alignment
    {
        if (self::Rules === $this) {
            return Alignment::byRules($state, $book->depths, $book->rules);
        }
        if (self::BasePlan === $this) {
            return Alignment::byRules($state->inContext(Context::ordinary()), $book->depths, $book->rules);
        }
        $depth = NamedDepth::from($this->value);
        $who = \in_array($this, [self::GuardLines, self::Bunt], true)
            ? [Position::FirstBase, Position::ThirdBase]
            : Position::INFIELDERS;
        $here = new AlignmentRule(
            'compared',
            'Compared',
            new Condition(),
            [new Placing($who, $depth)],
            [],
            'To compare with.',
        );

        return Alignment::byRules($state, $book->depths, [...$book->rules, $here]);
    }
}
