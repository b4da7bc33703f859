<?php

declare(strict_types=1);

namespace FoxCorner\App\Club\Door;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\IpUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\RequestStack;

/**
 * Whether the demo's accounts, whose password everybody knows, may come in: while nobody but the demo lives here;
 * beside a club of somebody's own only from this machine itself, and where it is not reached from outside.
 */
final readonly class DemoDoor
{
    private const NEAR = ['127.0.0.0/8', '::1'];
    private const NAMES = ['localhost', '127.0.0.1', '[::1]', '::1'];

    public function __construct(
        private House $house,
        private RequestStack $requests,
        #[Autowire('%env(FOX_PUBLIC_URL)%')] private string $publicly,
    ) {}

    public function isOpen(): bool
    {
        return $this->isHere($this->requests->getMainRequest()) || $this->house->isOpen();
    }

    private function isHere(?Request $request): bool
    {
        return null !== $request &&
            IpUtils::checkIp($request->getClientIp() ?? '', self::NEAR) &&
            \in_array($request->getHost(), self::NAMES, true) &&
            \in_array(parse_url($this->publicly, \PHP_URL_HOST), self::NAMES, true);
    }
}
