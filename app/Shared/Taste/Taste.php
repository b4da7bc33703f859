<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Taste;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\RequestStack;

/** How somebody likes to read: kept in the browser, since a phone in the dugout is not the laptop at home. */
final readonly class Taste
{
    /** What can be chosen, by the cookie's name; the first is what stands without a choice. */
    public const CHOICES = [
        'theme' => ['system', 'day', 'night'],
        'keys' => ['on', 'off'],
        'units' => ['feet', 'metric'],
        'hours' => ['24', '12'],
        'paper' => ['a4', 'letter'],
    ];

    public function __construct(private RequestStack $requests) {}

    public function of(string $name): string
    {
        $request = $this->requests->getMainRequest();

        return null === $request ? self::CHOICES[$name][0] : self::in($request, $name);
    }

    public function units(): Units
    {
        return Units::from($this->of('units'));
    }

    public static function in(Request $request, string $name): string
    {
        $chosen = $request->cookies->all()[$name] ?? null;

        return \in_array($chosen, self::CHOICES[$name], true) ? $chosen : self::CHOICES[$name][0];
    }
}
