<?php

declare(strict_types=1);

namespace FoxCorner\Core\Skill;

/** How fast a kind of skill goes when it is not practised: what the hands do in days, who goes where in weeks. */
enum Memory: string
{
    case Hands = 'hands';
    case Throws = 'throws';
    case Plays = 'plays';
    case Jobs = 'jobs';
    case Rules = 'rules';

    /** Days after which a repetition counts half. Source: the project's practice. */
    public function halfLife(): float
    {
        return match ($this) {
            self::Hands => 5.0,
            self::Throws => 8.0,
            self::Plays => 10.0,
            self::Jobs => 18.0,
            self::Rules => 30.0,
        };
    }

    /** What belongs to it. */
    public function label(): string
    {
        return match ($this) {
            self::Hands => 'Hands, feet, feeds, pivots, receiving',
            self::Throws => 'Throws, fielding on the run, flies, blocking',
            self::Plays => 'Bunts, tags, picks, slow rollers',
            self::Jobs => 'Who covers, who backs up, cutoffs, priority, rundowns',
            self::Rules => 'Rules and signs',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::Hands => 'Touch goes first: it is a habit of days.',
            self::Throws => 'Legs and arm keep a rhythm for about a week.',
            self::Plays => 'A play of several steps keeps longer than the touch in it.',
            self::Jobs => 'Who goes where is known in the head.',
            self::Rules => 'Once understood, a rule needs saying again, not drilling.',
        };
    }
}
