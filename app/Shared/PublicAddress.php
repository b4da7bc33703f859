<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;

/**
 * Addresses that leave the house, in mails and in print: by what the installation is set up as, never by what a visitor
 * says that it is called.
 */
final readonly class PublicAddress
{
    public function __construct(
        private UrlGeneratorInterface $addresses,
        #[Autowire('%env(FOX_PUBLIC_URL)%')] private string $house,
    ) {}

    /** @param array<string, string> $parameters */
    public function of(string $route, array $parameters): string
    {
        return rtrim($this->house, '/') .
            $this->addresses->generate($route, $parameters, UrlGeneratorInterface::ABSOLUTE_PATH);
    }
}
