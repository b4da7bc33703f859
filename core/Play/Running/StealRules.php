<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Running;

use FoxCorner\Core\Field\LeadRule;
use FoxCorner\Core\Field\RuleSet;

/** Whether a runner may go as he means to, in general: the league's book and umpire decide. */
final readonly class StealRules
{
    private const DECIDES = 'Your league’s book and umpire decide.';

    private function __construct(public bool $isLegal, public string $why) {}

    /** @param float $lead ft off the base before he may leave it */
    public static function of(float $lead, RuleSet $rules): self
    {
        return match (true) {
            !$rules->steals => self::no('These rules know no steal: the runner stays until the ball is hit.'),
            $lead <= 0.0 || $rules->leads->allowsLeads() => new self(true, self::when($rules) . ' ' . self::DECIDES),
            LeadRule::OnRelease === $rules->leads => self::no(
                'He may not be off before the release: who leaves early is out.',
            ),
            default => self::no('He may not be off before the pitch reaches the batter: who leaves early goes back.'),
        };
    }

    private static function when(RuleSet $rules): string
    {
        return match ($rules->leads) {
            LeadRule::Anytime => 'The runner may lead, and go at any time.',
            LeadRule::OnRelease => 'The runner may go with the release.',
            default => 'The runner may go when the pitch has reached the batter.',
        };
    }

    private static function no(string $why): self
    {
        return new self(false, $why . ' ' . self::DECIDES);
    }
}
