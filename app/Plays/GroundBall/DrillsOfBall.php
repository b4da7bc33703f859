<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\GroundBall;

use FoxCorner\Core\Family\GroundBall\Afterwards;
use FoxCorner\Core\Family\GroundBall\GroundBallTrial;
use FoxCorner\Core\Family\GroundBall\Hop;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;

/** The shipped drills that teach what one ground ball asks for. */
final class DrillsOfBall
{
    /** s from contact before which a ball at a corner cannot be got around: one hand (ours). */
    private const SUDDEN = 0.75;
    /** Of the base path: a throw to first from which it may come short (ours). */
    private const LONG = 0.9;

    /** @return list<Drill> in the order in which the ball asks for them; none when it goes through */
    public static function of(Timeline $play): array
    {
        $by = $play->fieldedBy();
        $trial = $play->trial;
        if (!($trial instanceof GroundBallTrial) || !\in_array($by, Position::INFIELD, true)) {
            return [];
        }
        $isCorner = Position::ThirdBase === $by || Position::FirstBase === $by;
        $speed = $trial->ball->speedAfter($play->fieldedAt());
        $keys = [
            'slow-rollers' => $speed < $play->setting->level->motion->slowBall,
            'one-hand-at-the-corner' => $isCorner && $play->fieldedAt() < self::SUDDEN,
            'read-the-hop' => Hop::True !== $trial->hop,
            ...self::after($play),
        ];

        $asked = array_keys(array_filter($keys));

        return array_map(ShippedDrills::get(...), [] === $asked ? ['sure-out'] : $asked);
    }

    /** @return array<string, bool> by drill: whether what is done with the ball asks for it */
    private static function after(Timeline $play): array
    {
        $leg = $play->legs[0];
        $called = $play->called()->base;
        $besides = Afterwards::of($play);
        $feet = $leg->from->at->distanceTo($play->setting->bag($called));
        $isForTwo = $play->isForTwo() && Base::Second === $called;
        $by = $play->fieldedBy();

        return [
            'around-the-horn' => $isForTwo && Position::ThirdBase === $by,
            'three-six-three' => $isForTwo && Position::FirstBase === $by,
            'pivots-second' => $isForTwo && Position::SecondBase === $play->called()->cover,
            'pivots-short' => $isForTwo && Position::Shortstop === $play->called()->cover,
            'short-hops-at-first' => Base::First === $called && $feet > self::LONG * $play->setting->rules->basePath,
            'throw-home' => Base::Home === $called,
            'look-him-back' => Afterwards::LookBack === $besides,
            'feint-first-look-third' => Afterwards::FeintAndLook === $besides,
        ];
    }
}
