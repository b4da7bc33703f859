<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan\Codec;

use FoxCorner\App\Shared\Json\Fields;

/** A plan's document of the third version, in which a bunt's signs stood beside the plays, as the fourth has it. */
final class ThirdVersion
{
    public static function upgraded(Fields $document): Fields
    {
        $values = $document->all();
        $values['version'] = 4;
        $settings = $document->within('bunt_points')->all();
        foreach ($document->within('bunt_mix')->all() as $intent => $times) {
            $settings["times_$intent"] = $times;
        }
        if ([] !== $settings) {
            $plays = $document->within('plays');
            $values['plays'] = ['bunt' => ['settings' => $settings] + $plays->within('bunt')->all()] + $plays->all();
        }

        return Fields::of(array_diff_key($values, ['bunt_points' => true, 'bunt_mix' => true]));
    }
}
