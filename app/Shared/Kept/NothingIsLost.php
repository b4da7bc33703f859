<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Kept;

use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\OptimisticLockException;
use FoxCorner\App\Shared\Address\ByScript;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\Security\Core\Exception\InvalidCsrfTokenException;

/** A form whose token has ended, or that met another save in the same moment, comes back with what was typed. */
final readonly class NothingIsLost
{
    public function __construct(private KeptPage $page, private Security $security) {}

    #[AsEventListener(priority: 40)]
    public function onException(ExceptionEvent $event): void
    {
        $request = $event->getRequest();
        if ($request->isMethodSafe() || null === $this->security->getUser()) {
            return;
        }
        $why = match (true) {
            $event->getThrowable() instanceof InvalidCsrfTokenException => NotKept::TokenEnded,
            $event->getThrowable() instanceof OptimisticLockException,
            $event->getThrowable() instanceof UniqueConstraintViolationException => NotKept::ChangedMeanwhile,
            default => null,
        };
        $typed = TypedForm::of($request);
        if (null !== $why && null !== $typed) {
            $isScript = ByScript::asked($request);
            $event->allowCustomResponseCode();
            $event->setResponse(
                $isScript ? new JsonResponse(['problem' => $why->name], $why->status()) : $this->page->of($typed, $why),
            );
        }
    }
}
