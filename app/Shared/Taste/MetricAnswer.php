<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Taste;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/** Sends pages in metres to whoever has chosen them. */
final readonly class MetricAnswer
{
    #[AsEventListener]
    public function onResponse(ResponseEvent $event): void
    {
        $answer = $event->getResponse();
        $html = $answer->getContent();
        if (
            $event->isMainRequest() &&
            'metric' === Taste::in($event->getRequest(), 'units') &&
            false !== $html &&
            str_starts_with($answer->headers->get('Content-Type', 'text/html'), 'text/html')
        ) {
            $answer->setContent(Metric::of($html));
        }
    }
}
