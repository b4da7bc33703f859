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
 * Who can have the bunt: of those who are there almost together the one who can throw to first soonest, as the catcher
 * calls it; and likewise of those whom the coverage keeps in reserve.
 */
final readonly class BuntFielding
{
    /** s; who are there this close together leave it to the one whom the catcher calls (ours). */
    private const TOGETHER = 0.25;

    /**
     * @return non-empty-list<Possession> whose it is first; then, if there is another, who waits whether he must
     *
     * @throws Problem when nobody of the coverage reaches it
     */
    public static function of(PlaySetting $setting, Coverage $coverage, RollingBall $ball): array
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
        $who = array_values(array_filter([self::called($there, $setting), self::called($reserve, $setting)]));

        return [] === $who
            ? throw Refused::because(
                'coverage',
                "nobody of “{$coverage->name}” gets to the bunt",
                'fielders who can be there within eight seconds',
            )
            : $who;
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
