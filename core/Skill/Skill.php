<?php

declare(strict_types=1);

namespace FoxCorner\Core\Skill;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\RuleSet;

/** What a fielder practises: the same for every play that asks it. */
enum Skill: string
{
    case Catch = 'catch';
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
    case Block = 'block';

    case UnitRounds = 'unit-rounds';
    case LiveSituation = 'live-situation';

    public function family(): SkillFamily
    {
        return $this->practised()->family;
    }

    /** Whether a rule set leaves any use for it. */
    public function suits(RuleSet $rules): bool
    {
        return $this->practised()->need?->isMet($rules) ?? true;
    }

    /** As in a table: "Charge, then clear the lane". */
    public function label(): string
    {
        return $this->practised()->label;
    }

    /** What is lost each time that it is asked and not done: an out or a base is 1 (ours). */
    public function price(): float
    {
        return $this->practised()->price;
    }

    /** How fast it goes when nobody practises it. */
    public function memory(): Memory
    {
        return match ($this) {
            self::Catch,
            self::ReadHops,
            self::OwnBag,
            self::UnderhandFeed,
            self::DropStepFeed,
            self::SideToss,
            self::Dart,
            self::PivotOfSecond,
            self::PivotOfShort,
            self::ShortHopsAtFirst,
            self::ForceStretch,
            self::BackhandFeed,
            self::SpinThrow,
            self::JumpThrow => Memory::Hands,
            self::GroundBall,
            self::HardAtCorner,
            self::LookBack,
            self::ThrowHome,
            self::Comebacker,
            self::ThrowToSecond,
            self::OutfieldThrow,
            self::OutfieldGrounder,
            self::BackTurned,
            self::Block => Memory::Throws,
            self::InfieldFly, self::DroppedThird, self::VaryLooks => Memory::Rules,
            self::SlowRoller,
            self::TagAtBag,
            self::FeintAndLook,
            self::CircleLook,
            self::TakeThrowOnSteal,
            self::TagFromOutfield => Memory::Plays,
            default => match ($this->family()) {
                SkillFamily::Holding => Memory::Plays,
                SkillFamily::Bunts => $this->isCoverage() ? Memory::Jobs : Memory::Plays,
                SkillFamily::Daily,
                SkillFamily::GroundBalls,
                SkillFamily::Two,
                SkillFamily::Relays,
                SkillFamily::Runners,
                SkillFamily::Team => Memory::Jobs,
            },
        };
    }

    private function isCoverage(): bool
    {
        return null !== $this->base() || self::CallTheBase === $this || self::LeaveEarly === $this;
    }

    /** The bag that it is all about; null: none. */
    public function base(): ?Base
    {
        return $this->practised()->base;
    }

