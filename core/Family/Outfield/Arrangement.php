<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\Verb;

/** Who goes where on one kind of ball to one outfielder, with certain runners on, by a school. */
final readonly class Arrangement
{
    public function __construct(private Bases $bases, private School $school) {}

    /** @return array<int, Job> by position number, without whoever has the ball */
    public function jobs(BallKind $ball, Position $fielder, Side $side): array
    {
        $base = $ball->base($this->bases);
        $jobs = match ($ball) {
            BallKind::Single, BallKind::Caught => match ($base) {
                Base::Home => $this->home($fielder),
                Base::Third => self::third(BallKind::Caught === $ball ? $side : Side::Left),
                default => $this->second($side),
            },
            BallKind::Double => $this->extra($base, $side, false),
            BallKind::Tandem => $this->extra($base, $side, $this->school->trails),
        };

        return $jobs + $this->outfield($ball, $fielder, $side, $base);
    }

    /** @return array<int, Job> */
    private function second(Side $side): array
    {
        return [
            1 => $this->school->behindABag ? Job::backUp(Base::Second) : Verb::Ready->job(),
            2 => $this->bases->has(Base::Third) ? Job::cover(Base::Home) : Job::backUp(Base::First),
            3 => Job::cover(Base::First),
            5 => Job::cover(Base::Third),
            $side->out()->value => Verb::Cut->at(Base::Second),
            $side->other()->value => Job::cover(Base::Second),
        ];
    }

    /**
     * On a single the shortstop is the cutoff from every field; on a fly to right, for which he would have to cross the
     * second baseman's way, the second baseman.
     *
     * @return array<int, Job>
     */
    private static function third(Side $side): array
    {
        return [
            1 => Job::backUp(Base::Third),
            2 => Job::cover(Base::Home),
            3 => Job::cover(Base::First),
            5 => Job::cover(Base::Third),
            $side->out()->value => Verb::Cut->at(Base::Third),
            $side->other()->value => Job::cover(Base::Second),
        ];
    }

    /** @return array<int, Job> */
    private function home(Position $fielder): array
    {
        $jobs = [1 => Job::backUp(Base::Home), 2 => Job::cover(Base::Home)];
        if ($this->school->thirdCutsLeft && Position::LeftField === $fielder) {
            return $jobs + [
                3 => Job::cover(Base::First),
                4 => Job::cover(Base::Second),
                5 => Verb::Cut->at(Base::Home),
                6 => Job::cover(Base::Third),
            ];
        }

        return $jobs + [
            3 => Verb::Cut->at(Base::Home),
            4 => Job::cover(Base::First),
            5 => Job::cover(Base::Third),
            6 => Job::cover(Base::Second),
        ];
    }

    /** @return array<int, Job> */
    private function extra(Base $base, Side $side, bool $trails): array
    {
        $first = match (true) {
            Base::Home === $base => Verb::LastCut->at(Base::Home),
            $trails => Verb::Follow->job(),
            default => Job::cover(Base::First),
        };

        return [
            1 => Base::Home === $base ? Verb::ReadThenBehind->job() : Job::backUp(Base::Third),
            2 => Job::cover(Base::Home),
            3 => $first,
            5 => Job::cover(Base::Third),
            $side->out()->value => Verb::Cut->at($base),
            $side->other()->value => $trails ? Verb::Trail->at($base) : Job::cover(Base::Second),
        ];
    }

    /** @return array<int, Job> the neighbour behind the ball, the far one in to where nobody else is */
    private function outfield(BallKind $ball, Position $fielder, Side $side, Base $base): array
    {
        // A second runner may want third behind the one for whom the throw home is.
        $third = Base::Home === $base && $this->bases->has(Base::First) && $this->bases->has(Base::Second);
        [$near, $far] = match (true) {
            Position::CenterField !== $fielder => [
                Position::CenterField,
                Position::LeftField === $fielder ? Position::RightField : Position::LeftField,
            ],
            Side::Left === $side && !$third => [Position::LeftField, Position::RightField],
            default => [Position::RightField, Position::LeftField],
        };

        return [
            $near->value => Verb::BehindBall->job(),
            $far->value => match (true) {
                BallKind::Tandem === $ball && $this->school->trails => Job::comeIn(Base::Second),
                $third && Position::LeftField === $far => Job::backUp(Base::Third),
                default => Job::backUp(Base::Second),
            },
        ];
    }
}
