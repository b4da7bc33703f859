<?php

declare(strict_types=1);

namespace FoxCorner\App\Club;

/** What somebody in a team may do: the one table that the code asks and that the page of people shows. */
enum May: string
{
    case Read = 'read';
    case SeeOwn = 'see-own';
    case SeeAll = 'see-all';
    case Change = 'change';
    case Remove = 'remove';
    case People = 'people';

    public function label(): string
    {
        return match ($this) {
            self::Read => 'Read plan, practices, names and positions',
            self::SeeOwn => 'See what is measured, limited and graded of one player, the own or a ward',
            self::SeeAll => 'See it of everybody',
            self::Change => 'Change roster, field, plan and practices, and run a practice',
            self::Remove => 'Take off players, opponents and practices that have run',
            self::People => 'Invite, change roles, and read who came and went',
        };
    }

    /** @return non-empty-list<Role> */
    public function roles(): array
    {
        return match ($this) {
            self::Read, self::SeeOwn => Role::cases(),
            self::SeeAll, self::Change => [Role::HeadCoach, Role::Assistant],
            self::Remove, self::People => [Role::HeadCoach],
        };
    }
}
