<?php

declare(strict_types=1);

namespace FoxCorner\App\Club\Door;

use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The way in and the way out. */
final class SignIn extends AbstractController
{
    public function __construct(private readonly SignInPage $page, private readonly House $house) {}

    #[Route('/sign-in', name: 'sign_in', methods: ['GET', 'POST'])]
    public function form(Request $request): Response
    {
        if (null !== $this->getUser()) {
            return $this->redirectToRoute('home');
        }
        if ($this->house->isEmpty()) {
            return $this->redirectToRoute('setup');
        }

        return $this->page->show(Response::HTTP_OK, to: $request->query->getString('to'));
    }

    #[Route('/sign-out', name: 'sign_out', methods: ['POST'])]
    public function out(): never
    {
        throw new \LogicException('The firewall answers this address.');
    }
}
