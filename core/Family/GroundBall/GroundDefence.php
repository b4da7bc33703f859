<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\GroundBall;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Ball\Hands;
use FoxCorner\Core\Play\Grid\BallFielded;
use FoxCorner\Core\Play\Grid\BallWay;
use FoxCorner\Core\Play\Grid\Covering;
use FoxCorner\Core\Play\Grid\GroundPlays;
use FoxCorner\Core\Play\Grid\GroundReach;
use FoxCorner\Core\Play\Grid\GroundSetting;
use FoxCorner\Core\Play\Grid\GroundTree;
use FoxCorner\Core\Play\Grid\Met;
use FoxCorner\Core\Play\Grid\ReachSearch;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Branch;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\JobKind;

/** A coverage in a setting, ready for any ground ball: what does not depend on the ball is reckoned once. */
final class GroundDefence
{
    private readonly GroundTree $tree;
    /** @var array<string, array<int, ReachSearch>> by hop and position number, as far as asked */
    private array $searches = [];

    private function __construct(
        public readonly Scene $scene,
        public readonly Coverage $coverage,
        public readonly GroundSetting $ground,
    ) {
        $this->tree = new GroundTree($ground, new GroundPlays($ground), (new WantedOut($scene, $ground))->among(...));
    }

    public static function of(Scene $scene, Coverage $coverage): self
    {
        $covering = Covering::by(self::sent($coverage), $scene->cast, $scene->rules->diamond(), $scene->level->motion);

        return new self($scene, $coverage, GroundSetting::of($scene, $covering));
    }

    public function play(GroundBallTrial $trial): GroundBallPlay
    {
        return GroundBallPlay::of($this->scene, $this->coverage, $trial, $this->fielding($trial));
    }

    public function fielding(GroundBallTrial $trial): GroundFielding
    {
        $way = BallWay::of($trial->ball, $this->ground->rules->basePath, $this->ground->level->motion);
        $past = $this->tree->past($this->ground->through->extraBases($trial->degrees, $trial->mph));
        $reaches = [];
        foreach ($this->searches($trial->hop) as $number => $search) {
            $reaches[$number] = GroundReach::of($search, $way, $trial->ball->directionX, $trial->ball->directionY);
        }
        $comes = $past;
        foreach (GroundReach::candidates($reaches, 0) as [$first, $second]) {
            $his = self::met($reaches[$first] ?? null, $way, $trial);
            if (null !== $his) {
                $behind = self::met($reaches[$second] ?? null, $way, $trial);
                $one = $this->tree->inHand($his)->with($this->lostTo($behind, $past));
                $comes = null === $comes->met || $one->cost < $comes->cost ? $one : $comes;
            }
        }
        if (null === $comes->met) {
            return new GroundFielding($this->ground, null, [], 1, $past);
        }
        if (Hop::Bobbled === $trial->hop) {
            return $this->bobbled($comes->met);
        }
        [$attempts, $goes] = $this->tree->weighed($comes->met);

        return new GroundFielding($this->ground, $comes->met, $attempts, $goes, $comes);
    }

    private function bobbled(Met $met): GroundFielding
    {
        $lost = Hands::PICKED_UP * $met->by->exchange;
        [$attempts, $goes] = $this->tree->weighed($met, $lost);

        return new GroundFielding($this->ground, $met, $attempts, $goes, $this->tree->pickedUp($met, $lost), $lost);
    }

    private function lostTo(?Met $behind, BallFielded $past): BallFielded
    {
        return null === $behind ? $past : GroundTree::behind($this->tree->inHand($behind)->with($past), $past);
    }

    private static function met(?GroundReach $reach, BallWay $way, GroundBallTrial $trial): ?Met
    {
        return null === $reach
            ? null
            : Met::of($reach->who, $way, $reach->along[0], $trial->ball->directionX, $trial->ball->directionY);
    }

    /** @return array<int, ReachSearch> of whoever the coverage lets field it */
    private function searches(Hop $hop): array
    {
        if (!isset($this->searches[$hop->value])) {
            $this->searches[$hop->value] = [];
            foreach ($this->coverage->fielders as $position) {
                $fielder = $this->ground->fielders[$position->value] ?? null;
                if (null !== $fielder) {
                    $this->searches[$hop->value][$position->value] = new ReachSearch(
                        $fielder->handling($hop->awkward()),
                        $this->ground,
                    );
                }
            }
        }

        return $this->searches[$hop->value];
    }

    /** @return \Closure(Base, Position): list<Position> whom it sends to a bag when somebody fields the ball */
    private static function sent(Coverage $coverage): \Closure
    {
        return static function (Base $base, Position $fielder) use ($coverage): array {
            $covers = [];
            foreach ($coverage->jobs(Branch::fieldedBy($fielder)) as $number => $jobs) {
                foreach ($jobs as $job) {
                    if (JobKind::Cover === $job->kind && $job->base === $base && $number <= 6) {
                        $covers[] = Position::from($number);
                    }
                }
            }

            return $covers;
        };
    }
}
