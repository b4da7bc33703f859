<?php

declare(strict_types=1);

namespace FoxCorner\App\Known;

use FoxCorner\App\Club\Membership;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Level\LevelShares;
use FoxCorner\Core\Problem\Unknown;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** How we know: what is known of a level, what the program says, where that comes from, and what is an estimate. */
final class KnownPage extends AbstractController
{
    public function __construct(private readonly KnownFigures $figures) {}

    #[Route('/{team}/how-we-know', name: 'known', methods: ['GET'])]
    public function show(Membership $membership, Request $request): Response
    {
        $asked = $request->query->getString('level', $membership->team->level()->value);
        $level = Unknown::oneOf(Level::class, $asked, 'level');

        return $this->render('known/show.html.twig', [
            'level' => $level,
            'levels' => Level::cases(),
            'profile' => $level->profile(),
            'figures' => $this->figures->of($level),
            // Professionals' shares of the chain are the published ones.
            'bases' => BasesTaken::all(
                $level->profile()->advancement(),
                $level->isProfessional() ? $this->figures->advancement($level) : null,
            ),
            'written' => LevelShares::WRITTEN,
        ]);
    }
}
