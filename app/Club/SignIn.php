<?php

declare(strict_types=1);

namespace FoxCorner\App\Club;

use FoxCorner\App\Demo\DemoSignIn;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Authentication\AuthenticationUtils;

final class SignIn extends AbstractController
{
    #[Route('/sign-in', name: 'sign_in', methods: ['GET', 'POST'])]
    public function form(AuthenticationUtils $attempt, DemoSignIn $demo): Response
    {
        if (null !== $this->getUser()) {
            return $this->redirectToRoute('home');
        }
        $error = $attempt->getLastAuthenticationError();

        return $this->render('sign_in/form.html.twig', [
            'email' => $attempt->getLastUsername(),
            'error' => $error?->getMessageKey(),
            'demo' => $demo->ifLoaded(),
        ], new Response(status: null === $error ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY));
    }

    #[Route('/sign-out', name: 'sign_out', methods: ['POST'])]
    public function out(): never
    {
        throw new \LogicException('The firewall answers this address.');
    }
}
