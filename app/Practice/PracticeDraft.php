<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice;

use FoxCorner\App\Team\Player;

/** A practice as a form gives it. */
final class PracticeDraft
{
    public ?\DateTimeImmutable $startsAt = null;
    public ?int $minutes = 70;
    public ?int $helpers = 3;
    public ?string $place = null;
    /** @var list<string> ids of the players who come */
    public array $comes = [];
    public int $version = 0;

    /** @param list<Player> $players who are on the roster: all of them come unless somebody says otherwise */
    public static function forTomorrow(\DateTimeImmutable $now, array $players): self
    {
        $draft = new self();
        $draft->startsAt = $now->modify('tomorrow 17:30');
        $draft->comes = array_map(static fn(Player $player): string => $player->id()->toRfc4122(), $players);

        return $draft;
    }

    public static function of(Practice $practice): self
    {
        $draft = new self();
        $draft->startsAt = $practice->startsAt();
        $draft->minutes = $practice->minutes();
        $draft->helpers = $practice->helpers();
        $draft->place = $practice->place();
        $draft->comes = $practice->comes();
        $draft->version = $practice->version();

        return $draft;
    }
}
