<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Play\Ball\Reached;
use FoxCorner\Core\Play\Cast\BaseRunner;

/**
 * How far off his base a runner may be when a fly is caught, and still be back before the ball: beyond, he is doubled
 * off.
 */
final readonly class MayStray
{
    /** @param float $feet never more than to the next base */
    private function __construct(public Base $base, public float $feet) {}

    /**
     * On a fly caught there.
     *
     * @return list<self> first base first; none with nobody on or two out
     */
    public static function all(OutfieldDefence $defence, Point $at): array
    {
        $play = $defence->play(OutfieldTrial::hit($at, Flight::Fly, $defence->setting->rules, Reached::Caught));
        if ([] === $play->runners) {
            return [];
        }

        return array_map(
            static fn(BaseRunner $runner): self => new self(
                $runner->base,
                min(
                    $defence->setting->rules->basePath,
                    BaseRunner::DIVES +
                        $runner->legs->distanceAfter(
                            $play->ways->to($runner->base)->held() - $play->ball->seconds - BaseRunner::TURNS,
                        ),
                ),
            ),
            $defence->setting->runners,
        );
    }
}
