<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Contract;

/** Where a family of plays has its page: by itself, or with the others of its group. */
final readonly class PlayPlace
{
    /** @param non-empty-list<PlayFamily> $families one where it has a place of its own */
    private function __construct(public ?FamilyGroup $group, public array $families) {}

    /** @param list<PlayFamily> $families */
    public static function ofGroup(FamilyGroup $group, array $families): self
    {
        return [] === $families ? throw new \LogicException("Nobody is in $group->name.") : new self($group, $families);
    }

    public static function of(PlayFamily $family): self
    {
        return new self(null, [$family]);
    }

    /** As a heading. */
    public function name(): string
    {
        return $this->group->name ?? $this->families[0]->words()->place;
    }

    /** Of the group, else of the family; used in addresses. */
    public function key(): string
    {
        return $this->group->key ?? $this->families[0]->key();
    }

    public function has(?PlayFamily $family): bool
    {
        return null !== $family &&
            \in_array(
                $family->key(),
                array_map(static fn(PlayFamily $one): string => $one->key(), $this->families),
                true,
            );
    }
}
