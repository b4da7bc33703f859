<?php

declare(strict_types=1);

namespace FoxCorner\App\Depths;

use FoxCorner\App\Shared\Taste\Units;
use FoxCorner\App\Shared\TypedNumber;
use FoxCorner\Core\Alignment\Depth\DepthFractions;
use FoxCorner\Core\Alignment\Depth\DepthName;
use FoxCorner\Core\Alignment\Depth\DepthTable;
use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\Traits;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Value\ButFor;

/** The depth table as a form shows it: cells as typed, in feet or in paces. */
final class DepthsDraft
{
    use ButFor;

    /** In the order of the form. */
    public const POSITIONS = [Position::Shortstop, Position::SecondBase, Position::ThirdBase, Position::FirstBase];
    public const UNITS = ['feet', 'metres', 'paces'];

    /**
     * @param array<string, string>  $cells    as typed, by their names in the form
     * @param array<string, Problem> $problems by the cell's name
     */
    private function __construct(public string $unit, public array $cells, public array $problems) {}

    public static function of(DepthTable $table, RuleSet $rules, string $unit): self
    {
        $cells = [];
        $inUnit = self::feetIn($unit);
        foreach (self::POSITIONS as $position) {
            foreach (self::infieldDepths() as $depth) {
                $has = \in_array($depth, $table->depthsOf($position), true);
                $spot = $table->infield($position, $depth);
                $cells[self::name($position, $depth, 'off')] = $has
                    ? self::number(($spot->off * $rules->basePath) / $inUnit)
                    : '';
                $cells[self::name($position, $depth, 'back')] = $has
                    ? self::number(($spot->back * $rules->basePath) / $inUnit)
                    : '';
            }
        }
        foreach (self::outfieldDepths() as $depth) {
            $cells[self::outfieldName($depth)] = self::number(100 * $table->outfieldShare($depth));
        }
        foreach (NamedDepth::cases() as $depth) {
            $cells['word_' . $depth->value] = $table->word($depth);
            $cells['sign_' . $depth->value] = $table->sign($depth);
        }

        return new self($unit, $cells, []);
    }

    /** @param array<string, string> $typed */
    public static function typed(array $typed, string $unit): self
    {
        return new self($unit, $typed, []);
    }

    /** The same with what is wrong with it: a sentence beside every cell that cannot be. */
    public function checked(DepthTable $table, RuleSet $rules): self
    {
        [, $problems] = $this->read($table, $rules);

        return $this->but(problems: $problems);
    }

    /** The table as far as the cells make one; a cell that cannot be leaves the old value. */
    public function table(DepthTable $table, RuleSet $rules): DepthTable
    {
        return $this->read($table, $rules)[0];
    }

    public function cell(string $name): string
    {
        return $this->cells[$name] ?? '';
    }

    public static function name(Position $position, NamedDepth $depth, string $what): string
    {
        return $position->value . '_' . $depth->value . '_' . $what;
    }

    private static function outfieldName(NamedDepth $depth): string
    {
        return 'outfield_' . $depth->value . '_out';
    }

    /** @return list<NamedDepth> */
    public static function infieldDepths(): array
    {
        return [
            NamedDepth::Normal,
            NamedDepth::DoublePlay,
            NamedDepth::Halfway,
            NamedDepth::In,
            NamedDepth::Creep,
            NamedDepth::GuardLines,
            NamedDepth::Bunt,
            NamedDepth::Hold,
        ];
    }

    /** @return list<NamedDepth> */
    public static function outfieldDepths(): array
    {
        return [NamedDepth::Normal, NamedDepth::Shallow, NamedDepth::Deep];
    }

    /** @return array{DepthTable, array<string, Problem>} */
    private function read(DepthTable $table, RuleSet $rules): array
    {
        $problems = [];
        $feet = self::feetIn($this->unit);
        $now = $table;
        $try = static function (string $cell, callable $change) use (&$now, &$problems): void {
            try {
                $now = $change($now);
            } catch (Problem $problem) {
                $problems[$cell] = $problem;
            }
        };
        foreach (self::POSITIONS as $position) {
            foreach (self::infieldDepths() as $depth) {
                [$off, $back] = [self::name($position, $depth, 'off'), self::name($position, $depth, 'back')];
                if ('' === trim($this->cell($off) . $this->cell($back))) {
                    continue;
                }
                $try(
                    $off,
                    fn(DepthTable $now): DepthTable => $now->withInfield(
                        $position,
                        $depth,
                        new DepthFractions(
                            ($this->value($off) * $feet) / $rules->basePath,
                            $now->infield($position, $depth)->back,
                        ),
                    ),
                );
                $try(
                    $back,
                    fn(DepthTable $now): DepthTable => $now->withInfield(
                        $position,
                        $depth,
                        new DepthFractions(
                            $now->infield($position, $depth)->off,
                            ($this->value($back) * $feet) / $rules->basePath,
                        ),
                    ),
                );
            }
        }
        foreach (self::outfieldDepths() as $depth) {
            $cell = self::outfieldName($depth);
            $try($cell, fn(DepthTable $now): DepthTable => $now->withOutfield($depth, $this->value($cell) / 100));
        }
        foreach (NamedDepth::cases() as $depth) {
            $try(
                'word_' . $depth->value,
                fn(DepthTable $now): DepthTable => $now->withName(
                    $depth,
                    new DepthName($this->cell('word_' . $depth->value), $this->cell('sign_' . $depth->value)),
                ),
            );
        }

        \assert($now instanceof DepthTable);

        return [$now, $problems];
    }

    private function value(string $cell): float
    {
        return TypedNumber::read($this->cell($cell), $cell);
    }

    private static function feetIn(string $unit): float
    {
        return match ($unit) {
            'paces' => Traits::ORDINARY_PACE,
            'metres' => Units::Metric->feetInOne(),
            default => 1.0,
        };
    }

    private static function number(float $value): string
    {
        return rtrim(rtrim(number_format($value, 2, '.', ''), '0'), '.');
    }
}
