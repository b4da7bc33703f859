<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Live;

/** Why a practice stands still. */
enum PauseReason: string
{
    case Water = 'water';
    case Rain = 'rain';
    case Lightning = 'lightning';
    case Talk = 'talk';

    public function label(): string
    {
        return $this->name;
    }

    /** What everybody is told meanwhile. */
    public function says(): string
    {
        return match ($this) {
            self::Water => 'Water. In the shade, if there is any.',
            self::Rain => 'Under the roof. Wet ground: shorter steps when it goes on.',
            self::Lightning => 'Off the field, into a building or a closed car, away from fence and backstop. ' .
                'Usual: 30 ' .
                'minutes after the last thunder. Your league and the field’s owner decide.',
            self::Talk => 'Hands on knees, listen.',
        };
    }
}
