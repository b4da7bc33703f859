<?php

declare(strict_types=1);

namespace FoxCorner\App\Post;

use FoxCorner\App\Club\Door\House;
use FoxCorner\App\Club\Membership;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The simulated post box of the demo: what was sent, to read and to click. Elsewhere nobody reads others' mail. */
final class PostBoxPage extends AbstractController
{
    #[Route('/{team}/post-box', name: 'post_box', methods: ['GET'])]
    public function show(Membership $membership, PostBox $box, House $house): Response
    {
        if (!$membership->account->isDemo() || !$house->isOpen()) {
            throw $this->createNotFoundException();
        }
        $membership->mustBeHeadCoach();

        return $this->render('post/box.html.twig', ['letters' => $box->letters()]);
    }
}
