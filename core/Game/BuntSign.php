<?php

declare(strict_types=1);

namespace FoxCorner\Core\Game;

use FoxCorner\Core\Field\Base;

/** What speaks for a bunt or against it. */
enum BuntSign: string
{
    case NobodyOut = 'nobody-out';
    case RunnerToMove = 'runner-to-move';
    case OneRunDecides = 'one-run';
    case Late = 'late';
    case Slapper = 'slapper';
    case Bunts = 'bunts';
    case Quick = 'quick';
    case TopOfOrder = 'top';
    case Power = 'power';
    case TwoStrikes = 'two-strikes';
    case FarApart = 'far-apart';
    case Softball = 'softball';
    case Professional = 'professional';
    case RunnerOnThird = 'runner-on-third';
    case Loaded = 'loaded';
    case TwoOut = 'two-out';
    case TriedNow = 'tried-now';
    case TriedBefore = 'tried-before';
    case Substitute = 'substitute';
    case QuickOnFirst = 'quick-on-first';

    public function label(): string
    {
        return match ($this) {
            self::NobodyOut => 'nobody out',
            self::RunnerToMove => 'a runner to move up',
            self::OneRunDecides => 'one run decides',
            self::Late => 'late',
            self::Slapper => 'a slapper',
            self::Bunts => 'one who bunts',
            self::Quick => 'quick',
            self::TopOfOrder => 'top of the order',
            self::Power => 'a power hitter',
            self::TwoStrikes => 'two strikes',
            self::FarApart => 'far apart',
            self::Softball => 'softball',
            self::Professional => 'professionals',
            self::RunnerOnThird => 'a runner on third',
            self::Loaded => 'bases loaded',
            self::TwoOut => 'two out',
            self::TriedNow => 'tried it in this at-bat',
            self::TriedBefore => 'tried it in this game',
            self::Substitute => 'sent in for it',
            self::QuickOnFirst => 'a quick runner on first',
        };
    }

    /** Points when nobody has set any (ours). */
    public function points(): int
    {
        return match ($this) {
            self::Slapper, self::Bunts, self::TriedNow => 3,
            self::NobodyOut, self::Late, self::TriedBefore, self::Substitute => 2,
            self::RunnerToMove,
            self::OneRunDecides,
            self::Quick,
            self::TopOfOrder,
            self::Softball,
            self::QuickOnFirst => 1,
            self::RunnerOnThird => -1,
            self::TwoOut => -2,
            self::Power, self::FarApart, self::Professional, self::Loaded => -3,
            self::TwoStrikes => -4,
        };
    }

    public function isThere(GameState $state): bool
    {
        [$bases, $context] = [$state->situation->bases, $state->context];
        $canMoveUp = $state->hasFewerThanTwoOuts() && ($bases->has(Base::First) || $bases->has(Base::Second));
        $slaps = $context->batter->is(BatterTrait::Slaps);

        return match ($this) {
            self::NobodyOut => $canMoveUp && Outs::None === $state->situation->outs,
            self::RunnerToMove => $canMoveUp,
            self::OneRunDecides => $context->isClose(),
            self::Late => $state->isLate() && abs($context->lead) <= 2,
            self::Slapper => $slaps,
            self::Bunts => $context->batter->is(BatterTrait::Bunts),
            self::Quick => $context->batter->is(BatterTrait::Quick) && !$slaps,
            self::TopOfOrder => $context->batter->is(BatterTrait::TopOfOrder),
            self::Power => $context->batter->is(BatterTrait::Power),
            // A slapper, one who always bunts, or a tied game at its end: two strikes stop nobody.
            self::TwoStrikes => $context->count->hasTwoStrikes() &&
                !$slaps &&
                !$context->batter->is(BatterTrait::Bunts) &&
                !($state->isLate() && 0 === $context->lead),
            self::FarApart => abs($context->lead) > 3,
            self::Softball => $state->rules->sport->isSoftball(),
            self::Professional => $state->isProfessional,
            self::RunnerOnThird => $bases->has(Base::Third) && Bases::Loaded !== $bases,
            self::Loaded => Bases::Loaded === $bases,
            self::TwoOut => !$state->hasFewerThanTwoOuts(),
            self::TriedNow => Seen::TriedNow === $context->seen,
            self::TriedBefore => Seen::TriedBefore === $context->seen,
            self::Substitute => Seen::Substitute === $context->seen,
            self::QuickOnFirst => $canMoveUp && $context->isQuickOn(Base::First, $bases),
        };
    }
}
