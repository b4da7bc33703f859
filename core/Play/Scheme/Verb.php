<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Scheme;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Skill\Skill;

/** Everything that a fielder can be told to do, at a base or without one. The values stay the same for ever. */
enum Verb: string
{
    case Field = 'field';
    /** A ball in the outfield. */
    case FieldOut = 'field-out';
    /** A ball in the outfield that is past him. */
    case RunDown = 'run-down';
    case Cover = 'cover';
    /** Charges with the others, reads that the ball is somebody else's, and goes back to the bag. */
    case TurnBack = 'turn-back';
    /** The bag is left open, and somebody comes in to it from far: late by design. */
    case ComeIn = 'come-in';
    case BackUp = 'back-up';
    /** Stands between the ball and a base, where the throw there is quickest over him. */
    case Cut = 'cut';
    /** On the same line as the cutoff man farther out, and inside: the last one who can stop the ball. */
    case LastCut = 'last-cut';
    /** Behind the cutoff man, for the throw that he cannot have. */
    case Trail = 'trail';
    /** Goes to the ball behind the one who fields it, and stays out of the throwing lane. */
    case Converge = 'converge';
    /** Sees the batter-runner touch first, and goes with him. */
    case Follow = 'follow';
    /** Runs behind another outfielder, for what gets by him, and tells him how far. */
    case BehindBall = 'behind-ball';
    /** Between two bases until he sees where the throw goes, then behind that one. */
    case ReadThenBehind = 'read-then-behind';
    /** Near the mound: there is no throw to back up yet. */
    case Ready = 'relay-ready';
    /** The pitcher or the catcher, behind a runner; what is practised of it is the pick's own. */
    case Pick = 'pick';
    /** The catcher, when a runner goes. */
    case ThrowDown = 'throw-down';
    /** The pitcher, when he goes home. */
    case Pitch = 'pitch';
    /** The pitcher, when a runner goes before the pitch. */
    case StepOff = 'step-off';
    /** Whoever has the ball as a runner is caught between two bases. */
    case RunAtHim = 'run-at-him';
    /** Holds a runner on a base, and is there when the throw comes. */
    case Hold = 'hold';
    /** At the bag before the throw, as a runner comes to it. */
    case TakeThrow = 'take-throw';
    /** In front of a bag, where he can stop the throw there when the runner on third breaks. */
    case CutShort = 'cut-short';
    /** Waits at the end of the way on which a runner is caught. */
    case Receive = 'receive';
    /** Behind whoever goes to the ball: takes his bag when he has left it. */
    case Fill = 'fill';
    /** The catcher’s part with runners on first and third. */
    case ThrowThrough = 'first-third-through';
    case ThrowForCut = 'first-third-read-cut';
    case ThrowShort = 'first-third-short-cut';
    case FeintToThird = 'first-third-feint-third';
    case ThrowToPitcher = 'first-third-to-pitcher';
    case HoldTheBall = 'first-third-concede';
    /** The pitcher, out of the catcher’s way; the ball may still be his. */
    case Duck = 'duck';
    /** Takes the catcher’s throw as if it were meant for the bag behind him. */
    case CutAsPitcher = 'pitcher-cut';

    /** The job without a base. */
    public function job(?string $words = null): Job
    {
        return Job::of($this, null, $words);
    }

    public function at(Base $base, ?string $words = null): Job
    {
        return Job::of($this, $base, $words);
    }

    /** As files have it: a ball is fielded, wherever it is. */
    public function key(): string
    {
        return match ($this) {
            self::FieldOut, self::RunDown => self::Field->value,
            default => $this->value,
        };
    }

    public function isAtABase(): bool
    {
        return match ($this) {
            self::Cover,
            self::TurnBack,
            self::ComeIn,
            self::BackUp,
            self::Cut,
            self::LastCut,
            self::Trail,
            self::Hold,
            self::TakeThrow,
            self::CutShort,
            self::Receive,
            self::Fill => true,
            default => false,
        };
    }

    /** Whether a line of a coverage can ask it; the others follow from who has the ball. */
    public function isAsked(): bool
    {
        return match ($this) {
            self::Field,
            self::FieldOut,
            self::RunDown,
            self::Pick,
            self::ThrowDown,
            self::Pitch,
            self::StepOff,
            self::RunAtHim => false,
            default => true,
        };
    }

