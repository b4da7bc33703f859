<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\GroundBall;

use FoxCorner\App\Plan\Address\Choice;
use FoxCorner\App\Plan\Address\SituationAddress;
use FoxCorner\Core\Family\GroundBall\CaughtLiner;
use FoxCorner\Core\Family\GroundBall\Eyes;
use FoxCorner\Core\Family\GroundBall\FeedChoice;
use FoxCorner\Core\Family\GroundBall\GroundBallFamily;
use FoxCorner\Core\Family\GroundBall\GroundBallTrial;
use FoxCorner\Core\Family\GroundBall\GroundDefence;
use FoxCorner\Core\Family\GroundBall\GroundMap;
use FoxCorner\Core\Family\GroundBall\Hop;
use FoxCorner\Core\Family\GroundBall\HowHard;
use FoxCorner\Core\Family\GroundBall\HowNear;
use FoxCorner\Core\Family\GroundBall\HowSure;
use FoxCorner\Core\Family\GroundBall\ResultTable;
use FoxCorner\Core\Family\GroundBall\Starter;
use FoxCorner\Core\Family\GroundBall\ThreeOnALine;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Runs\PlayCost;

/** What can be picked of a ground ball, and what is said beside it. */
final class GroundBallChoices
{
    private const WAYS = [
        'Third line' => -42.0,
        'Third' => -34.0,
        '5–6 hole' => -25.0,
        'Short' => -16.0,
        'Middle' => 0.0,
        'Second' => 16.0,
        '3–4 hole' => 25.0,
        'First' => 34.0,
        'First line' => 42.0,
    ];
    /** Of an ordinary ground ball: what double plays are taught with. */
    private const HARD_ENOUGH = 1.15;

    /** Once asked for; what stands beside one ball needs none. */
    private ?GroundDefence $defence = null;
    private ?GroundShown $map = null;

    public function __construct(
        private readonly SituationAddress $address,
        private readonly PlannedPlay $play,
        public readonly GroundBallTrial $trial,
        private readonly PlayCost $cost,
        private readonly TwoOrOneCharts $charts,
    ) {}

    /** @return list<Choice> */
    public function ways(): array
    {
        $choices = [];
        foreach (self::WAYS as $label => $degrees) {
            $choices[] = new Choice(
                'way-' . (\count($choices) + 1),
                $label,
                $this->with($degrees, $this->trial->mph),
                abs($degrees - $this->trial->degrees) < 0.6,
            );
        }

        return $choices;
    }

    /** @return list<Choice> */
    public function speeds(): array
    {
        $choices = [];
        foreach (ResultTable::KINDS as $label => $share) {
            $mph = round($share * $this->play->plan->level->groundBallSpeed);
            $choices[] = new Choice(
                'speed-' . strtolower($label),
                \sprintf('%s, %d mph', $label, $mph),
                $this->with($this->trial->degrees, $mph),
                abs($mph - $this->trial->mph) < 0.6,
            );
        }

        return $choices;
    }

    /** @return list<Choice> */
    public function hops(): array
    {
        return array_map(
            fn(Hop $hop): Choice => new Choice(
                'hop-' . $hop->value,
                $hop->label(),
                $this->address->with(['hop' => Hop::True === $hop ? null : $hop->value]),
                $hop === $this->trial->hop,
            ),
            Hop::cases(),
        );
    }

    /** Balls all over the infield, and what they come to. */
    public function map(): GroundShown
    {
        return $this->map ??= new GroundShown(GroundMap::of($this->defence()));
    }

    public function title(): string
    {
        return $this->map()->title();
    }

    public function table(): ResultTable
    {
        return ResultTable::of($this->defence());
    }

    /** @return list<Starter> against balls that are hit hard enough */
    public function starters(): array
    {
        return $this->play->plan->state->doublePlayIsInOrder()
            ? Starter::all($this->defence(), self::HARD_ENOUGH * $this->play->plan->level->groundBallSpeed)
            : [];
    }

    /** @return array<string, string> parameters that lead to a starter's ball */
    public function toward(Starter $starter): array
    {
        return [...$this->with($starter->trial->degrees, $starter->trial->mph), 'view' => GroundBallFamily::KEY];
    }

    /** @return list<HowHard> */
    public function hard(): array
    {
        return HowHard::all($this->defence());
    }

    /** @return list<HowNear> */
    public function near(): array
    {
        return HowNear::all($this->defence());
    }

    /** @return list<HowSure> */
    public function sure(): array
    {
        return HowSure::all($this->defence()->ground->aims);
    }

    /** @return list<CaughtLiner> none where nobody can be doubled off */
    public function liners(): array
    {
        $state = $this->play->plan->state;

        return $state->hasFewerThanTwoOuts() && [] !== $state->situation->bases->occupied()
            ? CaughtLiner::all($this->defence())
            : [];
    }

    /**
     * Where three on one line drive are likeliest; null where there are not as many to get.
     *
     * @param list<CaughtLiner> $liners
     */
    public function three(array $liners): ?ThreeOnALine
    {
        return Outs::None === $this->play->plan->state->situation->outs ? ThreeOnALine::of($liners) : null;
    }

    /** @return non-empty-list<string> */
    public function eyes(Position $position): array
    {
        return Eyes::of($position);
    }

    /** @return TwoOrOneChart|null null where no double play is in order */
    public function chart(): ?TwoOrOneChart
    {
        return $this->charts->of($this->play, $this->trial, $this->cost);
    }

    /**
     * How whoever has it gives it to second.
     *
     * @return list<FeedChoice>
     */
    public function feeds(Position $by, float $x, float $y): array
    {
        return FeedsShown::of($this->play, $by, $x, $y);
    }

    private function defence(): GroundDefence
    {
        return $this->defence ??= GroundDefence::of(
            $this->play->scene($this->cost),
            $this->play->coverage ?? throw new \LogicException('Ground balls are covered everywhere.'),
        );
    }

    /** @return array<string, string> */
    private function with(float $degrees, float $mph): array
    {
        return $this->address->with(['ball' => \sprintf('%g,%g', round($degrees), round($mph))]);
    }
}
