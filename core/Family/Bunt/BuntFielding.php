<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Bunt;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Motion\Intercept;
use FoxCorner\Core\Motion\RollingBall;
use FoxCorner\Core\People\PitcherFielding;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Ball\Possession;
use FoxCorner\Core\Play\Errand\GroundErrands;
use FoxCorner\Core\Play\Scene\PlaySetting;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/**
 * Who has the bunt: of those who are there almost together the one who can throw to first soonest, as the catcher
 * calls it.
 */
final readonly class BuntFielding
{
    /** s by which the others must be later before one in reserve takes it (ours). */
    private const CLEARLY_LATER = 0.6;
    /** s; who are there this close together leave it to the one whom the catcher calls (ours). */
    private const TOGETHER = 0.25;

    /** @throws Problem when nobody of the coverage reaches it */
    public static function of(PlaySetting $setting, Coverage $coverage, RollingBall $ball): Possession
    {
        $there = $reserve = [];
        foreach ($coverage->fielders as $position) {
            $one = self::possession($position, $setting, $coverage, $ball);
            if (null !== $one) {
                $isKept =
                    \in_array($position, $coverage->reserve, true) ||
                    (Position::Pitcher === $position &&
                        PitcherFielding::HatesToThrow === $one->by->player->traits->fielding);
                $isKept ? ($reserve[] = $one) : ($there[] = $one);
            }
        }
        $first = self::called($there, $setting);
        $second = self::called($reserve, $setting);
        if (null !== $second && (null === $first || $first->seconds - $second->seconds > self::CLEARLY_LATER)) {
            return $second;
        }

        return $first ??
            throw Refused::because(
                'coverage',
                "nobody of “{$coverage->name}” gets to the bunt",
                'fielders who can be there within eight seconds',
            );
    }

    private static function possession(
        Position $position,
        PlaySetting $setting,
        Coverage $coverage,
        RollingBall $ball,
    ): ?Possession {
        [$motion, $skills] = [$setting->level->motion, $setting->level->skills];
        $who = GroundErrands::leaving($setting->cast->at($position), $coverage, $setting->scene);
        $met = Intercept::of($who->start, $who->legs, $who->reaction, $motion->reach, $ball);

        return null === $met
            ? null
            : Possession::ofBall(
                $who,
                $met->point,
                $met->seconds,
                $ball->speedAfter($met->seconds),
                $motion,
                $skills->perfect ? 0.0 : $skills->hands,
            );
    }

    /** @param list<Possession> $there who reach it */
    private static function called(array $there, PlaySetting $setting): ?Possession
    {
        $earliest = \INF;
        foreach ($there as $one) {
            $earliest = min($earliest, $one->seconds);
        }
        [$best, $ready] = [null, \INF];
        foreach ($there as $one) {
            if ($one->seconds - $earliest > self::TOGETHER) {
                continue;
            }
            $seconds = $setting->throwing->to($one, $setting->bag(Base::First))->released;
            if ($seconds < $ready) {
                [$best, $ready] = [$one, $seconds];
            }
        }

        return $best;
    }
}