    public function kind(): JobKind
    {
        return match ($this) {
            self::Field,
            self::FieldOut,
            self::RunDown,
            self::Pick,
            self::ThrowDown,
            self::Pitch,
            self::StepOff,
            self::RunAtHim,
            self::ThrowThrough,
            self::ThrowForCut,
            self::ThrowShort,
            self::FeintToThird,
            self::ThrowToPitcher,
            self::HoldTheBall => JobKind::Field,
            self::Cover, self::TurnBack, self::ComeIn, self::TakeThrow, self::Receive => JobKind::Cover,
            self::BackUp, self::BehindBall, self::ReadThenBehind, self::Fill => JobKind::BackUp,
            self::Cut, self::LastCut, self::CutShort, self::CutAsPitcher => JobKind::Cut,
            self::Trail => JobKind::Trail,
            self::Converge => JobKind::Converge,
            self::Follow => JobKind::Follow,
            self::Ready, self::Duck => JobKind::RelayReady,
            self::Hold => JobKind::Hold,
        };
    }

    /** What is said of it; "%s" is the base. */
    public function words(): string
    {
        return match ($this) {
            self::Field => 'Field it',
            self::FieldOut => 'Field it; throw chest high',
            self::RunDown => 'Run it down; throw to the lead man',
            self::Cover => 'Cover %s',
            self::TurnBack => 'Not yours: back to %s',
            self::ComeIn => 'Come in to %s',
            self::BackUp => 'Back up %s',
            self::Cut => 'Cutoff toward %s',
            self::LastCut => 'Last cutoff toward %s',
            self::Trail => 'Trail, behind the cutoff',
            self::Converge => 'Charge, then clear the lane',
            self::Follow => 'See him touch first; follow to second',
            self::BehindBall => 'Behind the ball; say how far',
            self::ReadThenBehind => 'Between third and home; read, then behind it',
            self::Ready => 'By the mound; see the touch, ready to cut',
            self::Pick => 'On the sign, throw behind him',
            self::ThrowDown => 'Up and through to the bag',
            self::Pitch => 'Low strike, no windup',
            self::StepOff => 'Step off; as called, eyes on third',
            self::RunAtHim => 'Run him hard, ball high, one throw',
            self::Hold => 'Hold him at %s',
            self::TakeThrow => 'Take the throw at %s; tag down, then up',
            self::CutShort => 'In front of %s: cut it when he breaks',
            self::Receive => 'Off %s to the ball; say when',
            self::Fill => 'Fill %s behind',
            self::ThrowThrough => 'Look at third; through to second',
            self::ThrowForCut => 'Look at third; head high, so that it can be cut',
            self::ThrowShort => 'Look at third; to the cut man’s chest',
            self::FeintToThird => 'Arm up for second, then to third',
            self::ThrowToPitcher => 'Hard at the pitcher’s head',
            self::HoldTheBall => 'Look at third, hold the ball',
            self::Duck => 'Pitch; down, out of the lane',
            self::CutAsPitcher => 'Take it as if it were the throw',
        };
    }

    /** As a coach picks it from a list; "%s" is the base. */
    public function label(): string
    {
        return self::TurnBack === $this ? 'Charge, else back to %s' : $this->words();
    }

    /** What is practised of it: the same for every play that asks it. */
    public function skill(?Base $base): Skill
    {
        return match ($this) {
            self::Field => Skill::Field,
            self::FieldOut => Skill::OutfieldThrow,
            self::RunDown => Skill::BackTurned,
            self::Cover, self::ComeIn => self::covering($base),
            self::TurnBack => match ($base) {
                Base::First => Skill::TurnBackFirst,
                Base::Third => Skill::TurnBackThird,
                default => self::covering($base),
            },
            self::BackUp => match ($base) {
                Base::First => Skill::BackUpFirst,
                Base::Second => Skill::BackUpSecond,
                Base::Third => Skill::BackUpThird,
                Base::Home, null => Skill::BackUpHome,
            },
            self::Cut, self::LastCut, self::Ready => Skill::CutoffLine,
            self::Trail => Skill::Tandem,
            self::Converge => Skill::Converge,
            self::Follow => Skill::FollowRunner,
            self::BehindBall => Skill::NeighbourBackUp,
            self::ReadThenBehind => Skill::BackUpThrow,
            self::Pick => Skill::PickMove,
            self::ThrowDown => Skill::ThrowToSecond,
            self::Pitch => Skill::VaryLooks,
            self::Hold => Base::First === $base ? Skill::HoldAtFirst : Skill::HoldAndRead,
            self::TakeThrow => Skill::TakeThrowOnSteal,
            self::RunAtHim, self::Receive, self::Fill => Skill::Rundown,
            self::StepOff,
            self::CutShort,
            self::CutAsPitcher,
            self::ThrowThrough,
            self::ThrowForCut,
            self::ThrowShort,
            self::FeintToThird,
            self::ThrowToPitcher,
            self::HoldTheBall => Skill::FirstAndThird,
            self::Duck => Skill::LooseBall,
        };
    }

    private static function covering(?Base $base): Skill
    {
        return match ($base) {
            Base::First => Skill::CoverFirst,
            Base::Second => Skill::CoverSecond,
            Base::Third => Skill::CoverThird,
            Base::Home, null => Skill::CoverHome,
        };
    }
}
