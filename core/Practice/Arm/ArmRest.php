<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Arm;

/** What an arm has left after it has pitched: it comes back by equal steps over the days of rest that it owes. */
final readonly class ArmRest
{
    /** @param list<Outing> $outings one for each day */
    private function __construct(private array $outings, private RestTable $table) {}

    /** @param list<Outing> $outings of one player; those to come are not looked at */
    public static function of(array $outings, RestTable $table): self
    {
        $days = [];
        foreach ($outings as $one) {
            if ($one->daysAgo >= 0) {
                $days[$one->daysAgo] = new Outing($one->daysAgo, $one->pitches + ($days[$one->daysAgo]->pitches ?? 0));
            }
        }

        return new self(array_values($days), $table);
    }

    /** The outing of which the rest ends last; null: none is left to rest from. */
    public function binding(): ?Outing
    {
        $binding = null;
        foreach ($this->outings as $one) {
            if ($this->endsIn($one) > (null === $binding ? 0 : $this->endsIn($binding))) {
                $binding = $one;
            }
        }

        return $binding;
    }

    /** Days from now until the whole arm is there again; 0: it is. */
    public function inDays(): int
    {
        $binding = $this->binding();

        return null === $binding ? 0 : $this->endsIn($binding);
    }

    /**
     * Hard throws for the day.
     *
     * @param int $usual of a rested arm of the age
     *
     * @return int|null null: it is rested
     */
    public function left(int $usual): ?int
    {
        $left = array_map(
            fn(Outing $one): int => $this->leftAfter($one, $usual),
            array_filter($this->outings, fn(Outing $one): bool => $this->endsIn($one) > 0),
        );

        return [] === $left ? null : min($left);
    }

    private function leftAfter(Outing $one, int $usual): int
    {
        $owed = $this->table->days($one->pitches);
        if (0 === $owed) {
            return max(0, $usual - $one->pitches);
        }

        return intdiv($usual * max(0, $one->daysAgo - 1), $owed);
    }

    private function endsIn(Outing $one): int
    {
        return $this->table->days($one->pitches) + 1 - $one->daysAgo;
    }
}
