<?php

declare(strict_types=1);

namespace FoxCorner\App\Post;

use FoxCorner\App\Club\Account;

/** A mail to one person, in plain words. */
final readonly class Letter
{
    public function __construct(public string $to, public string $subject, public string $text) {}

    public static function aboutPassword(Account $account, string $link): self
    {
        return new self(
            $account->getUserIdentifier(),
            'A new password for Fox Corner',
            "Somebody, most likely you, has asked for a new password for $account->name.\n\n" .
                "Choose it here within an hour:\n$link\n\n" .
                "If it was not you, nothing has to be done: the old password holds.\n",
        );
    }

    public static function welcome(Account $account, string $team, string $link): self
    {
        return new self(
            $account->getUserIdentifier(),
            "Your way into the $team",
            "Somebody, most likely you, has joined the $team on Fox Corner with this e-mail, as $account->name.\n\n" .
                "Choose a password here within two weeks, and you are in:\n$link\n\n" .
                "If it was not you, do nothing: nobody comes in without this link.\n",
        );
    }

    public static function invitation(string $to, string $from, string $team, string $as, string $link): self
    {
        return new self(
            $to,
            "$from invites you to the $team",
            "$from invites you to the $team on Fox Corner, as $as.\n\n" .
                "Join here within two weeks:\n$link\n\n" .
                "If you do not know $from, do nothing.\n",
        );
    }
}
