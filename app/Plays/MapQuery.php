<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays;

use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Field\Surface;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Unknown;
use Symfony\Component\HttpFoundation\InputBag;

/** What else a map is asked with: a second coverage, another ground, the corners at another depth. */
final readonly class MapQuery
{
    /** At which the corners can be looked at. */
    public const CORNERS = [NamedDepth::Normal, NamedDepth::DoublePlay, NamedDepth::Bunt];

    private function __construct(public ?string $with, public ?Surface $surface, public ?NamedDepth $corners) {}

    /**
     * @param InputBag<string> $query
     *
     * @throws Problem
     */
    public static function read(InputBag $query): self
    {
        [$with, $surface, $corners] = [
            $query->getString('with'),
            $query->getString('surface'),
            $query->getString('corners'),
        ];

        return new self(
            '' === $with ? null : $with,
            '' === $surface ? null : Unknown::oneOf(Surface::class, $surface, 'surface'),
            '' === $corners
                ? null
                : NamedDepth::tryFrom($corners) ??
                    throw Unknown::notOneOf('corners', $corners, array_column(self::CORNERS, 'value')),
        );
    }

    public function rules(RuleSet $rules): RuleSet
    {
        return null === $this->surface ? $rules : $rules->with(surface: $this->surface, grassInfield: true);
    }

    public function plan(SituationPlan $plan): SituationPlan
    {
        $depths =
            null === $this->corners
                ? []
                : [Position::FirstBase->value => $this->corners, Position::ThirdBase->value => $this->corners];

        return $plan->atDepths($depths, 'Looked at.');
    }

    /** @return array<string, string> parameters of an address, without the second coverage */
    public function ground(): array
    {
        return array_filter(['surface' => $this->surface?->value, 'corners' => $this->corners?->value], is_string(...));
    }
}
