<?php

declare(strict_types=1);

namespace FoxCorner\Core\Known;

/** What is compared with what is known of a level. */
enum Measure: string
{
    case Outs = 'outs';
    case Two = 'two';
    case Error = 'error';
    case BatterOut = 'batter-out';
    case LeadOut = 'lead-out';
    case AllSafe = 'all-safe';
    case Runs = 'runs';
    case Steals = 'steals';

    public function label(): string
    {
        return match ($this) {
            self::Outs => 'Ground balls that become an out, nobody on',
            self::Two => 'Ground balls that become two, runner on first, fewer than two out',
            self::Error => 'Reached on an error, of ground balls',
            self::BatterOut => 'Sacrifice with a runner on first: the batter out',
            self::LeadOut => 'Sacrifice: the runner out',
            self::AllSafe => 'Sacrifice: everybody safe',
            self::Runs => 'Runs of one team in a game',
            self::Steals => 'Steals of second that succeed, of those who choose to go',
        };
    }
}
