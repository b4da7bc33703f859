<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Bunt;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Play\Clock\PlaySetting;

/** How the offence bunts: shown early to give a runner a base, or as a surprise. */
enum BuntKind: string
{
    /** Squared around before the pitch: everybody knows. */
    case Sacrifice = 'sacrifice';
    /** On the run, for a hit: the batter starts as a slapper does, and nobody has moved yet. */
    case Drag = 'drag';
    /** The runner on third leaves with the pitch; the batter must get it down. */
    case Squeeze = 'squeeze';

    public function label(): string
    {
        return match ($this) {
            self::Sacrifice => 'Shown early',
            self::Drag => 'As a surprise',
            self::Squeeze => 'Squeeze',
        };
    }

    /** @return list<self> that make sense with these runners */
    public static function in(Situation $situation): array
    {
        return match (true) {
            Outs::Two === $situation->outs => [self::Drag],
            $situation->bases->has(Base::Third) => [self::Sacrifice, self::Drag, self::Squeeze],
            default => [self::Sacrifice, self::Drag],
        };
    }

    /** The setting of a play that is bunted so. */
    public function change(PlaySetting $setting): PlaySetting
    {
        return match ($this) {
            self::Sacrifice => $setting->expecting(),
            self::Drag => $setting->surprised(),
            self::Squeeze => $setting->withRunnerGone(Base::Third),
        };
    }
}
