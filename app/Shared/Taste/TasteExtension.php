<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Taste;

use FoxCorner\Core\Problem\Problem;
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
        return [
            new TwigFilter('date', $this->date(...), ['needs_environment' => true]),
            new TwigFilter(
                'ft',
                fn(float $feet, int $decimals = 0): string => $this->units()->words($feet, 'ft', $decimals),
            ),
            new TwigFilter('mph', fn(float $mph): string => $this->units()->words($mph, 'mph')),
            new TwigFilter('ft_s', fn(float $speed): string => $this->units()->words($speed, 'ft/s', 1)),
            new TwigFilter(
                'in_unit',
                fn(float $value, string $unit, int $decimals = 0): string => $this->units()->figure(
                    $value,
                    $unit,
                    $decimals,
                ),
            ),
            new TwigFilter('reading', fn(float $value, string $unit): string => $this->units()->reading($value, $unit)),
            new TwigFilter('unit', fn(string $unit): string => $this->units()->name($unit)),
            new TwigFilter('told', fn(?string $sentence): string => $this->units()->told($sentence ?? '')),
            new TwigFilter('refused', fn(Problem $problem): Problem => $this->units()->refused($problem)),
        ];
    }

    public function getFunctions(): array
    {
        return [
            new TwigFunction('taste', $this->taste->of(...)),
            new TwigFunction('feet_in_one', fn(): float => $this->units()->feetInOne()),
            new TwigFunction('tastes', static fn(string $name): array => Taste::CHOICES[$name]),
        ];
    }

    private function units(): Units
    {
        return $this->taste->units();
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
