<?php

declare(strict_types=1);

namespace FoxCorner\Core\Game;

/** How likely a bunt is, by counting what speaks for it and against it. */
final readonly class BuntOutlook
{
    /** The highest chance that a bunt is shown, however much speaks for it (ours). */
    private const MOST = 0.85;
    /** Points by which the odds grow e-fold, and how far above the coach's line they are even (ours). */
    private const STEEP = 1.25;
    private const EVEN = 0.5;

    /**
     * @param list<BuntSign> $present
     * @param list<string>   $for     what speaks for a bunt, in words
     */
    private function __construct(public int $points, public int $likelyAt, public array $present, public array $for) {}

    public static function of(GameState $state): self
    {
        $weights = $state->setting(BuntPoints::class);
        if (!$state->rules->bunts) {
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

    /** The chance that one is shown, 0 to 1: about one in three where the coach's line is reached. */
    public function chance(): float
    {
        return self::MOST / (1 + exp(($this->likelyAt + self::EVEN - $this->points) / self::STEEP));
    }

    /** "nobody out, a runner to move up, one run decides" */
    public function because(): string
    {
        return implode(', ', $this->for);
    }
}
