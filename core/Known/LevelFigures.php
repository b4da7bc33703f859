<?php

declare(strict_types=1);

namespace FoxCorner\Core\Known;

use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Count;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\Seen;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Range\RangeSummary;
use FoxCorner\Core\Runs\PlayCost;

/** What the engine says of a level: nine whom nobody has measured, at the usual spots, against the level's batters. */
final class LevelFigures
{
    /** An inning in which the score does not yet move anybody. */
    private const EARLY = 3;

    public readonly PlayCost $cost;
    /** @var array<string, GroundFigures> by situation, as far as they were asked for */
    private array $ground = [];
    private ?Sacrifice $sacrifice = null;
    private ?HitFigures $hits = null;
    private ?StealFigures $steals = null;

    public function __construct(public readonly Level $level)
    {
        $this->cost = PlayCost::inRuns($level->profile()->chain());
    }

    /** Of ground balls with nobody on: an out, an error, beaten out, through; as chances. */
    public function nobodyOn(): GroundFigures
    {
        return $this->ground('none-0');
    }

    public function withRunnerOnFirst(): GroundFigures
    {
        return $this->ground('R1-0')->and($this->ground('R1-1'));
    }

    /** Half of the games: the infield is back early on and gives the run for the out, and halfway else (ours). */
    private function withRunnerOnThird(): GroundFigures
    {
        $at = fn(string $situation): GroundFigures => $this->ground($situation)->and(
            $this->ground($situation, NamedDepth::Normal),
        );

        return $at('R3-0')->and($at('R3-1'));
    }

    /** How often things happen on the ground outs of this level, for the chain of runs. */
    public function shares(): GroundShares
    {
        $first = $this->withRunnerOnFirst();
        $second = $this->ground('R2-0')->and($this->ground('R2-1'));
        $third = $this->withRunnerOnThird();
        $none = $this->nobodyOn();

        return new GroundShares(
            $first->two / $first->outs,
            $first->lead / $first->outs,
            $second->moved / $second->outs,
            $third->moved / $third->outs,
            $none->error / $none->outs,
        );
    }

    /** What runners make of balls to the outfield. */
    public function hits(): HitFigures
    {
        return $this->hits ??= new HitFigures($this);
    }

    /** What the engine says of a measure. */
    public function measured(Measure $measure): float
    {
        return match ($measure) {
            Measure::Outs => $this->nobodyOn()->outs,
            Measure::Two => $this->withRunnerOnFirst()->two,
            Measure::Error => $this->nobodyOn()->error,
            Measure::BatterOut => $this->sacrifice()->batter,
            Measure::LeadOut => $this->sacrifice()->lead,
            Measure::AllSafe => $this->sacrifice()->safe,
            Measure::Runs => $this->runsPerGame(),
            Measure::Steals => $this->steals()->success,
        };
    }

    /** What runners on first make of the level's battery. */
    public function steals(): StealFigures
    {
        return $this->steals ??= StealFigures::of($this->level);
    }

    public function sacrifice(): Sacrifice
    {
        return $this->sacrifice ??= Sacrifice::of($this->expecting('R1-0'), $this->cost);
    }

    /** Runs of one team in a game of the level's usual length. */
    public function runsPerGame(): float
    {
        $rules = ShippedRuleSets::get($this->level->usualRules());

        return $rules->innings * $this->level->profile()->chain()->expectedRuns(Situation::fromKey('none-0'));
    }

    /** @param NamedDepth|null $depth of the infield; null: as the rules have it */
    private function ground(string $situation, ?NamedDepth $depth = null): GroundFigures
    {
        $left = $this->level->profile()->leftShare;
        $against = fn(BatterType $batter): GroundFigures => GroundFigures::of(
            $this->range($situation, $batter, $depth),
        );

        return $this->ground[$situation . $depth?->value] ??= $against(BatterType::Right)->weighing(
            1 - $left,
            $against(BatterType::Left),
            $left,
        );
    }

    private function range(string $situation, BatterType $batter, ?NamedDepth $depth): RangeSummary
    {
        $depths = null === $depth ? [] : array_fill_keys(Position::numbers(Position::INFIELDERS), $depth);

        return $this->plan($situation, $batter)
            ->atDepths($depths, 'The infield is sent there.')
            ->range($this->cost)->summary;
    }

    public function plan(string $situation, BatterType $batter = BatterType::Right): SituationPlan
    {
        return $this->planIn(
            $situation,
            Context::of(self::EARLY, Half::Top, 0, Batter::ofType($batter), Count::none()),
        );
    }

    /** With a batter of whom everybody knows that he will bunt: late, tied, and he has shown it. */
    private function expecting(string $situation): SituationPlan
    {
        $innings = ShippedRuleSets::get($this->level->usualRules())->innings;
        $batter = Batter::ofType(BatterType::Right);

        return $this->planIn(
            $situation,
            Context::of($innings, Half::Top, 0, $batter, Count::none(), seen: Seen::TriedNow),
        );
    }

    private function planIn(string $situation, Context $context): SituationPlan
    {
        $rules = ShippedRuleSets::get($this->level->usualRules());

        return SituationPlan::of(
            GameState::of($rules, Situation::fromKey($situation), $context),
            $this->level->profile(),
            Lineup::ordinary(),
            PlanBook::shipped($rules),
        );
    }
}
