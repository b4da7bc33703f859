<?php

declare(strict_types=1);

namespace FoxCorner\App\Club\Door;

use FoxCorner\App\Shared\Kept\TypedForm;
use Symfony\Component\HttpFoundation\Response;
use Twig\Environment;

/** The page to sign in on, wherever it is shown; it remembers where somebody wanted to go and what he had typed. */
final readonly class SignInPage
{
    public function __construct(private Environment $twig, private DemoSignIn $demo, private DoorToken $door) {}

    public function show(
        int $status,
        string $email = '',
        ?string $error = null,
        string $to = '',
        ?TypedForm $kept = null,
    ): Response {
        return new Response(
            $this->twig->render('sign_in/form.html.twig', [
                'email' => $email,
                'error' => $error,
                'demo' => $this->demo->ifLoaded(),
                'to' => $to,
                'kept' => $kept,
                'seal' => null === $kept ? '' : $this->door->seal($kept->toJson()),
            ]),
            $status,
        );
    }
}
