<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\GroundBall;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Clock\PlaySetting;
use FoxCorner\Core\Play\Fielding\Attempt;
use FoxCorner\Core\Play\Fielding\BallFielded;
use FoxCorner\Core\Play\Fielding\BallWay;
use FoxCorner\Core\Play\Fielding\Covering;
use FoxCorner\Core\Play\Fielding\GroundPlays;
use FoxCorner\Core\Play\Fielding\GroundReach;
use FoxCorner\Core\Play\Fielding\GroundSetting;
use FoxCorner\Core\Play\Fielding\GroundTree;
use FoxCorner\Core\Play\Fielding\Met;
use FoxCorner\Core\Play\Scheme\Branch;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\JobKind;
use FoxCorner\Core\Runs\PlayCost;

/** One ground ball against a coverage: whose it is, what he could do with it, and what it comes to on average. */
final readonly class GroundFielding
{
    /**
     * @param Met|null      $met      null: it goes through
     * @param list<Attempt> $attempts what could be done with it; none when it goes through
     * @param int           $goes     1 when the runner who need not go does
     */
    private function __construct(
        public GroundSetting $setting,
        public ?Met $met,
        public array $attempts,
        public int $goes,
        public BallFielded $comes,
    ) {}

    public static function of(PlaySetting $setting, Coverage $coverage, GroundBallTrial $trial): self
    {
        $ground = self::setting($setting, $coverage);
        $way = BallWay::of($trial->ball, $ground->rules->basePath, $ground->level->motion->slowBall);
        [$sine, $cosine] = [$trial->ball->directionX, $trial->ball->directionY];
        $plays = new GroundPlays($ground);
        $tree = new GroundTree($ground, $plays, (new WantedOut($setting->policy, $ground))->among(...));
        $past = $tree->past($trial->degrees);
        $reaches = [];
        foreach ($coverage->fielders as $position) {
            $fielder = $ground->fielders[$position->value] ?? null;
            if (null !== $fielder) {
                $fielder = $fielder->handling($trial->hop->awkward());
                $reaches[$position->value] = GroundReach::of($fielder, $ground, [$way], [$sine], [$cosine]);
            }
        }
        [$first, $second] = GroundReach::foremost($reaches, 0);
        $met = static function (int $number) use ($reaches, $way, $sine, $cosine): ?Met {
            $reach = $reaches[$number] ?? null;

            return null === $reach ? null : Met::of($reach->who, $way, $reach->along[0], $sine, $cosine);
        };
        $his = $met($first);
        if (null === $his) {
            return new self($ground, null, [], 1, $past);
        }
        $behind = $met($second);
        $attempts = $plays->attempts($his);

        return new self(
            $ground,
            $his,
            $attempts,
            $tree->goes($attempts),
            $tree->of($his, null === $behind ? $past : GroundTree::behind($tree->of($behind, $past), $past)),
        );
    }

    private static function setting(PlaySetting $setting, Coverage $coverage): GroundSetting
    {
        $level = $setting->level;
        $sent = static function (Base $base, Position $fielder) use ($coverage): array {
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

        return GroundSetting::of(
            $setting->state,
            $level,
            $setting->cast,
            $setting->cost ?? PlayCost::inRuns($level->chain()),
            Covering::by($sent, $setting->cast, $setting->rules->diamond(), $level->motion),
        );
    }
}
