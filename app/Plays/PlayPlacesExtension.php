<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays;

use FoxCorner\Core\Play\Choice\Reasons;
use FoxCorner\Core\Play\Contract\PlayFamilies;
use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Play\Contract\PlayPlace;
use FoxCorner\Core\Play\Map\HisGround;
use Symfony\Component\Routing\Exception\RouteNotFoundException;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;
use Twig\Extension\AbstractExtension;
use Twig\TwigFunction;

/** Where plays are found. A group of families has the page whose route is called as its key, else its families'. */
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
            new TwigFunction('place_path', $this->path(...)),
            new TwigFunction('families_beside', $this->beside(...)),
            new TwigFunction('is_even', Reasons::areEven(...)),
            new TwigFunction('his_ground', HisGround::of(...)),
        ];
    }

    /** @param array<string, mixed> $carried team, situation, context */
    private function path(PlayPlace $place, array $carried): string
    {
        return $this->own($place, $carried) ??
            $this->addresses->generate('plays', [...$carried, 'family' => $place->families[0]->key()]);
    }

    /**
     * @param array<string, mixed> $carried
     *
     * @return list<PlayFamily> of a group that has no page of its own
     */
    private function beside(PlayFamily $family, array $carried): array
    {
        foreach ($this->families->places() as $place) {
            if ($place->has($family) && null !== $place->group && null === $this->own($place, $carried)) {
                return $place->families;
            }
        }

        return [];
    }

    /** @param array<string, mixed> $carried */
    private function own(PlayPlace $place, array $carried): ?string
    {
        try {
            return null === $place->group ? null : $this->addresses->generate($place->key(), $carried);
        } catch (RouteNotFoundException) {
            return null;
        }
    }
}
