<?php

declare(strict_types=1);

namespace FoxCorner\App\Club;

use Symfony\Component\String\Slugger\AsciiSlugger;

/** A team's name as an address has it: "Under 12 Bücklinge" is at /under-12-bucklinge. */
final class ShortName
{
    public const LONGEST = 60;
    /** First parts of addresses that are no team's. */
    private const OURS = [
        'account',
        'build',
        'bundles',
        'forgotten',
        'health',
        'join',
        'reset',
        'setup',
        'share',
        'sign-in',
        'sign-out',
    ];

    /** Of a name that has no letter or number that an address could have, the word "team". */
    public static function of(string $name): string
    {
        $slug = (string) (new AsciiSlugger('en'))
            ->slug(strtr($name, ["'" => '', '’' => '']))
            ->lower()
            ->truncate(self::LONGEST - 5)
            ->trim('-');

        return match (true) {
            '' === $slug => 'team',
            \in_array($slug, self::OURS, true) => "$slug-team",
            default => $slug,
        };
    }

    /**
     * The first that nobody has: "kites", "kites-2", "kites-3" ….
     *
     * @param callable(string): bool $isTaken
     */
    public static function free(string $name, callable $isTaken): string
    {
        $short = self::of($name);
        for ($number = 1;; ++$number) {
            $tried = 1 === $number ? $short : "$short-$number";
            if (!$isTaken($tried)) {
                return $tried;
            }
        }
    }
}
