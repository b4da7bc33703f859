<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Markup;

use Twig\Extension\AbstractExtension;
use Twig\Runtime\EscaperRuntime;
use Twig\TwigFunction;

/** Attributes that a tag has or has not, in templates: attributes({'aria-current': isHere ? 'true' : null}). */
final class AttributesExtension extends AbstractExtension
{
    public function __construct(private readonly EscaperRuntime $escaper = new EscaperRuntime()) {}

    public function getFunctions(): array
    {
        return [new TwigFunction('attributes', $this->attributes(...), ['is_safe' => ['html']])];
    }

    /** @param array<string, bool|float|int|string|null> $values what is null or false is left out; true has no value */
    public function attributes(array $values): string
    {
        $written = '';
        foreach ($values as $name => $value) {
            if (null === $value || false === $value) {
                continue;
            }
            $written .= ' ' . $this->written($name, 'html_attr');
            if (true !== $value) {
                $written .= '="' . $this->written((string) $value, 'html') . '"';
            }
        }

        return ltrim($written);
    }

    private function written(string $text, string $as): string
    {
        $escaped = $this->escaper->escape($text, $as);

        return \is_string($escaped) ? $escaped : throw new \LogicException('Text is escaped to text.');
    }
}
