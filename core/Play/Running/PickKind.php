<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Running;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\Skill\Skill;

/**
 * A way to throw behind a runner.
 *
 * Seconds are ours, from the first move of whoever throws; a level that handles the ball slower takes longer in
 * proportion.
 */
enum PickKind: string
{
    /** From the set, feet quick under the body, one step toward first. */
    case Quick = 'quick';
    /** Back foot off the rubber first: from then on the pitcher is an infielder. */
    case StepOff = 'step-off';
    /** The infielder breaks between runner and bag; the pitcher sees daylight. */
    case Daylight = 'daylight';
    /** He breaks and shows his palm: throw. No palm: he only pushes the runner back. */
    case OpenHand = 'open-hand';
    /** Both count from the set, and go on the count. */
    case Timed = 'timed';
    /** The leg goes up as if to pitch, and turns to second. */
    case Inside = 'inside';
    /** The first baseman does not hold, and comes in behind the runner on the count. */
    case FirstBehind = 'first-behind';
    /** The shortstop feints to third as in the wheel; the second baseman comes in behind the runner. */
    case WheelFeint = 'wheel-feint';
    /** The catcher behind a runner who is far off as the pitch is caught. */
    case CatcherBehind = 'catcher-behind';
    /** The same after a missed bunt, when runners lean the other way. */
    case CatcherAfterBunt = 'catcher-after-bunt';

    public function label(): string
    {
        return match ($this) {
            self::Quick => 'Quick move',
            self::StepOff => 'Step off and throw',
            self::Daylight => 'Daylight',
            self::OpenHand => 'Open hand',
            self::Timed => 'Timed',
            self::Inside => 'Inside move',
            self::FirstBehind => 'First baseman behind',
            self::WheelFeint => 'Wheel feint',
            self::CatcherBehind => 'Catcher behind',
            self::CatcherAfterBunt => 'Catcher, after a missed bunt',
        };
    }

    /** @return list<Base> where it is thrown */
    public function bases(): array
    {
        return match ($this) {
            self::Quick, self::FirstBehind => [Base::First],
            self::Daylight, self::OpenHand, self::Inside, self::WheelFeint => [Base::Second],
            self::Timed => [Base::Second, Base::Third],
            self::StepOff, self::CatcherBehind, self::CatcherAfterBunt => [Base::First, Base::Second, Base::Third],
        };
    }

    public function isCatchers(): bool
    {
        return self::CatcherBehind === $this || self::CatcherAfterBunt === $this;
    }

    /** Whether the pitcher throws from the rubber: out of play it costs one base then, and else two. */
    public function isFromTheRubber(): bool
    {
        return !$this->isCatchers() && self::StepOff !== $this;
    }

    /** Whether it goes by a sign given before; without it the pitcher is surprised, or nobody is at the bag. */
    public function needsSign(): bool
    {
        return \in_array($this, [self::Timed, self::FirstBehind, self::WheelFeint, self::OpenHand], true);
    }

    /** What is practised for it. */
    public function skill(): Skill
    {
        return match ($this) {
            self::Quick, self::StepOff, self::Inside => Skill::PickMove,
            self::Daylight, self::OpenHand, self::WheelFeint => Skill::DaylightPick,
            self::Timed, self::FirstBehind => Skill::TimedPick,
            self::CatcherBehind, self::CatcherAfterBunt => Skill::ThrowBehind,
        };
    }

    /** How much wider than a throw made standing it scatters: hurried, or out of a turn (ours). */
    public function wider(): float
    {
        return match ($this) {
            self::Quick, self::FirstBehind => 1.3,
            self::StepOff => 1.2,
            self::CatcherBehind, self::CatcherAfterBunt => 1.15,
            self::Daylight, self::OpenHand, self::Timed, self::Inside, self::WheelFeint => 1.5,
        };
    }

    /** Whether it lives by surprise, and stops working when it is used always. */
    public function wearsOut(): bool
    {
        return !\in_array($this, [self::Quick, self::StepOff, self::CatcherBehind], true);
    }