    private function practised(): Practised
    {
        return match ($this) {
            self::Catch => new Practised(SkillFamily::Daily, 'Catch, to a target'),
            self::GroundBall => new Practised(SkillFamily::GroundBalls, 'Ground ball, sure out'),
            self::SlowRoller => new Practised(SkillFamily::GroundBalls, 'Slow roller'),
            self::ReadHops => new Practised(SkillFamily::GroundBalls, 'Read the hop'),
            self::HardAtCorner => new Practised(SkillFamily::GroundBalls, 'Hard ball at a corner'),
            self::LookBack => new Practised(SkillFamily::GroundBalls, 'Look the runner back'),
            self::ThrowHome => new Practised(SkillFamily::GroundBalls, 'Throw home'),
            self::Comebacker => new Practised(SkillFamily::GroundBalls, 'Ball back to the mound'),
            self::CoverFirstOnGrounder => new Practised(SkillFamily::GroundBalls, 'Cover first on a ground ball'),
            self::OwnBag => new Practised(SkillFamily::Two, 'Take the bag alone'),
            self::UnderhandFeed => new Practised(SkillFamily::Two, 'Feed underhand'),
            self::DropStepFeed => new Practised(SkillFamily::Two, 'Feed with a drop-step'),
            self::SideToss => new Practised(SkillFamily::Two, 'Side toss'),
            self::Dart => new Practised(SkillFamily::Two, 'Short overhand feed'),
            self::PivotOfSecond => new Practised(SkillFamily::Two, 'Pivot, second baseman'),
            self::PivotOfShort => new Practised(SkillFamily::Two, 'Pivot, shortstop'),
            self::ShortHopsAtFirst => new Practised(SkillFamily::Two, 'Short hops at first'),
            self::ForceStretch => new Practised(SkillFamily::Two, 'Stretch for a force'),
            self::TagAtBag => new Practised(SkillFamily::Two, 'Tag at bag'),
            self::FeintAndLook => new Practised(SkillFamily::Two, 'Feint to first, look at third'),
            self::BackhandFeed => new Practised(SkillFamily::Two, 'Feed from the backhand'),
            self::SpinThrow => new Practised(SkillFamily::Two, 'Spin throw'),
            self::JumpThrow => new Practised(SkillFamily::Two, 'Jump throw'),
            self::CircleLook => new Practised(
                SkillFamily::Runners,
                'Stop them from the circle',
                need: RuleNeed::Circle,
            ),
            self::DroppedThird => new Practised(
                SkillFamily::Runners,
                'Third strike on the ground',
                need: RuleNeed::DroppedThird,
            ),
            self::InfieldFly => new Practised(SkillFamily::Runners, 'Infield fly'),
            self::Field => new Practised(SkillFamily::Bunts, 'Field the bunt'),
            self::Converge => new Practised(SkillFamily::Bunts, 'Charge, then clear the lane', price: 0.05),
            self::CoverFirst => new Practised(SkillFamily::Bunts, 'Cover first', price: 0.12, base: Base::First),
            self::CoverSecond => new Practised(SkillFamily::Bunts, 'Cover second', price: 0.12, base: Base::Second),
            self::CoverThird => new Practised(SkillFamily::Bunts, 'Cover third', price: 0.12, base: Base::Third),
            self::CoverHome => new Practised(SkillFamily::Bunts, 'Cover home', price: 0.12, base: Base::Home),
            self::TurnBackFirst => new Practised(
                SkillFamily::Bunts,
                'Turn back to first',
                price: 0.4,
                base: Base::First,
            ),
            self::TurnBackThird => new Practised(
                SkillFamily::Bunts,
                'Turn back to third',
                price: 0.4,
                base: Base::Third,
            ),
            self::BackUpFirst => new Practised(SkillFamily::Bunts, 'Back up first', price: 0.08, base: Base::First),
            self::BackUpSecond => new Practised(SkillFamily::Bunts, 'Back up second', price: 0.08, base: Base::Second),
            self::BackUpThird => new Practised(SkillFamily::Bunts, 'Back up third', price: 0.08, base: Base::Third),
            self::BackUpHome => new Practised(SkillFamily::Bunts, 'Back up home', price: 0.08, base: Base::Home),
            self::CallTheBase => new Practised(SkillFamily::Bunts, 'Call the base', price: 0.3),
            self::LeaveEarly => new Practised(SkillFamily::Bunts, 'Leave before the pitch, on time'),
            self::HoldAtFirst => new Practised(
                SkillFamily::Holding,
                'Hold at first',
                0.4,
                RuleNeed::Leads,
                Base::First,
            ),
            self::HoldAndRead => new Practised(SkillFamily::Holding, 'Hold and read', need: RuleNeed::Leads),
            self::PickMove => new Practised(SkillFamily::Holding, 'Move to first', need: RuleNeed::Leads),
            self::DaylightPick => new Practised(SkillFamily::Holding, 'Daylight pick', need: RuleNeed::Leads),
            self::TimedPick => new Practised(SkillFamily::Holding, 'Timed pick', need: RuleNeed::Leads),
            self::VaryLooks => new Practised(SkillFamily::Holding, 'Mix looks and holds', need: RuleNeed::Leads),
            self::ThrowBehind => new Practised(SkillFamily::Holding, 'Throw behind the runner'),
            self::ThrowToSecond => new Practised(SkillFamily::Holding, 'Throw to second', base: Base::Second),
            self::TakeThrowOnSteal => new Practised(SkillFamily::Holding, 'Take the throw on a steal', price: 0.4),
            self::CutoffLine => new Practised(SkillFamily::Relays, 'Cutoff, on the line', price: 0.3),
            self::CutoffVoice => new Practised(SkillFamily::Relays, 'Voice for the cutoff', price: 0.3),
            self::Tandem => new Practised(SkillFamily::Relays, 'Lead and trail', price: 0.3),
            self::OutfieldThrow => new Practised(SkillFamily::Relays, 'Throw to the cutoff or base'),
            self::OutfieldGrounder => new Practised(SkillFamily::Relays, 'Ground ball to the outfield'),
            self::BackUpThrow => new Practised(SkillFamily::Relays, 'Back up a throw, deep', price: 0.12),
            self::NeighbourBackUp => new Practised(SkillFamily::Relays, 'Run behind the neighbour', price: 0.12),
            self::FollowRunner => new Practised(SkillFamily::Relays, 'Follow the batter-runner', price: 0.12),
            self::FlyPriority => new Practised(SkillFamily::Relays, 'Who takes the fly'),
            self::BackTurned => new Practised(SkillFamily::Relays, 'Ball over the head'),
            self::TagFromOutfield => new Practised(SkillFamily::Relays, 'Tag on a throw from the outfield'),
            self::FirstAndThird => new Practised(SkillFamily::Runners, 'First and third, runner goes'),
            self::Rundown => new Practised(SkillFamily::Runners, 'Rundown'),
            self::LooseBall => new Practised(SkillFamily::Runners, 'Ball past the catcher', price: 0.12),
            self::Block => new Practised(SkillFamily::Runners, 'Block a ball in the dirt', price: 0.4),
            self::UnitRounds => new Practised(SkillFamily::Team, 'Rounds as one infield'),
            self::LiveSituation => new Practised(SkillFamily::Team, 'Live situation'),
        };
    }
}
