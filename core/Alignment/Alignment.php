<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\PositionGroup;

/** Where the nine stand in one situation, each with its reason. */
final readonly class Alignment
{
    /** Spray angle between two outfielders who play straight up, degrees (ours). */
    private const STRAIGHT_UP = 27.0;

    /** @param array<int, Spot> $spots by position number */
    private function __construct(private array $spots)
    {
    }

    /** By the rules that come with the program. */
    public static function shipped(GameState $state): self
    {
        return self::byRules($state, DepthTable::shipped($state->rules->sport), Rule\ShippedRules::all(), Shade\ShippedShades::all());
    }

    /**
     * @param list<Rule\DepthRule>  $rules  in order; a later one overrules an earlier one
     * @param list<Shade\ShadeRule> $shades whose steps are added
     */
    public static function byRules(GameState $state, DepthTable $table, array $rules, array $shades): self
    {
        /** @var array<int, list<Shade\Shade>> $shaded */
        $shaded = [];
        foreach ($shades as $rule) {
            foreach ($rule->shades($state) as $shade) {
                $shaded[$shade->position->value][] = $shade;
            }
        }
        /** @var array<int, Rule\Ruling> $depths */
        $depths = [];
        /** @var array<int, NamedDepth|null> $replaced */
        $replaced = [];
        foreach ($rules as $rule) {
            foreach ($rule->rulings($state) as $ruling) {
                foreach ($ruling->positions as $position) {
                    $replaced[$position->value] = $depths[$position->value]->depth ?? null;
                    $depths[$position->value] = $ruling;
                }
            }
        }
        $spots = [];
        foreach (Position::cases() as $position) {
            $ruling = $depths[$position->value] ?? throw new \LogicException('No rule places '.$position->person().'.');
            $own = $shaded[$position->value] ?? [];
            $spots[$position->value] = new Spot(
                $position, self::place($position, $ruling->depth, $table, $state->rules, $own), $ruling->depth,
                $ruling->reason, $replaced[$position->value] ?? null, $own,
            );
        }

        return new self($spots);
    }

    /** Somebody put an infielder somewhere else by hand; the spot remembers what the rule said. */
    public function moved(Position $position, DepthSpot $to, string $reason): self
    {
        $spots = $this->spots;
        $depth = $spots[$position->value]->depth;
        $spots[$position->value] = new Spot($position, $to, $depth, $reason, $depth, [], true);

        return new self($spots);
    }

    public function spot(Position $position): Spot
    {
        return $this->spots[$position->value];
    }

    public function point(Position $position): Point
    {
        return $this->spots[$position->value]->placement->point();
    }

    /** @return list<Spot> in order of position */
    public function spots(): array
    {
        return array_values($this->spots);
    }

    /** As it is called: "Double play, corners in"; "short halfway" when the shortstop differs from second base. */
    public function call(): string
    {
        $middle = $this->spot(Position::SecondBase)->depth;
        [$first, $third, $short] = [$this->spot(Position::FirstBase)->depth, $this->spot(Position::ThirdBase)->depth, $this->spot(Position::Shortstop)->depth];
        $corners = match (true) {
            NamedDepth::Bunt === $third && NamedDepth::Bunt === $first => 'corners in',
            NamedDepth::Bunt === $third => 'third in, first holds',
            NamedDepth::Hold === $first => 'first holds',
            NamedDepth::GuardLines === $third => 'guard the lines',
            default => null,
        };
        $also = array_filter([$corners, $short === $middle ? null : 'short '.lcfirst($short->label())]);

        return implode(', ', [$middle->label(), ...$also]);
    }

    /** @return list<string> the reasons of those who do not stand straight up at their normal depth, each once */
    public function reasons(): array
    {
        $reasons = [];
        foreach ($this->spots as $spot) {
            if (NamedDepth::Normal !== $spot->depth || $spot->byHand) {
                $reasons[$spot->reason] = $spot->reason;
            }
            foreach ($spot->shades as $shade) {
                $reasons[$shade->reason] = $shade->reason;
            }
        }

        return array_values($reasons);
    }

    /** @param list<Shade\Shade> $shades */
    private static function place(Position $position, NamedDepth $depth, DepthTable $table, RuleSet $rules, array $shades): Placement
    {
        if (PositionGroup::Battery === $position->group()) {
            return BatterySpot::of($position, $rules->diamond());
        }
        if (PositionGroup::Outfield === $position->group()) {
            return OutfieldSpot::of($table->outfieldShare($depth), self::STRAIGHT_UP * ($position->value - Position::CenterField->value), $rules->fence);
        }
        $fractions = $table->infield($position->group(), $depth);

        $off = $fractions->off * $rules->basePath + array_sum(array_map(static fn(Shade\Shade $shade): float => $shade->feet($rules->basePath), $shades));

        return DepthSpot::of($position, $off, $fractions->back * $rules->basePath, $rules->diamond());
    }
}
