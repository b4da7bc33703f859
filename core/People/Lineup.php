<?php

declare(strict_types=1);

namespace FoxCorner\Core\People;

/** Who plays where: nine players, one at each position. */
final readonly class Lineup
{
    /** @param array<int, RosterPlayer> $players by position number */
    private function __construct(private array $players) {}

    /**
     * Puts the nine on the field: as many as possible at their best position, then at their second, and so on.
     *
     * @param list<RosterPlayer> $roster in the order of preference where two want the same place
     * @param array<int, string> $wanted who plays where today, ids by position number; whoever is not on the roster is
     *                                   passed over
     *
     * @throws NoLineup when there are fewer than nine, or a position that nobody can play
     */
    public static function choose(array $roster, array $wanted = []): self
    {
        if (\count($roster) < \count(Position::cases())) {
            throw NoLineup::withOnly(\count($roster));
        }
        $taken = self::seatWanted($roster, $wanted);
        $fixed = array_fill_keys(array_keys($taken), true);
        foreach (range(1, 9) as $ranks) {
            foreach (Position::cases() as $position) {
                if (!\in_array($position->value, $taken, true)) {
                    $tried = $fixed;
                    self::seat($position, $roster, $ranks, $taken, $tried);
                }
            }
        }
        $players = [];
        foreach ($taken as $index => $number) {
            $players[$number] = $roster[$index];
        }
        foreach (Position::cases() as $position) {
            if (!isset($players[$position->value])) {
                throw NoLineup::withNobodyAt($position);
            }
        }
        ksort($players);

        return new self($players);
    }

    /** Nine whom nobody has measured. */
    public static function ordinary(): self
    {
        $players = [];
        foreach (Position::cases() as $position) {
            $players[$position->value] = new RosterPlayer(
                (string) $position->value,
                $position->label(),
                (string) $position->value,
                [$position],
                Traits::unknown(),
            );
        }

        return new self($players);
    }

    /**
     * The same nine without their names: what is reckoned with them holds for whoever does the same, and says who by a
     * sign in the place of a name, which {@see named()} fills in.
     */
    public function unnamed(): self
    {
        $players = [];
        foreach ($this->players as $number => $player) {
            $players[$number] = $player->unnamed(self::sign($number));
        }

        return new self($players);
    }

    /** A text of figures that were reckoned without names, with these nine's. */
    public function named(string $text): string
    {
        $names = [];
        foreach ($this->players as $number => $player) {
            $names[self::sign($number)] = $player->name;
        }

        return strtr($text, $names);
    }

    /** Of the letters that Unicode leaves to whoever needs some of his own: nobody types it. */
    private static function sign(int $position): string
    {
        return mb_chr(0xE000 + $position);
    }

    public function at(Position $position): RosterPlayer
    {
        return $this->players[$position->value];
    }

    /** @return array<int, RosterPlayer> by position number */
    public function players(): array
    {
        return $this->players;
    }

    /**
     * @param list<RosterPlayer> $roster
     * @param array<int, string> $wanted
     *
     * @return array<int, int> position number by roster index
     */
    private static function seatWanted(array $roster, array $wanted): array
    {
        $taken = [];
        foreach ($roster as $index => $player) {
            $number = array_search($player->id, $wanted, true);
            if (\is_int($number) && null !== Position::tryFrom($number)) {
                $taken[$index] = $number;
            }
        }

        return $taken;
    }

    /**
     * Seats one player at a position, moving others along when that frees somebody (augmenting path).
     *
     * @param list<RosterPlayer> $roster
     * @param int                $ranks  how far down their own list players may be used
     * @param array<int, int>    $taken  position number by roster index
     * @param array<int, true>   $tried  roster indexes already asked on this path
     */
    private static function seat(Position $position, array $roster, int $ranks, array &$taken, array &$tried): bool
    {
        foreach ($roster as $index => $player) {
            if (isset($tried[$index]) || !\in_array($position, \array_slice($player->positions, 0, $ranks), true)) {
                continue;
            }
            $tried[$index] = true;
            if (!isset($taken[$index]) || self::seat(Position::from($taken[$index]), $roster, $ranks, $taken, $tried)) {
                $taken[$index] = $position->value;

                return true;
            }
        }

        return false;
    }
}
