<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared;

use Doctrine\DBAL\Exception\ConnectionException;
use Doctrine\DBAL\Exception\RetryableException;
use Doctrine\Persistence\ManagerRegistry;
use FoxCorner\App\Shared\Address\ByScript;
use FoxCorner\App\Shared\Database\Writes;
use FoxCorner\App\Shared\Kept\KeptPage;
use FoxCorner\App\Shared\Kept\TypedForm;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ControllerEvent;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\HttpKernelInterface;

/**
 * When the database does not answer, takes nothing, or holds what is wanted locked.
 *
 * What two requests held against each other is tried once more, if nothing of it had been written; else comes the
 * plain page that the web server also shows and that looks again by itself, or the form with what was typed.
 */
final readonly class Unavailable
{
    private const TRIED = '_tried_again';
    /** Who somebody is, is known from here on. */
    private const REACHED = '_controller_reached';
    /** By which the framework notes that it was finding out who somebody is, and keeps afterwards what it knows. */
    private const FINDING_OUT = '_security_firewall_run';
    /**
     * MariaDB's numbers: read-only, disk or table full, statement took too long, killed, gone away, lost, shutting
     * down.
     */
    private const CODES = [1290, 1836, 1021, 1114, 1969, 1317, 2006, 2013, 1053, 1205, 1213, 4031];

    public function __construct(
        #[Autowire('%kernel.project_dir%/public/unavailable.html')] private string $page,
        private KeptPage $kept,
        private Writes $writes,
        private ManagerRegistry $doctrine,
    ) {}

    #[AsEventListener]
    public function onController(ControllerEvent $event): void
    {
        $event->getRequest()->attributes->set(self::REACHED, true);
    }

    #[AsEventListener(priority: 100)]
    public function onException(ExceptionEvent $event): void
    {
        $request = $event->getRequest();
        for ($error = $event->getThrowable(); null !== $error; $error = $error->getPrevious()) {
            if ($error instanceof RetryableException && $this->mayTryAgain($request)) {
                $event->allowCustomResponseCode();
                $event->setResponse($this->again($event));

                return;
            }
            if (self::isAway($error)) {
                if (!$request->attributes->has(self::REACHED)) {
                    // Nobody could be asked who it is: that is no sign-out, and what the session says of it stays.
                    $request->attributes->remove(self::FINDING_OUT);
                }
                $event->allowCustomResponseCode();
                $event->setResponse($this->away($request));

                return;
            }
        }
    }

    private static function isAway(\Throwable $error): bool
    {
        $code = $error instanceof \PDOException ? $error->errorInfo[1] ?? null : null;

        return $error instanceof ConnectionException ||
            $error instanceof RetryableException ||
            \in_array($code, self::CODES, true);
    }

    /** Whoever only reads may always; whoever writes, if the whole of it was rolled back. */
    private function mayTryAgain(Request $request): bool
    {
        return $request->attributes->has(self::REACHED) &&
            !$request->attributes->has(self::TRIED) &&
            ($request->isMethodSafe() || !$this->writes->anyStands());
    }

    private function again(ExceptionEvent $event): Response
    {
        $request = $event->getRequest()->duplicate();
        $request->attributes->set(self::TRIED, true);
        $this->doctrine->resetManager();

        return $event->getKernel()->handle($request, HttpKernelInterface::SUB_REQUEST);
    }

    private function away(Request $request): Response
    {
        if (ByScript::asked($request)) {
            return new JsonResponse(['problem' => 'database'], Response::HTTP_SERVICE_UNAVAILABLE, [
                'Retry-After' => '5',
            ]);
        }
        $typed = $request->isMethodSafe() ? null : TypedForm::of($request);
        if (null === $typed) {
            return new Response((string) file_get_contents($this->page), Response::HTTP_SERVICE_UNAVAILABLE, [
                'Retry-After' => '5',
            ]);
        }

        return $this->kept->withoutDatabase($typed, TypedForm::tokensOf($request));
    }
}
