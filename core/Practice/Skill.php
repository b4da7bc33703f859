<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice;

use FoxCorner\Core\Field\RuleSet;

/**
 * What a fielder practises: the same for every play that asks it.
 *
 * The values of the bunts' jobs are those of {@see \FoxCorner\Core\Play\Scheme\Job::skill()}; the others wait for their
 * families of plays and will be bound to their jobs in the same way.
 */
enum Skill: string
{
    case GroundBall = 'ground-ball';
    case SlowRoller = 'slow-roller';
    case ReadHops = 'read-hops';
    case HardAtCorner = 'hard-at-corner';
    case LookBack = 'look-back';
    case ThrowHome = 'throw-home';
    case Comebacker = 'comebacker';
    case CoverFirstOnGrounder = 'cover-first-on-grounder';

    case OwnBag = 'own-bag';
    case UnderhandFeed = 'underhand-feed';
    case DropStepFeed = 'drop-step-feed';
    case SideToss = 'side-toss';
    case Dart = 'dart';
    case PivotOfSecond = 'pivot-of-second';
    case PivotOfShort = 'pivot-of-short';
    case ShortHopsAtFirst = 'short-hops-at-first';
    case ForceStretch = 'force-stretch';
    case TagAtBag = 'tag-at-bag';
    case FeintAndLook = 'feint-and-look';

    case BackhandFeed = 'backhand-feed';
    case SpinThrow = 'spin-throw';
    case JumpThrow = 'jump-throw';
    case CircleLook = 'circle-look';
    case DroppedThird = 'dropped-third';
    case InfieldFly = 'infield-fly';
    case Field = 'field';
    case Converge = 'converge';
    case CoverFirst = 'cover-first';
    case CoverSecond = 'cover-second';
    case CoverThird = 'cover-third';
    case CoverHome = 'cover-home';
    case TurnBackFirst = 'turn-back-first';
    case TurnBackThird = 'turn-back-third';
    case BackUpFirst = 'back-up-first';
    case BackUpSecond = 'back-up-second';
    case BackUpThird = 'back-up-third';
    case BackUpHome = 'back-up-home';
    case CallTheBase = 'call-the-base';
    case LeaveEarly = 'leave-early';

    case HoldAtFirst = 'hold-at-first';
    case HoldAndRead = 'hold-and-read';
    case PickMove = 'pick-move';
    case DaylightPick = 'daylight-pick';
    case TimedPick = 'timed-pick';
    case VaryLooks = 'vary-looks';
    case ThrowBehind = 'throw-behind';
    case ThrowToSecond = 'throw-to-second';
    case TakeThrowOnSteal = 'take-throw-on-steal';

    case CutoffLine = 'cutoff-line';
    case CutoffVoice = 'cutoff-voice';
    case Tandem = 'tandem';
    case OutfieldThrow = 'outfield-throw';
    case OutfieldGrounder = 'outfield-grounder';
    case BackUpThrow = 'back-up-throw';
    case NeighbourBackUp = 'neighbour-back-up';
    case FollowRunner = 'follow-runner';
    case FlyPriority = 'fly-priority';
    case BackTurned = 'back-turned';
    case TagFromOutfield = 'tag-from-outfield';

    case FirstAndThird = 'first-and-third';
    case Rundown = 'rundown';
    case LooseBall = 'loose-ball';

    case UnitRounds = 'unit-rounds';
    case LiveSituation = 'live-situation';

    public function family(): SkillFamily
    {
        return match ($this) {
            self::GroundBall,
            self::SlowRoller,
            self::ReadHops,
            self::HardAtCorner,
            self::LookBack,
            self::ThrowHome,
            self::Comebacker,
            self::CoverFirstOnGrounder => SkillFamily::GroundBalls,
            self::OwnBag,
            self::UnderhandFeed,
            self::DropStepFeed,
            self::BackhandFeed,
            self::SpinThrow,
            self::JumpThrow,
            self::SideToss,
            self::Dart,
            self::PivotOfSecond,
            self::PivotOfShort,
            self::ShortHopsAtFirst,
            self::ForceStretch,
            self::TagAtBag,
            self::FeintAndLook => SkillFamily::Two,
            self::Field,
            self::Converge,
            self::CoverFirst,
            self::CoverSecond,
            self::CoverThird,
            self::CoverHome,
            self::TurnBackFirst,
            self::TurnBackThird,
            self::BackUpFirst,
            self::BackUpSecond,
            self::BackUpThird,
            self::BackUpHome,
            self::CallTheBase,
            self::LeaveEarly => SkillFamily::Bunts,
            self::HoldAtFirst,
            self::HoldAndRead,
            self::PickMove,
            self::DaylightPick,
            self::TimedPick,
            self::VaryLooks,
            self::ThrowBehind,
            self::ThrowToSecond,
            self::TakeThrowOnSteal => SkillFamily::Holding,
            self::CutoffLine,
            self::CutoffVoice,
            self::Tandem,
            self::OutfieldThrow,
            self::OutfieldGrounder,
            self::BackUpThrow,
            self::NeighbourBackUp,
            self::FollowRunner,
            self::FlyPriority,
            self::BackTurned,
            self::TagFromOutfield => SkillFamily::Relays,
            self::FirstAndThird,
            self::Rundown,
            self::LooseBall,
            self::CircleLook,
            self::DroppedThird,
            self::InfieldFly => SkillFamily::Runners,
            self::UnitRounds, self::LiveSituation => SkillFamily::Team,
        };
    }

