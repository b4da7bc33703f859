<?php

declare(strict_types=1);

namespace FoxCorner\App\You;

use FoxCorner\App\Club\Membership;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** The one who is signed in: teams, day or night, the way out. */
final class YouPage extends AbstractController
{
    public const THEMES = ['system', 'day', 'night'];
    public const KEYS = ['on', 'off'];

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

    #[Route('/{team}/you/theme', name: 'theme', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function theme(Membership $membership, Request $request): Response
    {
        return $this->chosen($membership, $request, 'theme', self::THEMES);
    }

    /** Whether a key alone does something: who speaks to the machine, or types with one finger, turns that off. */
    #[Route('/{team}/you/keys', name: 'keys', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function keys(Membership $membership, Request $request): Response
    {
        return $this->chosen($membership, $request, 'keys', self::KEYS);
    }

    /** @param list<string> $allowed what the browser may keep; anything else changes nothing */
    private function chosen(Membership $membership, Request $request, string $name, array $allowed): Response
    {
        $value = $request->request->getString($name);
        $answer = $this->redirectToRoute('you', ['team' => $membership->team->address()], Response::HTTP_SEE_OTHER);
        if (\in_array($value, $allowed, true)) {
            $answer->headers->setCookie(
                Cookie::create($name, $value, '+1 year', secure: $request->isSecure(), sameSite: Cookie::SAMESITE_LAX),
            );
        }

        return $answer;
    }
}
