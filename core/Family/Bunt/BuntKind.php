<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Bunt;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Play\Cast\RunnerMind;
use FoxCorner\Core\Play\Scene\PlaySetting;
use FoxCorner\Core\Play\Scene\Scene;

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

    /** A play that is bunted so, and whose runners see it on the ground first. */
    public function setting(Scene $scene): PlaySetting
    {
        $running = static fn(Scene $scene): PlaySetting => PlaySetting::running(
            $scene,
            static fn(Base $base): RunnerMind => RunnerMind::ReadsBunt,
        );

        return match ($this) {
            self::Sacrifice => $running(self::leaning($scene)),
            self::Drag => $running(self::surprised($scene))->batterStarting($scene->level->motion->startSlap),
            self::Squeeze => $running($scene)->withRunnerGone(Base::Third),
        };
    }

    /** They saw the batter square around, and lean the way they will go as the ball comes down. */
    public static function leaning(Scene $scene): Scene
    {
        return $scene->with($scene->cast->sooner($scene->level->motion->buntShown));
    }

    /** Nobody knew what was coming. */
    private static function surprised(Scene $scene): Scene
    {
        $motion = $scene->level->motion;

        return $scene->with($scene->cast->surprised($motion->infieldReaction + $motion->surprise));
    }
}
