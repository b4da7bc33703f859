<?php

declare(strict_types=1);

namespace FoxCorner\App\Club;

use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Controller\ValueResolverInterface;
use Symfony\Component\HttpKernel\ControllerMetadata\ArgumentMetadata;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/**
 * Gives a page of a team the visitor's membership in it, from the team's id in the address.
 *
 * Somebody else's team answers as one that does not exist.
 */
final readonly class MembershipResolver implements ValueResolverInterface
{
    public function __construct(private Security $security, private MembershipRepository $memberships) {}

    /** @return list<Membership> */
    public function resolve(Request $request, ArgumentMetadata $argument): array
    {
        if (Membership::class !== $argument->getType()) {
            return [];
        }
        $account = $this->security->getUser();
        $mine = $account instanceof Account ? $this->memberships->of($account) : [];
        $membership =
            self::at($request->attributes->getString('team'), $mine) ??
            throw new NotFoundHttpException('There is no such team.');
        // The frame around every page shows the team and offers the others.
        $request->attributes->set('_membership', $membership);
        $request->attributes->set('_memberships', $mine);

        return [$membership];
    }

    /** @param array<string, Membership> $mine */
    private static function at(string $address, array $mine): ?Membership
    {
        foreach ($mine as $membership) {
            if ($membership->team->answersTo($address)) {
                return $membership;
            }
        }

        return null;
    }
}
