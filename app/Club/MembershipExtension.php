<?php

declare(strict_types=1);

namespace FoxCorner\App\Club;

use Symfony\Component\HttpFoundation\RequestStack;
use Twig\Extension\AbstractExtension;
use Twig\TwigFunction;

/** Templates: as whom of which team somebody looks, `membership()`, and what else he belongs to, `memberships()`. */
final class MembershipExtension extends AbstractExtension
{
    public function __construct(private readonly RequestStack $requests) {}

    public function getFunctions(): array
    {
        return [
            new TwigFunction('membership', $this->membership(...)),
            new TwigFunction('memberships', $this->memberships(...)),
        ];
    }

    private function membership(): ?Membership
    {
        $found = $this->requests->getCurrentRequest()?->attributes->get(MembershipResolver::MINE);

        return $found instanceof Membership ? $found : null;
    }

    /** @return list<Membership> */
    private function memberships(): array
    {
        /** @var list<Membership> $all */
        $all = $this->requests->getCurrentRequest()?->attributes->get(MembershipResolver::ALL) ?? [];

        return $all;
    }
}
