<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Arm;

use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/**
 * Days of rest after so many pitches: those of the age, or the league's, which decide.
 *
 * A day of rest is a whole day between, so that who rests one day pitches again on the second day after.
 */
final readonly class RestTable
{
    /** Days of rest at most. */
    public const DAYS = 4;
    /**
     * Pitches of a day up to which no, one, two, three, four days are owed; the last is the most of a day. Source:
     * what leagues of the age commonly ask, rounded; ours.
     */
    private const BY_AGE = [
        AgeGroup::Child->value => [20, 35, 50, 65, 75],
        AgeGroup::Youth->value => [20, 35, 50, 65, 90],
        AgeGroup::Older->value => [30, 45, 60, 80, 105],
    ];

    /** @param list<int>|null $own as in {@see $upTo}; null: those of the age */
    private function __construct(private AgeGroup $age, public ?array $own) {}

    /** @param list<int>|null $own five, rising; null: those of the age */
    public static function of(AgeGroup $age, ?array $own = null): self
    {
        return new self($age, $own);
    }

    /**
     * The same with the league's figures.
     *
     * @param array<int, string> $typed by days of rest; empty: the age's
     *
     * @throws Problem when one is no number of pitches, or they do not rise
     */
    public function with(array $typed): self
    {
        $upTo = $this->usual();
        foreach ($upTo as $days => $pitches) {
            $said = trim($typed[$days] ?? '');
            if ('' !== $said) {
                if (1 !== preg_match('/^\d{1,6}$/', $said)) {
                    throw Refused::because(self::field($days), "“{$said}” is no whole number", '1 to ' . Outing::MOST);
                }
                $most = Outing::MOST;
                $upTo[$days] = (int) OutOfRange::unlessBetween(self::field($days), (float) $said, 1, $most, 'pitches');
            }
            if ($days > 0 && $upTo[$days] <= $upTo[$days - 1]) {
                throw Refused::because(
                    self::field($days),
                    "{$upTo[$days]} is not above {$upTo[$days - 1]}, that of the line before",
                    'figures that rise',
                );
            }
        }

        return new self($this->age, $upTo === $this->usual() ? null : $upTo);
    }

    /** @return list<int> pitches of a day up to which 0, 1, 2, 3, 4 days of rest are owed */
    public function upTo(): array
    {
        return $this->own ?? $this->usual();
    }

    /** @return list<int> as {@see upTo}, of the age */
    public function usual(): array
    {
        return self::BY_AGE[$this->age->value];
    }

    /** Days of rest after so many pitches. */
    public function days(int $pitches): int
    {
        foreach ($this->upTo() as $days => $most) {
            if ($pitches <= $most) {
                return $days;
            }
        }

        return self::DAYS;
    }

    /** Pitches of one day at most. */
    public function most(): int
    {
        return $this->upTo()[self::DAYS];
    }

    private static function field(int $days): string
    {
        return match ($days) {
            0 => 'No rest after',
            1 => '1 day of rest after',
            default => "$days days of rest after",
        };
    }
}
