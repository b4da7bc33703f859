<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Held;

use FoxCorner\Core\Field\Point;

/** The held figures of one topic: a line a case, each figure with its unit; and which of them have moved. */
final readonly class Held
{
    /** Figures are written so exactly; a machine's last digit may round the other way. */
    private const DECIMALS = 4;
    private const TOLERANCE = 1.01e-4;
    private const FOLDER = __DIR__ . '/figures';

    public function __construct(private string $topic) {}

    /** @return array<string, \Closure(): iterable<string, array<string, mixed>>> by topic */
    public static function topics(): array
    {
        $topics = [
            'ground' => GroundCases::all(...),
            'motion' => MotionCases::all(...),
            'runs' => RunCases::all(...),
            'people' => PeopleCases::all(...),
            'bunts-likely' => OutlookCases::all(...),
            'alignment' => AlignmentCases::all(...),
            'rules' => RuleCases::all(...),
            'range' => RangeCases::all(...),
            'practice' => PracticeCases::all(...),
            'stations' => StationCases::all(...),
            'runners' => RunnerCases::all(...),
            'schools' => SchoolCases::all(...),
            'long-balls' => LongBallCases::all(...),
            'sixty-balls' => LongBallCases::everywhere(...),
            'infield' => InfieldCases::all(...),
            'bunt-map' => BuntMapCases::all(...),
        ];
        foreach (PlayCases::families() as $family) {
            $topics[$family->key()] = static fn(): iterable => PlayCases::of($family);
        }

        return $topics;
    }

    /** @return list<string> lines */
    public function now(): array
    {
        $lines = [];
        foreach (self::topics()[$this->topic]() as $name => $figures) {
            $parts = [];
            foreach ($figures as $label => $value) {
                $parts[] = "$label " . self::written($value);
            }
            !isset($lines[$name]) || throw new \LogicException("Two cases are called $name.");
            $lines[$name] = "$name: " . implode(', ', $parts);
        }

        return array_values($lines);
    }

    /** @return list<string> */
    public function kept(): array
    {
        return is_file($this->file()) ? explode("\n", trim((string) file_get_contents($this->file()))) : [];
    }

    /** @param list<string> $lines by {@see now()} */
    public function write(array $lines): void
    {
        file_put_contents($this->file(), implode("\n", $lines) . "\n");
    }

    /**
     * @param list<string> $lines by {@see now()}
     *
     * @return list<string> a line before and a line after for every case that has moved, come or gone
     */
    public function moved(array $lines): array
    {
        [$now, $kept] = [self::byName($lines), self::byName($this->kept())];
        $moved = [];
        foreach ($kept + $now as $name => $_) {
            [$was, $is] = [$kept[$name] ?? 'not there', $now[$name] ?? 'not there'];
            if (!self::isSame($was, $is)) {
                $moved[] = "$name\n    was $was\n    is  $is";
            }
        }

        return $moved;
    }

    private static function isSame(string $was, string $is): bool
    {
        if ($was === $is) {
            return true;
        }
        [$before, $after] = [explode(' ', $was), explode(' ', $is)];
        foreach ($before as $index => $word) {
            $other = $after[$index] ?? '';
            $areFigures = is_numeric(rtrim($word, ',')) && is_numeric(rtrim($other, ','));
            $isSame = $areFigures
                ? abs((float) rtrim($word, ',') - (float) rtrim($other, ',')) <= self::TOLERANCE
                : $word === $other;
            if (!$isSame) {
                return false;
            }
        }

        return \count($before) === \count($after);
    }

    /**
     * @param list<string> $lines
     *
     * @return array<string, string>
     */
    private static function byName(array $lines): array
    {
        $named = [];
        foreach ($lines as $line) {
            [$name, $figures] = [...explode(': ', $line, 2), ''];
            $named[$name] = $figures;
        }

        return $named;
    }

    /** Lists and points are written out, parted by blanks. */
    private static function written(mixed $value): string
    {
        return match (true) {
            \is_array($value) => [] === $value ? 'none' : implode(' ', array_map(self::written(...), $value)),
            $value instanceof Point => self::written([$value->x, $value->y]),
            $value instanceof \BackedEnum => (string) $value->value,
            null === $value => 'none',
            \is_bool($value) => $value ? 'yes' : 'no',
            \is_float($value) => is_finite($value) ? (string) (round($value, self::DECIMALS) + 0.0) : 'never',
            \is_scalar($value) => (string) $value,
            default => throw new \LogicException(get_debug_type($value) . ' is no figure.'),
        };
    }

    private function file(): string
    {
        return self::FOLDER . "/$this->topic.txt";
    }
}
