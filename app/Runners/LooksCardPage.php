<?php

declare(strict_types=1);

namespace FoxCorner\App\Runners;

use FoxCorner\App\Club\Membership;
use FoxCorner\Core\Family\Looks\LookMix;
use FoxCorner\Core\Family\Looks\LooksDrawn;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** A card with looks and holds for the pitcher's cap; the same number draws the same. */
final class LooksCardPage extends AbstractController
{
    private const PITCHES = 30;

    #[Route('/{team}/situations/looks/{seed<\d{1,4}>}', name: 'looks_card', methods: ['GET'])]
    public function show(Membership $membership, int $seed): Response
    {
        return $this->render('runners/card.html.twig', [
            'seed' => $seed,
            'looks' => LooksDrawn::draw(LookMix::ordinary(), self::PITCHES, new Randomizer(new Mt19937($seed))),
        ]);
    }
}
