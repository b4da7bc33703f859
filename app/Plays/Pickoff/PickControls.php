<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\Pickoff;

use FoxCorner\App\Plan\Address\SituationAddress;
use FoxCorner\App\Plays\Running\RunnersControls;
use FoxCorner\Core\Family\Pickoff\PickoffFamily;
use FoxCorner\Core\Family\Pickoff\Picks;
use FoxCorner\Core\Family\Pickoff\PickTrial;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Runs\PlayCost;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;
use Symfony\Component\HttpFoundation\InputBag;

/** A throw behind a runner in an address: "pick", "bag", "off" in feet, "sign", "used". */
#[AutoconfigureTag('fox.family_controls')]
final readonly class PickControls extends RunnersControls
{
    public function __construct()
    {
        parent::__construct(new PickoffFamily(), [
            'pick' => 'kind',
            'bag' => 'base',
            'off' => 'lead',
            'sign' => 'sign',
            'used' => 'used',
        ]);
    }

    public function read(InputBag $query): array
    {
        // An empty sign is one, too: none is agreed.
        return parent::read($query) + ($query->has('sign') ? ['sign' => ''] : []);
    }

    public function choices(SituationAddress $address, PlannedPlay $play, PlayCost $cost): PickChoices
    {
        return new PickChoices($address, $play, $this->trial($address->trial, $play->plan->scene()), $cost);
    }

    public function trial(array $carried, Scene $scene): PickTrial
    {
        // Another bag has other throws: what was picked before need not be thrown there.
        $base = $carried['bag'] ?? null;
        $trial = parent::trial(array_diff_key($carried, null === $base ? [] : ['bag' => true]), $scene);
        $wanted = $trial instanceof PickTrial ? $trial : throw new \LogicException('It is a pick.');
        foreach (Picks::open($scene->situation->bases, $scene->rules) as $open) {
            if ($open->base->word() === ($base ?? $wanted->base->word()) && $open->kind === $wanted->kind) {
                return PickTrial::thrown($open->kind, $open->base, $wanted->lead, $wanted->sign, $wanted->used);
            }
        }
        foreach (Picks::open($scene->situation->bases, $scene->rules) as $open) {
            if ($open->base->word() === $base) {
                return $open;
            }
        }

        return Picks::near($wanted, $scene->situation->bases, $scene->rules) ?? $wanted;
    }

    protected function usual(GameState $state): array
    {
        return Picks::near(null, $state->situation->bases, $state->rules)?->fields() ?? [];
    }
}
