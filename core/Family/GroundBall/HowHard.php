<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\GroundBall;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Clock\Timeline;

/** What "hit hard at somebody" means in a situation: from which speed on more than the out at first is wanted. */
final readonly class HowHard
{
    /** Of the level's ordinary ground ball: the softest and the hardest tried. */
    private const SOFTEST = 0.4;
    private const HARDEST = 1.4;
    /** mph between two tries. */
    private const STEP = 2;

    /**
     * @param float|null $two  mph off the bat from which two cost least and come one time in three; null: never
     * @param float|null $home mph from which the throw home costs least, the runner gone; null: never
     */
    private function __construct(public Position $at, public ?float $two, public ?float $home) {}

    /** @return list<self> by whom the ball is hit at; none where nothing but first is wanted of any of them */
    public static function all(GroundDefence $defence): array
    {
        $rows = array_map(static fn(Position $at): self => self::of($defence, $at), Starter::WHO);
        $isWanted = static fn(self $one): bool => null !== $one->two || null !== $one->home;

        return [] === array_filter($rows, $isWanted) ? [] : $rows;
    }

    private static function of(GroundDefence $defence, Position $at): self
    {
        $scene = $defence->scene;
        $degrees = Starter::toward($scene, $at);
        $usual = $scene->level->groundBallSpeed;
        $two = $home = null;
        for ($mph = round(self::SOFTEST * $usual); $mph <= self::HARDEST * $usual; $mph += self::STEP) {
            $fielding = $defence->fielding(GroundBallTrial::hit($degrees, $mph, $scene->rules));
            // A soft one is somebody else's.
            $isHis = $fielding->met?->by->number === $at->value;
            $best = $isHis ? $fielding->leastCost() : null;
            if (null !== $best && $best->both >= Timeline::TWO_FROM) {
                $two ??= $mph;
            } elseif (Base::Home === $best?->aim->bag) {
                $home ??= $mph;
            }
        }

        return new self($at, $two, $home);
    }
}
