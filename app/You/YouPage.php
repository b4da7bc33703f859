<?php

declare(strict_types=1);

namespace FoxCorner\App\You;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Shared\Taste\Taste;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** The one who is signed in: teams, day or night, the way out. */
final class YouPage extends AbstractController
{
    #[Route('/{team}/you', name: 'you', methods: ['GET'])]
    public function show(Membership $membership, YourRecord $record): Response
    {
        $player = $membership->player;

        return $this->render('you/show.html.twig', [
            'account' => $membership->account,
            'player' => $player?->asRosterPlayer(),
            'level' => $membership->team->level()->profile(),
            'throws' => null === $player ? 0 : $record->throws($player),
            'grades' => null === $player ? [] : $record->grades($player),
        ]);
    }

    /** One choice of how it is shown; anything that cannot be chosen changes nothing. */
    #[Route('/{team}/you/taste', name: 'taste', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function taste(Membership $membership, Request $request): Response
    {
        $answer = $this->redirectToRoute('you', ['team' => $membership->team->address()], Response::HTTP_SEE_OTHER);
        foreach (Taste::CHOICES as $name => $allowed) {
            $value = $request->request->getString($name);
            if (\in_array($value, $allowed, true)) {
                $answer->headers->setCookie(
                    Cookie::create(
                        $name,
                        $value,
                        '+1 year',
                        secure: $request->isSecure(),
                        sameSite: Cookie::SAMESITE_LAX,
                    ),
                );
            }
        }

        return $answer;
    }
}