    /** s from the first move to the release; a catcher's: more than his exchange. */
    public function turns(Hand $hand, Base $base): float
    {
        return match ($this) {
            self::Quick, self::FirstBehind => Hand::Left === $hand ? 0.55 : 0.6,
            self::StepOff => 0.75,
            self::Inside => 0.95,
            self::Timed => Base::Third === $base ? 0.6 : 0.7,
            self::Daylight, self::OpenHand, self::WheelFeint => 0.7,
            self::CatcherBehind => 0.0,
            self::CatcherAfterBunt => 0.05,
        };
    }

    /** s at which whoever takes it starts for the bag, negative: before the thrower's first move; null: he is there. */
    public function breaks(): ?float
    {
        return match ($this) {
            self::Quick => null,
            self::StepOff => 0.0,
            self::Daylight => -0.3,
            self::OpenHand => -0.25,
            self::Timed, self::FirstBehind => -0.15,
            self::Inside => 0.1,
            self::WheelFeint => -0.5,
            self::CatcherBehind => -0.3,
            self::CatcherAfterBunt => 0.0,
        };
    }

    /** s from the first move until it tells the runner that he has to go back. */
    public function tells(Hand $hand): float
    {
        return match ($this) {
            self::Quick => Hand::Left === $hand ? 0.2 : 0.1,
            self::FirstBehind => Hand::Left === $hand ? 0.25 : 0.15,
            self::StepOff => 0.05,
            self::Daylight, self::OpenHand => 0.2,
            self::Timed => 0.17,
            self::Inside => 0.4,
            self::WheelFeint => 0.24,
            self::CatcherBehind => 0.25,
            self::CatcherAfterBunt => 0.3,
        };
    }

    /** How often he, or his coach, sees whoever breaks for the bag (ours); a feint hides it, a bluff wears it out. */
    public function seen(): float
    {
        return match ($this) {
            self::Daylight => 0.6,
            self::OpenHand => 0.45,
            self::StepOff, self::Timed, self::CatcherBehind => 0.5,
            self::WheelFeint => 0.35,
            self::FirstBehind => 0.2,
            self::Quick, self::Inside, self::CatcherAfterBunt => 0.0,
        };
    }

    /** What the first move tells him, in words. */
    public function tellsWhat(): string
    {
        return match ($this) {
            self::Quick => 'A right-hander’s heel says it at once; a left-hander’s leg may still be a pitch.',
            self::StepOff => 'The back foot says that no pitch comes: he is on his way back.',
            self::Daylight => 'He hears the infielder, or his coach does; both before the pitcher turns.',
            self::OpenHand => 'The same break as the bluff: he goes back every time, or learns to wait.',
            self::Timed => 'Nothing before the count: fielder and pitcher move at once.',
            self::Inside => 'The leg says pitch; only the turn says second.',
            self::FirstBehind => 'He looks at the pitcher; nobody holds him, so he is farther off.',
            self::WheelFeint => 'He sees the shortstop leave for third, and leans that way.',
            self::CatcherBehind => 'He comes off with the pitch and has his back to the bag.',
            self::CatcherAfterBunt => 'He has seen the bat come down, and is going.',
        };
    }

    /** How it is begun, in the words that are taught; the sign itself is the team's. */
    public function cadence(): string
    {
        return match ($this) {
            self::Timed, self::FirstBehind => 'Set; look, look away: “one thousand one”. On “two” both go.',
            self::WheelFeint => 'Set; the shortstop goes for third; on “two” the pitcher turns, 4 is there.',
            self::OpenHand => 'Set; look. Palm: turn and throw. Closed: pitch when he is back at his place.',
            self::Daylight => 'Set; look. Daylight between runner and glove: throw. None: pitch.',
            self::Inside => 'Set; leg up to the balance point, turn over the glove side, step to second.',
            self::Quick => 'Set; hands and feet at once, a short throw at the knee.',
            self::StepOff => 'Back foot off first, then turn and throw, or hold the ball.',
            self::CatcherBehind => 'Sign before the pitch; up the line of the runner, throw as the glove shuts.',
            self::CatcherAfterBunt => 'Bat misses: no look at the umpire, throw behind the one who went.',
        };
    }
}
