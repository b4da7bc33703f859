<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Markup;

use Twig\Extension\AbstractExtension;
use Twig\TwigFilter;

/** So many of a thing: "1 player", "2 players". */
final class Counted extends AbstractExtension
{
    public function getFilters(): array
    {
        return [new TwigFilter('counted', self::of(...))];
    }

    /** @param string $one as it is called when it is one; the others have an s */
    public static function of(int $count, string $one): string
    {
        return "$count $one" . (1 === $count ? '' : 's');
    }
}
