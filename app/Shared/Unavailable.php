<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared;

use Doctrine\DBAL\Exception\ConnectionException;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;

/** When the database does not answer: the plain page that the web server also shows, which looks again by itself. */
final readonly class Unavailable
{
    public function __construct(#[Autowire('%kernel.project_dir%/public/unavailable.html')] private string $page)
    {
    }

    #[AsEventListener(priority: 100)]
    public function onException(ExceptionEvent $event): void
    {
        for ($error = $event->getThrowable(); null !== $error; $error = $error->getPrevious()) {
            if ($error instanceof ConnectionException) {
                $event->setResponse(new Response((string) file_get_contents($this->page), Response::HTTP_SERVICE_UNAVAILABLE, ['Retry-After' => '5']));

                return;
            }
        }
    }
}
