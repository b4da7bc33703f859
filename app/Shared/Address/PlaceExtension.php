<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Address;

use Symfony\Component\HttpFoundation\RequestStack;
use Twig\Extension\AbstractExtension;
use Twig\TwigFunction;

/** At which place of a team a page is: what its address says after the team. */
final class PlaceExtension extends AbstractExtension
{
    /** The address of a team alone. */
    private const FIRST = 'today';

    public function __construct(private readonly RequestStack $requests) {}

    public function getFunctions(): array
    {
        return [new TwigFunction('is_at', $this->isAt(...))];
    }

    /** @param string $place as in "practice", or "plays/bunt" where a place has several */
    public function isAt(string $place): bool
    {
        return str_starts_with($this->at() . '/', "$place/");
    }

    /** The part of the address that comes after the team, as in "practice/week". */
    public function at(): string
    {
        $path = trim($this->requests->getMainRequest()?->getPathInfo() ?? '', '/');

        return explode('/', $path, 2)[1] ?? self::FIRST;
    }
}