    /** Whether it is of use only where runners may leave before the pitch is on its way. */
    public function needsLeads(): bool
    {
        return \in_array(
            $this,
            [
                self::HoldAtFirst,
                self::HoldAndRead,
                self::PickMove,
                self::DaylightPick,
                self::TimedPick,
                self::VaryLooks,
            ],
            true,
        );
    }

    /** Whether a rule set leaves any use for it. */
    public function suits(RuleSet $rules): bool
    {
        return match (true) {
            self::CircleLook === $this => RuleNeed::Circle->isMet($rules),
            self::DroppedThird === $this => RuleNeed::DroppedThird->isMet($rules),
            default => !$this->needsLeads() || RuleNeed::Leads->isMet($rules),
        };
    }

    /** As in a table: "Charge, then clear the lane". */
    public function label(): string
    {
        return match ($this) {
            self::GroundBall => 'Ground ball, sure out',
            self::HardAtCorner => 'Hard ball at a corner',
            self::LookBack => 'Look the runner back',
            self::CoverFirstOnGrounder => 'Cover first on a ground ball',
            self::OwnBag => 'Take the bag alone',
            self::UnderhandFeed => 'Feed underhand',
            self::DropStepFeed => 'Feed with a drop-step',
            self::Dart => 'Short overhand feed',
            self::PivotOfSecond => 'Pivot, second baseman',
            self::PivotOfShort => 'Pivot, shortstop',
            self::ForceStretch => 'Stretch for a force',
            self::FeintAndLook => 'Feint to first, look at third',
            self::Field => 'Field the bunt',
            self::Converge => 'Charge, then clear the lane',
            self::TurnBackFirst => 'Turn back to first',
            self::TurnBackThird => 'Turn back to third',
            self::LeaveEarly => 'Leave before the pitch, on time',
            self::PickMove => 'Move to first',
            self::VaryLooks => 'Mix looks and holds',
            self::ThrowBehind => 'Throw behind the runner',
            self::TakeThrowOnSteal => 'Take the throw on a steal',
            self::CutoffLine => 'Cutoff, on the line',
            self::CutoffVoice => 'Voice for the cutoff',
            self::Tandem => 'Lead and trail',
            self::OutfieldThrow => 'Throw to the cutoff or base',
            self::OutfieldGrounder => 'Ground ball to the outfield',
            self::BackUpThrow => 'Back up a throw, deep',
            self::NeighbourBackUp => 'Run behind the neighbour',
            self::FollowRunner => 'Follow the batter-runner',
            self::FlyPriority => 'Who takes the fly',
            self::BackTurned => 'Ball over the head',
            self::TagFromOutfield => 'Tag on a throw from the outfield',
            self::FirstAndThird => 'First and third, runner goes',
            self::LooseBall => 'Ball past the catcher',
            self::UnitRounds => 'Rounds as one infield',
            self::LiveSituation => 'Live situation',
            self::Comebacker => 'Ball back to the mound',
            self::BackhandFeed => 'Feed from the backhand',
            self::CircleLook => 'Stop them from the circle',
            self::DroppedThird => 'Third strike on the ground',
            self::ReadHops => 'Read the hop',
            default => ucfirst(str_replace('-', ' ', $this->value)),
        };
    }

    /** What is lost each time that it is asked and not done: an out or a base is 1 (ours). */
    public function price(): float
    {
        return match ($this) {
            self::BackUpFirst, self::BackUpSecond, self::BackUpThird, self::BackUpHome => 0.08,
            self::NeighbourBackUp, self::BackUpThrow, self::LooseBall, self::FollowRunner => 0.12,
            self::Converge => 0.05,
            self::CoverFirst, self::CoverSecond, self::CoverThird, self::CoverHome => 0.12,
            self::CutoffLine, self::Tandem, self::CutoffVoice, self::CallTheBase => 0.3,
            self::TurnBackFirst, self::TurnBackThird, self::TakeThrowOnSteal, self::HoldAtFirst => 0.4,
            default => 1.0,
        };
    }
}
