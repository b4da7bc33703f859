<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Contract;

use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Unknown;

/** Families of plays, by their keys. */
final readonly class PlayFamilies
{
    /** @param array<string, PlayFamily> $families by key */
    private function __construct(private array $families) {}

    public static function of(PlayFamily ...$families): self
    {
        return new self(
            array_combine(array_map(static fn(PlayFamily $family): string => $family->key(), $families), $families),
        );
    }

    public function and(PlayFamily $family): self
    {
        return new self([...$this->families, $family->key() => $family]);
    }

    /** @return list<PlayFamily> */
    public function all(): array
    {
        return array_values($this->families);
    }

    /** Who goes on with a runner caught between two bases; null when nobody does. */
    public function takingOver(): ?TakesOver
    {
        foreach ($this->families as $family) {
            if ($family instanceof TakesOver) {
                return $family;
            }
        }

        return null;
    }

    /** @return list<PlayPlace> in the order of the families; those of a group together */
    public function places(): array
    {
        $places = [];
        foreach ($this->families as $family) {
            $group = $family->words()->group;
            $place = null === $group ? PlayPlace::of($family) : PlayPlace::ofGroup($group, $this->in($group));
            $places[$place->key()] ??= $place;
        }

        return array_values($places);
    }

    /** @return list<PlayFamily> that share a place */
    private function in(FamilyGroup $group): array
    {
        return array_values(
            array_filter(
                $this->families,
                static fn(PlayFamily $family): bool => $family->words()->group?->key === $group->key,
            ),
        );
    }

    public function find(string $key): ?PlayFamily
    {
        return $this->families[$key] ?? null;
    }

    /** @throws Problem */
    public function get(string $key): PlayFamily
    {
        return $this->families[$key] ?? throw Unknown::notOneOf('family', $key, array_keys($this->families));
    }
}
