<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan\Codec;

use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\People\PositionGroup;

/** A plan's document of the second version, in which a depth was one for both of a group, as the third has it. */
final class SecondVersion
{
    public static function upgraded(Fields $document): Fields
    {
        $values = $document->all();
        $values['version'] = 3;
        $depths = $document->within('depths');
        $infield = $depths->within('infield')->all();
        if ([] !== $infield) {
            $by = [];
            foreach ([PositionGroup::Middle, PositionGroup::Corners] as $group) {
                foreach (isset($infield[$group->value]) ? $group->positions() : [] as $position) {
                    $by[$position->value] = $infield[$group->value];
                }
            }
            $values['depths'] = ['infield' => $by] + $depths->all();
        }

        return Fields::of($values);
    }
}
