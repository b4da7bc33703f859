<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\Running;

use FoxCorner\App\Plan\Address\SituationAddress;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Play\Scheme\Kind;
use FoxCorner\Core\Runs\PlayCost;

/** The controls of a play of which everything is picked from a handful: each field of its trial is a {@see Kind}. */
abstract readonly class KindControls extends RunnersControls
{
    /** @param non-empty-array<string, array{string, list<Kind>}> $kinds by field: its name, and what there is */
    protected function __construct(PlayFamily $family, private array $kinds)
    {
        parent::__construct($family, array_combine(array_keys($kinds), array_keys($kinds)));
    }

    public function choices(SituationAddress $address, PlannedPlay $play, PlayCost $cost): KindChoices
    {
        $fields = $this->trial($address->trial, $play->plan->scene())->fields();
        $groups = [];
        foreach ($this->kinds as $field => [$label, $kinds]) {
            $options = [];
            foreach ($kinds as $kind) {
                $options[$kind->value] = $kind->label();
            }
            $groups[] = ChoiceGroup::of($label, $field, $options, (string) $fields[$field], $address);
        }

        return new KindChoices($groups);
    }

    public function folder(): string
    {
        return 'plays/running';
    }
}
