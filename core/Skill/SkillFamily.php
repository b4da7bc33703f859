<?php

declare(strict_types=1);

namespace FoxCorner\Core\Skill;

/** The families of plays that are practised, in the order in which a season usually teaches them. */
enum SkillFamily: string
{
    case Daily = 'daily';
    case GroundBalls = 'ground-balls';
    case Two = 'two';
    case Bunts = 'bunts';
    case Holding = 'holding';
    case Relays = 'relays';
    case Runners = 'runners';
    case Team = 'team';

    public function label(): string
    {
        return match ($this) {
            self::Daily => 'Daily core',
            self::GroundBalls => 'Ground balls',
            self::Two => 'Two, and tags',
            self::Bunts => 'Bunts',
            self::Holding => 'Holding and picks',
            self::Relays => 'Balls to the outfield',
            self::Runners => 'First and third, rundowns',
            self::Team => 'All together',
        };
    }
}
