<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Bunt;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Motion\MotionProfile;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Cast\Cast;
use FoxCorner\Core\Play\Cast\CastMember;
use FoxCorner\Core\Play\Grid\GridPlays;
use FoxCorner\Core\Play\Grid\GroundBalls;
use FoxCorner\Core\Play\Grid\GroundPlays;
use FoxCorner\Core\Play\Grid\GroundReach;
use FoxCorner\Core\Play\Grid\GroundSetting;
use FoxCorner\Core\Play\Grid\GroundTree;
use FoxCorner\Core\Play\Grid\PastInfield;
use FoxCorner\Core\Play\Grid\ReachSearch;
use FoxCorner\Core\Play\Grid\Spray;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Branch;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Runs\PlayCost;

/**
 * A swing at a defence that was on its way to a bunt: those who charge or run to a bag go on until they see the ball,
 * then they have to stop. Who leaves with the pitch is farther gone, and faster.
 */
final class SwungAt
{
    /** ft straight in front of the plate: where those go who charge. */
    private const CHARGE = 8.0;

    /** @var \WeakMap<Cast, array{PlayCost, array<string, float>}>|null by speed and spray, once asked */
    private static ?\WeakMap $unmoved = null;

    private readonly PlayCost $cost;

    public function __construct(private readonly Scene $scene, private readonly Coverage $coverage)
    {
        $this->cost = $scene->cost ?? throw new \LogicException('Nothing was asked of cost.');
    }

    /**
     * What a ground ball costs more, on average, than had nobody thought of a bunt.
     *
     * @param bool  $isShown whether everybody saw the batter square around
     * @param float $of      of the level's ordinary speed off the bat
     */
    public function more(bool $isShown, Spray $spray, float $of): float
    {
        $moved = $this->moved($isShown);

        return $moved === $this->scene->cast ? 0.0 : $this->cost($moved, $spray, $of) - $this->unmoved($spray, $of);
    }

    /** The same for all coverages of a situation, and asked once. */
    private function unmoved(Spray $spray, float $of): float
    {
        $known = self::known()[$this->scene->cast] ?? null;
        $costs = null !== $known && $known[0] === $this->cost ? $known[1] : [];
        $key = implode('/', [$of, ...$spray->shares]);
        $costs[$key] ??= $this->cost($this->scene->cast, $spray, $of);
        self::known()[$this->scene->cast] = [$this->cost, $costs];

        return $costs[$key];
    }

    /** @return \WeakMap<Cast, array{PlayCost, array<string, float>}> */
    private static function known(): \WeakMap
    {
        return self::$unmoved ??= new \WeakMap();
    }

    private function cost(Cast $cast, Spray $spray, float $of): float
    {
        $ground = GroundSetting::of($this->scene->with($cast));
        $balls = GroundBalls::few($spray, $this->scene->rules, $this->scene->level, $of);
        $reaches = [];
        foreach ($ground->fielders as $number => $fielder) {
            $reaches[$number] = GroundReach::against(new ReachSearch($fielder, $ground), $balls);
        }
        $tree = new GroundTree($ground, new GroundPlays($ground));

        return (new GridPlays($tree, $balls, $reaches))->cost(PastInfield::of($tree, $ground->through, $balls)->balls);
    }

    /** The nine as they are when they see that the ball is hit. */
    private function moved(bool $isShown): Cast
    {
        $motion = $this->scene->level->motion;
        $cast = $this->scene->cast;
        foreach (Position::INFIELD as $position) {
            $isEarly = \in_array($position, $this->coverage->early, true);
            $to = $isEarly || $isShown ? $this->goes($position) : null;
            if (null !== $to) {
                $off = $isEarly ? $motion->earlyStart : 0.0;
                $cast = $cast->with(self::onTheWay($cast->at($position), $to, $off, $motion));
            }
        }

        return $cast;
    }

    /** @param float $off s before contact at which he left */
    private static function onTheWay(CastMember $who, Point $to, float $off, MotionProfile $motion): CastMember
    {
        $gone = min($who->start->distanceTo($to), $who->legs->distanceAfter($off + $motion->infieldReaction));

        return $who->movedTo($who->start->toward($to, $gone), $motion->infieldReaction + $motion->turnBackLoss);
    }

    /** Where he runs when the batter shows a bunt; null: he stays, or he is there. */
    private function goes(Position $position): ?Point
    {
        if (Position::Pitcher === $position || Position::Catcher === $position) {
            return null;
        }
        if (\in_array($position, $this->coverage->fielders, true)) {
            return \in_array($position, $this->coverage->reserve, true) ? null : Point::of(0.0, self::CHARGE);
        }
        foreach ($this->coverage->jobs(Branch::fieldedBy(Position::Pitcher))[$position->value] ?? [] as $job) {
            if (null !== $job->base) {
                return $this->scene->bag($job->base);
            }
        }

        return null;
    }
}
