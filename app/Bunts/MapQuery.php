<?php

declare(strict_types=1);

namespace FoxCorner\App\Bunts;

use FoxCorner\Core\Alignment\NamedDepth;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Field\Surface;
use FoxCorner\Core\InvalidValue;
use Symfony\Component\HttpFoundation\InputBag;

/** What else a map of bunts is asked with: a second coverage, another ground, the corners at another depth. */
final readonly class MapQuery
{
    public const CORNERS = [NamedDepth::Normal, NamedDepth::DoublePlay, NamedDepth::Bunt];

    private function __construct(public ?string $with, public ?Surface $surface, public ?NamedDepth $corners)
    {
    }

    /**
     * @param InputBag<string> $query
     *
     * @throws InvalidValue
     */
    public static function read(InputBag $query): self
    {
        [$with, $surface, $corners] = [$query->getString('with'), $query->getString('surface'), $query->getString('corners')];

        return new self(
            '' === $with ? null : $with,
            '' === $surface ? null : Surface::tryFrom($surface) ?? throw InvalidValue::notOneOf('surface', $surface, array_column(Surface::cases(), 'value')),
            '' === $corners ? null : NamedDepth::tryFrom($corners) ?? throw InvalidValue::notOneOf('corners', $corners, array_column(self::CORNERS, 'value')),
        );
    }

    public function rules(RuleSet $rules): RuleSet
    {
        return null === $this->surface ? $rules : $rules->with(surface: $this->surface, grassInfield: true);
    }

    /**
     * @param array<string, string|null> $changes
     *
     * @return array<string, string>
     */
    public function with(array $changes = []): array
    {
        return array_filter([...['with' => $this->with, 'surface' => $this->surface?->value, 'corners' => $this->corners?->value], ...$changes], is_string(...));
    }
}
