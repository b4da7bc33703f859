<?php

declare(strict_types=1);

namespace FoxCorner\App\Help;

/** A place of the program, and what somebody who stands in it wants to know. */
enum Topic: string
{
    case Today = 'today';
    case Team = 'team';
    case Stopwatch = 'stopwatch';
    case Situations = 'situations';
    case Rules = 'rules';
    case Field = 'field';
    case Bunts = 'bunts';
    case Coverage = 'coverage';
    case GroundBalls = 'ground-balls';
    case Outfield = 'outfield';
    case Runners = 'runners';
    case Practice = 'practice';
    case Needs = 'needs';
    case Drills = 'drills';
    case Week = 'week';
    case Run = 'run';
    case People = 'people';
    case Club = 'club';
    case You = 'you';

    /** By where a page is in the team's addresses: the first that fits. */
    private const PLACES = [
        '~^situations/[^/]+/[^/]+/coverage/~' => self::Coverage,
        '~^situations/(rules|depths)/~' => self::Rules,
        '~^situations/([^/]+/outfield|outfield-jobs)/~' => self::Outfield,
        '~^situations/(walk-off/)?$~' => self::Situations,
        '~^situations/[^/]+/bunt/~' => self::Bunts,
        '~^situations/[^/]+/ground-ball/~' => self::GroundBalls,
        '~^situations/[^/]+/(air/)?$~' => self::Field,
        '~^(situations|team/counts)/~' => self::Runners,
        '~^practice/[^/]+/(run|after)/~' => self::Run,
        '~^practice/(needs|season)/~' => self::Needs,
        '~^practice/drills/~' => self::Drills,
        '~^practice/(week|calendar|arms|floors)/~' => self::Week,
        '~^practice/~' => self::Practice,
        '~^team/stopwatch/~' => self::Stopwatch,
        '~^(people|shared)/~' => self::People,
        '~^club/~' => self::Club,
        '~^(you|changes|find|help)/~' => self::You,
        '~^today/~' => self::Today,
    ];

    /** @param string $place the part of the address after the team */
    public static function at(string $place): self
    {
        foreach (self::PLACES as $pattern => $topic) {
            if (1 === preg_match($pattern, "$place/")) {
                return $topic;
            }
        }

        return self::Team;
    }

    public function title(): string
    {
        return match ($this) {
            self::GroundBalls => 'Ground balls',
            self::Coverage => 'A coverage of your own',
            self::Rules => 'Rules and depths',
            self::Run => 'Running a practice',
            self::Needs => 'What is needed',
            default => ucfirst($this->value),
        };
    }
}
