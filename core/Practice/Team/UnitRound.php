<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Team;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\Skill\Skill;

/** A round in which the infield works as one: one ball, everybody watches one player. */
enum UnitRound: string
{
    case OutsAtFirst = 'outs-at-first';
    case Two = 'two';
    case SlowRollers = 'slow-rollers';
    case Home = 'home';
    case Bunts = 'bunts';
    case Relays = 'relays';

    /** As a coach goes round. */
    private const AROUND = [Position::ThirdBase, Position::Shortstop, Position::SecondBase, Position::FirstBase];

    public function title(): string
    {
        return match ($this) {
            self::OutsAtFirst => 'Outs at first',
            self::Two => 'Two',
            self::SlowRollers => 'Slow rollers',
            self::Home => 'Home, infield in',
            self::Bunts => 'Bunts, no runners',
            self::Relays => 'Balls to the gaps',
        };
    }

    /** @return list<Skill> that it drills */
    public function skills(): array
    {
        return match ($this) {
            self::OutsAtFirst => [Skill::GroundBall, Skill::ReadHops, Skill::ShortHopsAtFirst],
            self::Two => [
                Skill::OwnBag,
                Skill::UnderhandFeed,
                Skill::DropStepFeed,
                Skill::SideToss,
                Skill::Dart,
                Skill::PivotOfSecond,
                Skill::PivotOfShort,
            ],
            self::SlowRollers => [Skill::SlowRoller, Skill::Comebacker],
            self::Home => [Skill::ThrowHome, Skill::LookBack],
            self::Bunts => [
                Skill::Field,
                Skill::Converge,
                Skill::CoverFirst,
                Skill::CoverSecond,
                Skill::CoverThird,
                Skill::TurnBackThird,
                Skill::CallTheBase,
            ],
            self::Relays => [
                Skill::CutoffLine,
                Skill::CutoffVoice,
                Skill::Tandem,
                Skill::OutfieldThrow,
                Skill::BackUpThrow,
            ],
        };
    }

    public function say(): string
    {
        return match ($this) {
            self::OutsAtFirst => '“Nobody on. One.”',
            self::Two => '“Runner on first. Two.”',
            self::SlowRollers => '“Slow one, one.”',
            self::Home => '“Runner on third, in. Home.”',
            self::Bunts => '“Runner on first, bunt.” The catcher calls the base.',
            self::Relays => '“Runner on first, he goes.”',
        };
    }

    /**
     * Whether those who are there can do it: somebody to field, and somebody to throw to.
     *
     * In a hall nothing goes to the gaps.
     */
    public function fits(TeamPlaces $places): bool
    {
        $infield = $places->among(...self::AROUND);
        $middle = $places->among(Position::Shortstop, Position::SecondBase);

        return match ($this) {
            self::OutsAtFirst, self::SlowRollers => \count($infield) > 1,
            self::Two => \count($middle) > 1 && \count($infield) > 2,
            self::Home => $places->has(Position::Catcher) && \count($infield) > 1,
            self::Bunts => \count($places->among(Position::Pitcher, Position::Catcher)) +
                \count($places->among(Position::ThirdBase, Position::FirstBase)) >
                2,
            self::Relays => $places->hasOutfield() &&
                [] !== $middle &&
                \count($places->among(...Position::OUTFIELD)) > 1,
        };
    }

    /** What the helper does, for those who are there. */
    public function asks(TeamPlaces $places): string
    {
        $there = $places->among(...self::AROUND);
        $do =
            self::OutsAtFirst === $this && \count($there) < \count(self::AROUND)
                ? 'One ball each to ' . implode(', ', Position::numbers($there)) . ', then back.'
                : $this->do();

        return $places->isInHall() ? 'Rolled, soft ball, half the distance. ' . $do : $do;
    }

    private function do(): string
    {
        return match ($this) {
            self::OutsAtFirst => 'One ball to each position, third to first, then back.',
            self::Two => 'One to each, at and to both sides; a bad feed is fed again.',
            self::SlowRollers => 'Rolled halfway, one each, on the move.',
            self::Home => 'Firm at each in turn; the catcher shows the lane.',
            self::Bunts => 'Left, middle, right, dead and firm, mixed.',
            self::Relays => 'Left centre, right centre, both lines.',
        };
    }

    public function expect(): string
    {
        return match ($this) {
            self::OutsAtFirst => 'Clean and chest high; count the clean ones aloud.',
            self::Two => 'The first out, surely; then the turn.',
            self::SlowRollers => 'Body under control before the throw.',
            self::Home => 'Chest high, the runner’s side free.',
            self::Bunts => 'One out on every ball; whoever does not field it clears the lane.',
            self::Relays => 'On the line, hands up, one voice.',
        };
    }
}
