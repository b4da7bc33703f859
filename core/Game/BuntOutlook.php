<?php

declare(strict_types=1);

namespace FoxCorner\Core\Game;

/** How likely a bunt is, by counting what speaks for it and against it. */
final readonly class BuntOutlook
{
    /**
     * @param list<BuntSign> $present
     * @param list<string>   $for     what speaks for a bunt, in words
     */
    private function __construct(public int $points, public int $likelyAt, public array $present, public array $for) {}

    public static function of(GameState $state): self
    {
        $weights = $state->buntPoints;
        if (!$state->rules->bunts || !$state->hasFewerThanTwoOuts()) {
            return new self(0, $weights->likelyAt, [], []);
        }
        $points = 0;
        $present = $for = [];
        foreach (BuntSign::cases() as $sign) {
            if ($sign->isThere($state)) {
                $points += $weights->weigh($sign);
                $present[] = $sign;
                if ($weights->weigh($sign) > 0) {
                    $for[] = $sign->label();
                }
            }
        }

        return new self($points, $weights->likelyAt, $present, $for);
    }

    public function isLikely(): bool
    {
        return $this->points >= $this->likelyAt;
    }

    /** "nobody out, a runner to move up, one run decides" */
    public function because(): string
    {
        return implode(', ', $this->for);
    }
}
