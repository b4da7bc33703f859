<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Floor;

use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Skill\Skill;

/** What is counted over a week: every player should have so much of it, whatever his plan asks. */
enum Work: string
{
    case Fielded = 'fielded';
    /** By those who may not throw it. */
    case Held = 'held';
    case ShortHops = 'short-hops';
    case Feeds = 'feeds';
    case Pivots = 'pivots';
    case Bunts = 'bunts';
    case Comebackers = 'comebackers';
    case CoverFirst = 'cover-first';
    case CatcherThrows = 'catcher-throws';
    case Blocks = 'blocks';
    case Flies = 'flies';
    case Charges = 'charges';
    case Cutoffs = 'cutoffs';
    case Jobs = 'jobs';
    case Rundowns = 'rundowns';

    public function label(): string
    {
        return match ($this) {
            self::Fielded => 'fielded and thrown',
            self::Held => 'fielded and held',
            self::ShortHops => 'short hops at first',
            self::Feeds => 'feeds',
            self::Pivots => 'own pivots',
            self::Bunts => 'bunts',
            self::Comebackers => 'comebackers',
            self::CoverFirst => 'covering first',
            self::CatcherThrows => 'throws to bases',
            self::Blocks => 'blocked',
            self::Flies => 'flies',
            self::Charges => 'ground balls charged',
            self::Cutoffs => 'thrown to a cutoff',
            self::Jobs => 'priority, back-ups, team jobs',
            self::Rundowns => 'rundowns',
        };
    }

    /** What a repetition of a skill is at a position; null: nothing that has a floor. */
    public static function of(Position $position, Skill $skill): ?self
    {
        return match ($skill) {
            Skill::GroundBall,
            Skill::SlowRoller,
            Skill::HardAtCorner,
            Skill::LookBack,
            Skill::ThrowHome => self::Fielded,
            Skill::ReadHops => self::Held,
            Skill::ShortHopsAtFirst => self::ShortHops,
            Skill::UnderhandFeed, Skill::DropStepFeed, Skill::SideToss, Skill::Dart, Skill::BackhandFeed => self::Feeds,
            Skill::PivotOfSecond, Skill::PivotOfShort => self::Pivots,
            Skill::Field => self::Bunts,
            Skill::Comebacker => self::Comebackers,
            Skill::CoverFirstOnGrounder => self::CoverFirst,
            Skill::ThrowToSecond, Skill::ThrowBehind => Position::Catcher === $position ? self::CatcherThrows : null,
            Skill::Block => self::Blocks,
            Skill::BackTurned => self::Flies,
            Skill::OutfieldGrounder => self::Charges,
            Skill::OutfieldThrow => self::Cutoffs,
            Skill::FlyPriority,
            Skill::NeighbourBackUp,
            Skill::BackUpThrow,
            Skill::BackUpFirst,
            Skill::BackUpSecond,
            Skill::BackUpThird,
            Skill::BackUpHome,
            Skill::CutoffLine,
            Skill::CutoffVoice,
            Skill::Tandem,
            Skill::UnitRounds,
            Skill::LiveSituation,
            Skill::CallTheBase,
            Skill::FollowRunner => self::Jobs,
            Skill::Rundown => self::Rundowns,
            default => null,
        };
    }

    /**
     * What one repetition is that serves these skills at a position: each once, however many skills are the same work;
     * what is fielded is also held, whether it is thrown or not.
     *
     * @param list<Skill> $skills
     *
     * @return list<self>
     */
    public static function given(Position $position, array $skills): array
    {
        $given = [];
        foreach ($skills as $skill) {
            $work = self::of($position, $skill);
            if (null !== $work) {
                $given[$work->value] = $work;
            }
            if (self::Fielded === $work) {
                $given[self::Held->value] = self::Held;
            }
        }

        return array_values($given);
    }

    /** The skill by which a position asks for it first; null: it never does. */
    public function skill(Position $position): ?Skill
    {
        $isInfield = \in_array($position, Position::INFIELD, true);

        return match ($this) {
            self::Fielded => Skill::GroundBall,
            self::Held => Skill::ReadHops,
            self::ShortHops => Skill::ShortHopsAtFirst,
            self::Feeds => Position::SecondBase === $position ? Skill::SideToss : Skill::UnderhandFeed,
            self::Pivots => Position::SecondBase === $position ? Skill::PivotOfSecond : Skill::PivotOfShort,
            self::Bunts => Skill::Field,
            self::Comebackers => Skill::Comebacker,
            self::CoverFirst => Skill::CoverFirstOnGrounder,
            self::CatcherThrows => Skill::ThrowToSecond,
            self::Blocks => Skill::Block,
            self::Flies => Skill::BackTurned,
            self::Charges => Skill::OutfieldGrounder,
            self::Cutoffs => Skill::OutfieldThrow,
            self::Jobs => match ($position) {
                Position::Pitcher => Skill::BackUpThrow,
                Position::Catcher => Skill::CallTheBase,
                default => $isInfield ? Skill::CutoffLine : Skill::FlyPriority,
            },
            self::Rundowns => $isInfield ? Skill::Rundown : null,
        };
    }

    /** Against the others (ours): what every inning has comes before what an evening has. */
    public function weight(): float
    {
        return match ($this) {
            self::Fielded => 1.5,
            default => 1.0,
        };
    }

    /** What a limit leaves of it: throws go, and what is tossed for those who may not even do that. */
    public function under(Limit $limit): float
    {
        $isThrown = match ($this) {
            self::Bunts, self::Comebackers, self::CatcherThrows, self::Cutoffs, self::Rundowns, self::Fielded => true,
            default => false,
        };
        $isTossed = match ($this) {
            self::Feeds, self::Pivots, self::CoverFirst, self::Charges => true,
            default => false,
        };

        return ($isThrown && !$limit->allowsGameThrows()) || ($isTossed && $limit->forbidsThrowing()) ? 0.0 : 1.0;
    }
}
