<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\Running;

use FoxCorner\App\Plan\Address\Choice;
use FoxCorner\App\Plan\Address\SituationAddress;

/** Several things of which one is picked, with what they are together. */
final readonly class ChoiceGroup
{
    /** @param list<Choice> $choices */
    private function __construct(public string $label, public array $choices) {}

    /**
     * @param string                    $parameter of the address
     * @param array<int|string, string> $options   label by value
     * @param string                    $here      the value that is shown
     */
    public static function of(
        string $label,
        string $parameter,
        array $options,
        string $here,
        SituationAddress $address,
    ): self {
        $choices = [];
        foreach ($options as $value => $name) {
            $choices[] = new Choice(
                "$parameter-$value",
                $name,
                $address->with([$parameter => (string) $value]),
                $here === (string) $value,
            );
        }

        return new self($label, $choices);
    }
}
