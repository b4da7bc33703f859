<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\BatterTrait;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Outs;

/** How likely a bunt is, by counting what speaks for it and against it. The points are ours. */
final readonly class BuntOutlook
{
    /** At this many points the corners come in. */
    private const LIKELY = 4;

    /** @param list<string> $for what speaks for a bunt, in words */
    private function __construct(public int $points, public array $for)
    {
    }

    public static function of(GameState $state): self
    {
        if (!$state->rules->bunts || !$state->hasFewerThanTwoOuts()) {
            return new self(0, []);
        }
        [$bases, $context] = [$state->situation->bases, $state->context];
        $canMoveUp = $bases->has(Base::First) || $bases->has(Base::Second);
        // A slapper, one who always bunts, or a tied game at its end: two strikes stop nobody.
        $isBelievable = $context->batter->is(BatterTrait::Slaps) || $context->batter->is(BatterTrait::Bunts) || ($state->isLate() && 0 === $context->lead);
        $signs = [
            ['nobody out', 2, $canMoveUp && Outs::None === $state->situation->outs],
            ['a runner to move up', 1, $canMoveUp],
            ['one run decides', 2, $context->isClose()],
            ['late', 1, $state->isLate() && abs($context->lead) <= 2],
            ['a slapper', 2, $context->batter->is(BatterTrait::Slaps)],
            ['one who bunts', 2, $context->batter->is(BatterTrait::Bunts)],
            ['quick', 1, $context->batter->is(BatterTrait::Quick) && !$context->batter->is(BatterTrait::Slaps)],
            ['top of the order', 1, $context->batter->is(BatterTrait::TopOfOrder)],
            ['a power hitter', -3, $context->batter->is(BatterTrait::Power)],
            ['two strikes', -4, $context->count->hasTwoStrikes() && !$isBelievable],
            ['far apart', -2, abs($context->lead) > 3],
        ];
        $present = array_filter($signs, static fn(array $sign): bool => $sign[2]);

        return new self(
            array_sum(array_column($present, 1)),
            array_column(array_filter($present, static fn(array $sign): bool => $sign[1] > 0), 0),
        );
    }

    public function isLikely(): bool
    {
        return $this->points >= self::LIKELY;
    }

    /** "nobody out, a runner to move up, one run decides" */
    public function because(): string
    {
        return implode(', ', $this->for);
    }
}
