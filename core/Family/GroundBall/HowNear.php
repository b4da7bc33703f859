<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\GroundBall;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Grid\Attempt;

/** How near to a bag whoever has the ball steps on it himself rather than give it away. */
final readonly class HowNear
{
    private const BAGS = [
        [Position::Shortstop, Base::Second],
        [Position::SecondBase, Base::Second],
        [Position::ThirdBase, Base::Third],
        [Position::FirstBase, Base::First],
    ];

    /** @param float $feet from the bag, of the farthest ball that he takes there himself */
    private function __construct(public Position $who, public Base $bag, public float $feet) {}

    /** @return list<self> for ordinary ground balls; only bags at which an out is to be had without a tag */
    public static function all(GroundDefence $defence): array
    {
        $all = [];
        foreach (self::BAGS as [$who, $bag]) {
            $feet = self::farthest($defence, $who, $bag);
            if (null !== $feet) {
                $all[] = new self($who, $bag, $feet);
            }
        }

        return $all;
    }

    /** Balls are hit from where he stands on toward the bag, a degree apart. */
    private static function farthest(GroundDefence $defence, Position $who, Base $bag): ?float
    {
        $scene = $defence->scene;
        $at = $scene->bag($bag);
        $from = round(Starter::toward($scene, $who));
        $to = round(max(-Diamond::FAIR, min(Diamond::FAIR, $at->sprayDegrees())));
        $farthest = null;
        foreach (range($from, $to) as $degrees) {
            $trial = GroundBallTrial::hit($degrees, $scene->level->groundBallSpeed, $scene->rules);
            $fielding = $defence->fielding($trial);
            $isHis = $fielding->met?->by->number === $who->value;
            if (null !== $fielding->met && $isHis && self::takesItHimself($fielding->attempts, $bag)) {
                $farthest = max($farthest ?? 0.0, $fielding->met->at()->distanceTo($at));
            }
        }

        return $farthest;
    }

    /** @param list<Attempt> $attempts */
    private static function takesItHimself(array $attempts, Base $bag): bool
    {
        foreach ($attempts as $one) {
            if ($one->aim->bag === $bag && $one->aim->isForce && $one->carried) {
                return true;
            }
        }

        return false;
    }
}
