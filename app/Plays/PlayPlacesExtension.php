<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays;

use FoxCorner\Core\Play\Choice\Reasons;
use FoxCorner\Core\Play\Contract\PlayFamilies;
use FoxCorner\Core\Play\Contract\PlayPlace;
use FoxCorner\Core\Play\Map\HisGround;
use Symfony\Component\Routing\Exception\RouteNotFoundException;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;
use Twig\Extension\AbstractExtension;
use Twig\TwigFunction;

/** Where the plays of a situation are found; a group of families may have a page too, with its key for a route. */
final class PlayPlacesExtension extends AbstractExtension
{
    public function __construct(
        private readonly PlayFamilies $families,
        private readonly UrlGeneratorInterface $addresses,
    ) {}

    public function getFunctions(): array
    {
        return [
            new TwigFunction('play_places', $this->families->places(...)),
            new TwigFunction('place_page', $this->page(...)),
            new TwigFunction('is_even', Reasons::areEven(...)),
            new TwigFunction('his_ground', HisGround::of(...)),
        ];
    }

    /**
     * The address of a group's own page.
     *
     * @param array<string, mixed> $carried team, situation, context
     */
    private function page(PlayPlace $place, array $carried): ?string
    {
        try {
            return null === $place->group ? null : $this->addresses->generate($place->key(), $carried);
        } catch (RouteNotFoundException) {
            return null;
        }
    }
}
