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
    /** Attributes of the request, for the frame of the page and what hangs on a team. */
    public const MINE = '_membership';
    public const ALL = '_memberships';

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
        $request->attributes->set(self::MINE, $membership);
        $request->attributes->set(self::ALL, $mine);

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
