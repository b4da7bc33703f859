<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment;

use FoxCorner\Core\Alignment\Depth\DepthSpot;
use FoxCorner\Core\Alignment\Depth\DepthTable;
use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Alignment\Depth\Placement;
use FoxCorner\Core\Alignment\Depth\Shade;
use FoxCorner\Core\Alignment\Rule\AlignmentRule;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\BuntOutlook;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\PositionGroup;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** Where the nine stand in one situation, each with its reason. */
final readonly class Alignment
{
    /** Spray angle between two outfielders who play straight up, degrees (ours). */
    private const STRAIGHT_UP = 27.0;

    /** @param array<int, Spot> $spots by position number */
    private function __construct(private array $spots, private DepthTable $table) {}

    /**
     * @param list<AlignmentRule> $rules in order; a later one overrules an earlier one, shades are added
     *
     * @throws Problem when no rule places somebody
     */
    public static function byRules(GameState $state, DepthTable $table, array $rules): self
    {
        /** @var array<int, list<Shade>> $shaded */
        $shaded = [];
        /** @var array<int, AlignmentRule> $deciding */
        $deciding = [];
        /** @var array<int, NamedDepth> $depths */
        $depths = [];
        /** @var array<int, NamedDepth> $replaced */
        $replaced = [];
        foreach ($rules as $rule) {
            if (!$rule->isOn || !$rule->when->holds($state)) {
                continue;
            }
            foreach ($rule->shadesFor($state) as $shade) {
                $shaded[$shade->position->value][] = $shade;
            }
            foreach ($rule->placings as $placing) {
                foreach ($placing->positions as $position) {
                    if (isset($depths[$position->value])) {
                        $replaced[$position->value] = $depths[$position->value];
                    }
                    [$deciding[$position->value], $depths[$position->value]] = [$rule, $placing->depth];
                }
            }
        }
        $spots = [];
        foreach (Position::cases() as $position) {
            if (PositionGroup::Battery === $position->group()) {
                $spots[$position->value] = new Spot(
                    $position,
                    BatterySpot::of($position, $state->rules->diamond()),
                    NamedDepth::Normal,
                    'Where the pitch is thrown and caught.',
                    null,
                    '',
                );
                continue;
            }
            $depth =
                $depths[$position->value] ??
                throw Refused::because(
                    'rules',
                    'no rule that is on places ' . $position->person() . ' with ' . $state->situation->bases->phrase(),
                    'a first rule that always holds and places everybody',
                );
            $own = $shaded[$position->value] ?? [];
            $rule = $deciding[$position->value];
            $spots[$position->value] = new Spot(
                $position,
                self::place($position, $depth, $table, $state->rules, $own),
                $depth,
                self::reason($rule, $state),
                $replaced[$position->value] ?? null,
                $rule->name,
                $own,
            );
        }

        return new self($spots, $table);
    }

    /** A rule that speaks of bunts also says why one is likely. */
    private static function reason(AlignmentRule $rule, GameState $state): string
    {
        return true === $rule->when->buntLikely
            ? rtrim($rule->reason, '.') . ' (' . BuntOutlook::of($state)->because() . ').'
            : $rule->reason;
    }

    /** Somebody put a fielder somewhere else by hand; the spot remembers what the rule said. */
    public function moved(Position $position, Point $point, string $reason, RuleSet $rules): self
    {
        $to =
            PositionGroup::Outfield === $position->group()
                ? OutfieldSpot::at($point, self::straightUp($position), $rules->fence)
                : DepthSpot::at($position, $point, $rules->diamond());
        $spots = $this->spots;
        $depth = $spots[$position->value]->depth;
        $spots[$position->value] = new Spot($position, $to, $depth, $reason, $depth, 'By hand', [], true);

        return new self($spots, $this->table);
    }

    /** @param array<int, NamedDepth> $depths by position number; those stand straight up at that depth */
    public function atDepths(array $depths, RuleSet $rules, string $reason): self
    {
        $spots = $this->spots;
        foreach ($depths as $number => $depth) {
            $position = Position::ofNumber($number);
            $spots[$number] = new Spot(
                $position,
                self::place($position, $depth, $this->table, $rules, []),
                $depth,
                $reason,
                $spots[$number]->depth,
                'Coverage',
            );
        }

        return new self($spots, $this->table);
    }

    /**
     * Where somebody would stand without the rule that placed him, and without each of his shades.
     *
     * @return array<string, Point> by the rule's name or the shade's reason; nothing for whom a hand has placed
     */
    public function without(Position $position, RuleSet $rules): array
    {
        $spot = $this->spots[$position->value];
        if ($spot->byHand || PositionGroup::Battery === $position->group()) {
            return [];
        }
        $points = [];
        if (null !== $spot->instead) {
            $there = self::place($position, $spot->instead, $this->table, $rules, $spot->shades);
            $points[$spot->rule] = $there->point();
        }
        foreach ($spot->shades as $shade) {
            $others = array_values(array_filter($spot->shades, static fn(Shade $one): bool => $one !== $shade));
            $points[$shade->reason] = self::place($position, $spot->depth, $this->table, $rules, $others)->point();
        }

        return $points;
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
        [$first, $third, $short] = [
            $this->spot(Position::FirstBase)->depth,
            $this->spot(Position::ThirdBase)->depth,
            $this->spot(Position::Shortstop)->depth,
        ];
        $corners = match (true) {
            NamedDepth::Bunt === $third && NamedDepth::Bunt === $first => 'corners in',
            NamedDepth::In === $third && NamedDepth::In === $first && NamedDepth::In !== $middle => 'corners in',
            NamedDepth::Bunt === $third => 'third in, first holds',
            NamedDepth::Hold === $first => 'first holds',
            NamedDepth::GuardLines === $third => lcfirst($this->table->word($third)),
            default => null,
        };
        $also = array_filter(
            [$corners, $short === $middle ? null : 'short ' . lcfirst($this->table->word($short))],
            is_string(...),
        );

        return implode(', ', [$this->table->word($middle), ...$also]);
    }

    /** As the coach calls a depth. */
    public function word(NamedDepth $depth): string
    {
        return $this->table->word($depth);
    }

    /** @return list<string> the reasons of those who do not stand where the first rule puts them, each once */
    public function reasons(): array
    {
        $reasons = [];
        foreach ($this->spots as $spot) {
            if (null !== $spot->instead) {
                $reasons[$spot->reason] = $spot->reason;
            }
            foreach ($spot->shades as $shade) {
                $reasons[$shade->reason] = $shade->reason;
            }
        }

        return array_values($reasons);
    }

    /** @param list<Shade> $shades */
    private static function place(
        Position $position,
        NamedDepth $depth,
        DepthTable $table,
        RuleSet $rules,
        array $shades,
    ): Placement {
        $shaded = array_sum(array_map(static fn(Shade $shade): float => $shade->feet($rules->basePath), $shades));
        if (PositionGroup::Outfield === $position->group()) {
            return OutfieldSpot::of($table->outfieldShare($depth), self::straightUp($position), $rules->fence, $shaded);
        }
        $fractions = $table->infield($position, $depth);
        $off = $fractions->off * $rules->basePath + $shaded;
        $in = array_sum(array_map(static fn(Shade $shade): float => $shade->feetIn($rules->basePath), $shades));

        return DepthSpot::of($position, $off, $fractions->back * $rules->basePath - $in, $rules->diamond());
    }

    /** Degrees from straight away at which an outfielder plays straight up. */
    private static function straightUp(Position $position): float
    {
        return self::STRAIGHT_UP * ($position->value - Position::CenterField->value);
    }
}
