<?php

declare(strict_types=1);

namespace FoxCorner\App\People;

use FoxCorner\App\Access\ResetTokens;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Post\Letter;
use FoxCorner\App\Post\Letters;
use FoxCorner\Core\Problem\Problem;

/**
 * How somebody who has joined by a link that anybody may have comes in: by a letter to his e-mail, with a link to
 * choose a password at. Until then the account opens nothing. Where no mail goes out, or it is lost, a head coach who
 * knows him gives him the link.
 */
final readonly class WayIn
{
    /** s: two weeks. */
    public const LASTS = 14 * 86400;

    public function __construct(private ResetTokens $tokens, private Letters $letters) {}

    /** @throws Problem when the letter comes back */
    public function send(Account $account, Team $team): void
    {
        $this->letters->send(Letter::welcome($account, $team->name, $this->link($account)));
    }

    /** The link for an account that nobody has come in with yet. */
    public function link(Account $account): string
    {
        return $account->hasPassword()
            ? throw new \LogicException('Whoever has a password is given no other by his coach.')
            : $this->tokens->link($account, self::LASTS);
    }

    public function goesOut(): bool
    {
        return $this->letters->goOut();
    }
}
