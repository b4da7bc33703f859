<?php

declare(strict_types=1);

namespace FoxCorner\App\Club;

use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** An e-mail as somebody has typed it. */
final class Email
{
    private const LONGEST = 180;

    /**
     * @return non-empty-string in small letters
     *
     * @throws Problem naming the field
     */
    public static function of(string $typed, string $field = 'email'): string
    {
        $email = Account::normal($typed);
        if ('' === $email || \strlen($email) > self::LONGEST || false === filter_var($email, \FILTER_VALIDATE_EMAIL)) {
            throw Refused::because(
                $field,
                '' === $email ? 'it is empty' : 'it is no e-mail',
                \sprintf('an address as name@club.example, at most %d letters', self::LONGEST),
            );
        }

        return $email;
    }
}
