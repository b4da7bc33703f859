<?php

declare(strict_types=1);

namespace FoxCorner\App\Rules;

use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Alignment\Depth\Shade;
use FoxCorner\Core\Alignment\Rule\AlignmentRule;
use FoxCorner\Core\Alignment\Rule\Condition;
use FoxCorner\Core\Alignment\Rule\Placing;
use FoxCorner\Core\Field\Sport;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\BatterTrait;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\PitchSide;
use FoxCorner\Core\People\Pitching;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Problem\Problem;

/** A rule as a form gives it. */
final class RuleDraft
{
    public ?string $name = null;
    public ?string $reason = null;
    public bool $isOn = true;
    /** @var array<Bases> */
    public array $bases = [];
    /** @var array<Outs> */
    public array $outs = [];
    public ?int $lastInnings = null;
    public ?int $leadFrom = null;
    public ?int $leadTo = null;
    /** @var array<BatterTrait> */
    public array $batter = [];
    /** @var array<BatterTrait> */
    public array $notBatter = [];
    public ?bool $twoStrikes = null;
    /** @var array<Pitching> */
    public array $pitching = [];
    /** @var array<PitchSide> */
    public array $pitch = [];
    /** @var array<Sport> */
    public array $sports = [];
    public ?bool $leads = null;
    public ?bool $buntLikely = null;
    public ?bool $doublePlay = null;
    public ?Half $half = null;
    /** @var array<int, NamedDepth|null> by position number */
    public array $depths = [];
    /** @var array<int, int|null> steps by position number */
    public array $steps = [];
    /** @var array<int, int|null> half steps in by position number, of infielders */
    public array $halves = [];
    public ?int $towardPull = null;
    public ?int $outfieldTowardPull = null;
    /** What the page showed of the rule; null for a new one. */
    public ?string $seen = null;

    public static function of(AlignmentRule $rule, string $seen): self
    {
        $draft = new self();
        [$draft->name, $draft->reason, $draft->isOn, $draft->seen] = [$rule->name, $rule->reason, $rule->isOn, $seen];
        $when = $rule->when;
        [$draft->bases, $draft->outs, $draft->lastInnings, $draft->leadFrom, $draft->leadTo] = [
            $when->bases,
            $when->outs,
            $when->lastInnings,
            $when->leadFrom,
            $when->leadTo,
        ];
        [$draft->batter, $draft->notBatter, $draft->twoStrikes, $draft->pitching, $draft->sports] = [
            $when->batter,
            $when->notBatter,
            $when->twoStrikes,
            $when->pitching,
            $when->sports,
        ];
        [$draft->leads, $draft->buntLikely, $draft->doublePlay, $draft->half, $draft->pitch] = [
            $when->leads,
            $when->buntLikely,
            $when->doublePlay,
            $when->half,
            $when->pitch,
        ];
        foreach (Placing::EVERYBODY as $position) {
            $draft->depths[$position->value] = $rule->depthOf($position)?->depth;
        }
        foreach ($rule->shades as $shade) {
            $draft->steps[$shade->position->value] = 0 === $shade->steps ? null : $shade->steps;
            $draft->halves[$shade->position->value] = 0 === $shade->halves ? null : $shade->halves;
        }
        $draft->towardPull = 0 === $rule->towardPull ? null : $rule->towardPull;
        $draft->outfieldTowardPull = 0 === $rule->outfieldTowardPull ? null : $rule->outfieldTowardPull;

        return $draft;
    }

    /** @throws Problem */
    public function toRule(string $id): AlignmentRule
    {
        $reason = trim($this->reason ?? '');
        $byDepth = [];
        foreach ($this->depths as $number => $depth) {
            if (null !== $depth) {
                $byDepth[$depth->value][] = Position::ofNumber($number);
            }
        }
        $shades = [];
        foreach (Placing::EVERYBODY as $position) {
            [$steps, $halves] = [$this->steps[$position->value] ?? 0, $this->halves[$position->value] ?? 0];
            if ([0, 0] !== [$steps, $halves]) {
                $shades[] = new Shade($position, $steps, $reason, $halves);
            }
        }

        return new AlignmentRule(
            $id,
            trim($this->name ?? ''),
            new Condition(
                array_values($this->bases),
                array_values($this->outs),
                $this->lastInnings,
                $this->leadFrom,
                $this->leadTo,
                array_values($this->batter),
                array_values($this->notBatter),
                $this->twoStrikes,
                array_values($this->pitching),
                array_values($this->sports),
                $this->leads,
                $this->buntLikely,
                $this->doublePlay,
                $this->half,
                array_values($this->pitch),
            ),
            array_map(
                static fn(string $depth, array $positions): Placing => new Placing(
                    $positions,
                    NamedDepth::from($depth),
                ),
                array_keys($byDepth),
                array_values($byDepth),
            ),
            $shades,
            $reason,
            $this->isOn,
            $this->towardPull ?? 0,
            $this->outfieldTowardPull ?? 0,
        );
    }
}
