<?php

declare(strict_types=1);

namespace FoxCorner\App\Help;

use FoxCorner\App\Club\Membership;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Help on a place: in a drawer beside it, or as a page where no script runs. */
final class HelpPage extends AbstractController
{
    #[Route('/{team}/help/{topic}', name: 'help', methods: ['GET'])]
    public function show(Membership $membership, string $topic): Response
    {
        $known = Topic::tryFrom($topic) ?? throw $this->createNotFoundException();

        return $this->render('help/show.html.twig', [
            'team' => $membership->team,
            'topic' => $known,
            'advice' => Advice::on($known),
            'topics' => Topic::cases(),
        ]);
    }
}
