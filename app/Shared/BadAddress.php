<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared;

use FoxCorner\App\Shared\Json\StoredUnreadable;
use FoxCorner\Core\Problem\Problem;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Twig\Environment;

/**
 * An address that asks for something the game does not know gets a page that names it and what is allowed; what is kept
 * and cannot be read, one that says so.
 */
final readonly class BadAddress
{
    public function __construct(private Environment $twig) {}

    #[AsEventListener(priority: 50)]
    public function onException(ExceptionEvent $event): void
    {
        $error = $event->getThrowable();
        if ($error instanceof StoredUnreadable) {
            $event->allowCustomResponseCode();
            $event->setResponse(
                new Response(
                    $this->twig->render('error/stored.html.twig', ['problem' => $error]),
                    Response::HTTP_INTERNAL_SERVER_ERROR,
                ),
            );
        } elseif ($error instanceof Problem) {
            $event->setResponse(
                new Response(
                    $this->twig->render('error/bad_address.html.twig', ['problem' => $error]),
                    Response::HTTP_NOT_FOUND,
                ),
            );
        }
    }
}
