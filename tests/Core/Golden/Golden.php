<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Golden;

/** The golden values of one topic in a file, and where the core no longer agrees with them. */
final readonly class Golden
{
    /** Amounts may differ by so much: the last figures of another machine's arithmetic. */
    private const TOLERANCE = 1e-6;
    private const FOLDER = __DIR__ . '/figures';

    public function __construct(private string $topic) {}

    /** @return array<string, class-string<Figures>> by the name of the file */
    public static function topics(): array
    {
        return [
            'alignment' => AlignmentFigures::class,
            'bunts' => BuntFigures::class,
            'ground-balls' => GroundBallFigures::class,
            'field' => FieldFigures::class,
            'game' => GameFigures::class,
            'motion' => MotionFigures::class,
            'outfield' => OutfieldFigures::class,
            'people' => PeopleFigures::class,
            'plan' => PlanFigures::class,
            'practice' => PracticeFigures::class,
            'range' => RangeFigures::class,
            'running' => RunningFigures::class,
            'runs' => RunFigures::class,
            'stations' => StationFigures::class,
        ];
    }

    /** @return array<string, bool|float|int|string|null> by the way to the value, as in "R1-0/crash/out" */
    public function now(): array
    {
        return self::flat($this->values());
    }

    /** @return array<string, bool|float|int|string|null> */
    public function kept(): array
    {
        $kept = json_decode((string) file_get_contents($this->file()), true, flags: \JSON_THROW_ON_ERROR);

        return self::flat(\is_array($kept) ? $kept : []);
    }

    public function isKept(): bool
    {
        return is_file($this->file());
    }

    /** @return list<string> a line for every figure that has moved, come or gone */
    public function differences(): array
    {
        [$now, $kept] = [$this->now(), $this->kept()];
        $lines = [];
        foreach ($kept + $now as $way => $_) {
            $known = \array_key_exists($way, $kept) && \array_key_exists($way, $now);
            if (!$known || !self::isSame($kept[$way], $now[$way])) {
                $word = static fn(array $of): string => \array_key_exists($way, $of)
                    ? var_export($of[$way], true)
                    : 'not there';
                $lines[] = "$way: was {$word($kept)}, is {$word($now)}";
            }
        }

        return $lines;
    }

    /** One line for each thing, so that a diff shows which have moved. */
    public function write(): void
    {
        $flags =
            \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION;
        $lines = [];
        foreach ($this->values() as $name => $value) {
            $lines[] = json_encode($name, $flags) . ': ' . json_encode($value, $flags);
        }
        file_put_contents($this->file(), "{\n" . implode(",\n", $lines) . "\n}\n");
    }

    /** @return array<string, mixed> */
    private function values(): array
    {
        $values = [];
        foreach (self::topics()[$this->topic]::all() as $name => $value) {
            $values[$name] = Plain::of($value);
        }

        return $values;
    }

    private function file(): string
    {
        return self::FOLDER . "/$this->topic.json";
    }

    private static function isSame(bool|float|int|string|null $kept, bool|float|int|string|null $now): bool
    {
        $areFigures = (\is_float($kept) || \is_int($kept)) && (\is_float($now) || \is_int($now));

        return $areFigures ? abs($kept - $now) <= self::TOLERANCE : $kept === $now;
    }

    /**
     * @param array<array-key, mixed> $values
     *
     * @return array<string, bool|float|int|string|null>
     */
    private static function flat(array $values): array
    {
        $figures = [];
        foreach ($values as $name => $value) {
            self::flatten((string) $name, $value, $figures);
        }

        return $figures;
    }

    /** @param array<string, bool|float|int|string|null> $figures */
    private static function flatten(string $way, mixed $value, array &$figures): void
    {
        if (!\is_array($value)) {
            $figures[$way] =
                null === $value || \is_scalar($value) ? $value : throw new \LogicException("$way is no figure.");

            return;
        }
        if ([] === $value) {
            $figures[$way] = 'none';
        }
        foreach ($value as $name => $one) {
            self::flatten("$way/$name", $one, $figures);
        }
    }
}
