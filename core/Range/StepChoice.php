<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range;

use FoxCorner\Core\Alignment\Depth\DepthSpot;
use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Cast\Cast;

/** The steps that infielders may take. Nobody is moved to where a ball hit hard is there before he can react. */
final readonly class StepChoice
{
    private const ALONG = [[1, 0], [-1, 0], [0, 1], [0, -1]];

    /** @var list<Position> who may move */
    public array $movable;

    /**
     * @param float          $closest  ft from home plate, nearer than which nobody is moved
     * @param list<Position> $fixed    who stays
     * @param int            $farthest half paces that anybody may be moved along one direction
     */
    public function __construct(
        private Cast $cast,
        private Diamond $diamond,
        private float $closest,
        array $fixed,
        private int $farthest,
    ) {
        $this->movable = array_values(
            array_filter(
                Position::INFIELDERS,
                static fn(Position $position): bool => !\in_array($position, $fixed, true),
            ),
        );
    }

    /** @return list<Step> straight out, from half a pace to the reach */
    public function of(Position $position): array
    {
        $steps = [];
        foreach (array_unique([1, (int) ceil($this->farthest / 2), $this->farthest]) as $far) {
            foreach (self::ALONG as [$off, $back]) {
                $steps[] = $this->step($position, $far * $off, $far * $back);
            }
        }

        return $this->allowed($steps);
    }

    /** @return list<Step> half a pace on from one, within the reach */
    public function next(Step $step): array
    {
        $steps = [];
        foreach (self::ALONG as [$off, $back]) {
            [$toOff, $toBack] = [$step->off + $off, $step->back + $back];
            if (max(abs($toOff), abs($toBack)) <= $this->farthest && [0, 0] !== [$toOff, $toBack]) {
                $steps[] = $this->step($step->position, $toOff, $toBack);
            }
        }

        return $this->allowed($steps);
    }

    /** @return list<Step> half a pace on from one that is at the reach, beyond it */
    public function beyond(Step $step): array
    {
        $steps = [];
        foreach ([[$step->off, 0], [0, $step->back]] as [$off, $back]) {
            if (abs($off + $back) >= $this->farthest) {
                $steps[] = $this->step($step->position, $step->off + ($off <=> 0), $step->back + ($back <=> 0));
            }
        }

        return $this->allowed($steps);
    }

    /**
     * @param list<Step> $steps
     *
     * @return list<Step>
     */
    private function allowed(array $steps): array
    {
        $home = Point::home();

        return array_values(
            array_filter(
                $steps,
                fn(Step $step): bool => $step->to->distanceTo($home) >=
                    min($this->closest, $this->cast->at($step->position)->start->distanceTo($home)),
            ),
        );
    }

    /** So many half paces from where he stands. */
    private function step(Position $position, int $off, int $back): Step
    {
        $who = $this->cast->at($position);
        $now = DepthSpot::at($position, $who->start, $this->diamond);
        $half = $who->player->traits->pace() / 2;

        return new Step(
            $position,
            $off,
            $back,
            DepthSpot::of($position, $now->off + $off * $half, $now->back + $back * $half, $this->diamond)->point(),
        );
    }
}
