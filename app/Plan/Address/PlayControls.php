<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan\Address;

use FoxCorner\Core\Play\Contract\PlayFamilies;
use FoxCorner\Core\Play\Contract\PlayFamily;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;

/** The families of plays with the controls of each. */
final readonly class PlayControls
{
    /** @var array<string, FamilyControls> by the family's key */
    private array $controls;

    /** @param iterable<FamilyControls> $own of the families that have their own */
    public function __construct(public PlayFamilies $families, #[AutowireIterator('fox.family_controls')] iterable $own)
    {
        $controls = [];
        foreach ($families->all() as $family) {
            $controls[$family->key()] = new SampleControls($family);
        }
        foreach ($own as $one) {
            $controls[$one->family()] = $one;
        }
        $this->controls = $controls;
    }

    /** @return array<string, FamilyControls> by the family's key */
    public function all(): array
    {
        return $this->controls;
    }

    public function of(PlayFamily $family): FamilyControls
    {
        return $this->controls[$family->key()];
    }
}
