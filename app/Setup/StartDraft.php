<?php

declare(strict_types=1);

namespace FoxCorner\App\Setup;

use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** A club, a team and a head coach as the first page's form gives them. */
final class StartDraft
{
    /** Letters; as the columns are wide. */
    private const LONGEST = ['club' => 80, 'team' => 60, 'name' => 80];

    public ?string $club = null;
    public ?string $team = null;
    public ?Level $level = null;
    public ?string $name = null;
    public ?string $email = null;
    public ?string $password = null;

    /** @throws Problem naming the field */
    public function named(string $field): string
    {
        $text = trim(
            (string) match ($field) {
                'club' => $this->club,
                'team' => $this->team,
                default => $this->name,
            },
        );
        $most = self::LONGEST[$field] ?? 80;
        if ('' === $text || mb_strlen($text) > $most) {
            throw Refused::because(
                $field,
                '' === $text ? 'it is empty' : \sprintf('it has %d letters', mb_strlen($text)),
                \sprintf('1 to %d letters', $most),
            );
        }

        return $text;
    }

    /** @throws Problem */
    public function played(): Level
    {
        return $this->level ?? throw Refused::because('level', 'nothing is chosen', 'one of those shown');
    }
}
