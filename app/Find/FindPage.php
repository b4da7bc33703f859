<?php

declare(strict_types=1);

namespace FoxCorner\App\Find;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Help\Word;
use FoxCorner\App\Shared\TypedText;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** One box for players, situations, drills, practices and words; with nothing typed, the words and what they mean. */
final class FindPage extends AbstractController
{
    /** Letters that are looked for. */
    private const LONGEST = 80;

    #[Route('/{team}/find', name: 'find', methods: ['GET'])]
    public function find(Membership $membership, Request $request, Found $found): Response
    {
        $typed = mb_substr(TypedText::unicode($request->query->getString('q')), 0, self::LONGEST);

        return $this->render('find/show.html.twig', [
            'typed' => trim($typed),
            'found' => $found->of($membership, $typed),
            'words' => Word::cases(),
        ]);
    }
}
