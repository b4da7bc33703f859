<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Taste;

use Twig\Environment;
use Twig\Extension\AbstractExtension;
use Twig\Extension\CoreExtension;
use Twig\TwigFilter;
use Twig\TwigFunction;

/** What templates need of it: the hours of every date that is shown, and what is chosen. */
final class TasteExtension extends AbstractExtension
{
    public function __construct(private readonly Taste $taste) {}

    public function getFilters(): array
    {
        return [new TwigFilter('date', $this->date(...), ['needs_environment' => true])];
    }

    public function getFunctions(): array
    {
        return [
            new TwigFunction('taste', $this->taste->of(...)),
            new TwigFunction('tastes', static fn(string $name): array => Taste::CHOICES[$name]),
        ];
    }

    /** Twig's own filter; hours by the reader's choice, but for machines, who write the day before them. */
    private function date(
        Environment $twig,
        \DateTimeInterface|\DateInterval|string|int|null $date,
        ?string $format = null,
        \DateTimeZone|string|false|null $timezone = null,
    ): string {
        $isShown = null !== $format && !str_contains($format, 'Y-m-d');
        $format = $isShown && '12' === $this->taste->of('hours') ? str_replace('H:i', 'g:i a', $format) : $format;

        return $twig->getExtension(CoreExtension::class)->formatDate($date, $format, $timezone);
    }
}
