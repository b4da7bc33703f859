<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays;

use FoxCorner\App\Club\Membership;
use FoxCorner\Core\Family\Bunt\BuntFamily;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Bunts had a place of their own before there were families of plays; its addresses lead to where they are now. */
final class OldAddresses extends AbstractController
{
    #[Route('/{team}/bunts/{situation}', name: 'old_bunts', methods: ['GET'])]
    public function bunts(Membership $membership, string $situation, Request $request): Response
    {
        $to = ['team' => $membership->team->address(), 'family' => BuntFamily::KEY, 'situation' => $situation];

        return $this->redirectToRoute('plays', [...$request->query->all(), ...$to], Response::HTTP_MOVED_PERMANENTLY);
    }
}
