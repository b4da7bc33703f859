<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Cast\Cast;
use FoxCorner\Core\Play\Grid\BallFielded;
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

/** Works out what an alignment gets of a batter's ground balls, and again quickly when one fielder moves. */
final readonly class RangeMap
{
    /**
     * @param array<int, GroundReach>               $reaches by position number
     * @param list<BallFielded>                     $fielded by ball
     * @param list<non-empty-list<array{int, int}>> $by      likewise: whose it may be, and who is behind each
     * @param PastInfield                           $past    what becomes of those that nobody has
     */
    private function __construct(
        public RangeSummary $summary,
        private GroundSetting $setting,
        private GroundBalls $balls,
        private array $reaches,
        private GridPlays $plays,
        private array $fielded,
        private array $by,
        private PastInfield $past,
    ) {}

    /** @param Scene $scene with what plays cost; else by the level's runs */
    public static function of(Scene $scene): self
    {
        $setting = GroundSetting::of($scene);

        return self::against(
            $setting,
            GroundBalls::of(Spray::of($scene->state->context), $scene->rules, $scene->level),
            $scene->cast,
        );
    }

    /**
     * The same alignment against a few balls only: quick, and good enough to tell what is worth trying in full.
     *
     * @param Cast $cast of the alignment
     */
    public function coarse(Cast $cast): self
    {
        $spray = Spray::of($this->setting->state->context);

        return self::against(
            $this->setting,
            GroundBalls::coarse($spray, $this->setting->rules, $this->setting->level),
            $cast,
        );
    }

    private static function against(GroundSetting $setting, GroundBalls $balls, Cast $cast): self
    {
        $reaches = [];
        foreach ($setting->fielders as $number => $fielder) {
            $reaches[$number] = GroundReach::against(new ReachSearch($fielder, $setting), $balls);
        }

        return self::fromReaches($setting, $balls, $cast, $reaches);
    }

    /**
     * One of its balls, played again.
     *
     * @return array{BallFielded, float, float} what becomes of it; mph off the bat; degrees
     */
    public function ball(int $direction, int $speed): array
    {
        return [
            $this->fielded[$direction * \count($this->balls->speeds) + $speed],
            $this->balls->speeds[$speed],
            $this->balls->sprays[$direction],
        ];
    }

    /** The map with one fielder somewhere else; only what he changes is reckoned anew. */
    public function moved(Cast $cast, Position $position): self
    {
        $setting = $this->setting->moved($cast, $position);
        $reaches = $covered = [];
        foreach ($setting->fielders as $number => $fielder) {
            $until = $number === $position->value ? null : $setting->covered($this->setting, $number);
            $before = null === $until ? null : $this->reaches[$number];
            $reaches[$number] =
                null !== $before && $before->isFreeOf($until)
                    ? $before
                    : GroundReach::against(new ReachSearch($fielder, $setting), $this->balls, $before, $until ?? 0.0);
            $covered += null === $until ? [] : [$number => $until];
        }

        return self::fromReaches($setting, $this->balls, $cast, $reaches, $this, $covered);
    }

    /**
     * @param array<int, GroundReach> $reaches
     * @param self|null               $before  from which whatever nobody has changed is taken over
     * @param array<int, float>       $covered {@see GridPlays::takeOver()}
     */
    private static function fromReaches(
        GroundSetting $setting,
        GroundBalls $balls,
        Cast $cast,
        array $reaches,
        ?self $before = null,
        array $covered = [],
    ): self {
        $tree = new GroundTree($setting, new GroundPlays($setting));
        $isThrough = null !== $before && $before->setting->through === $setting->through;
        $past = $isThrough ? $before->past : PastInfield::of($tree, $setting->through, $balls);
        $plays = new GridPlays($tree, $balls, $reaches);
        // What is lost to the outfield is as before only when they stand as before.
        $before = $isThrough ? $before : null;
        if (null !== $before) {
            $plays->takeOver($before->plays, $covered);
        }
        $changed = [];
        foreach ($reaches as $number => $reach) {
            if (null !== $before && $reach !== $before->reaches[$number]) {
                $changed[] = [$reach, $before->reaches[$number]];
            }
        }
        $fielded = $by = [];
        $speeds = \count($balls->speeds);
        for ($direction = 0; $direction < \count($balls->sprays); ++$direction) {
            for ($speed = 0; $speed < $speeds; ++$speed) {
                $index = $direction * $speeds + $speed;
                $who = $before?->whose($index, $changed);
                $known =
                    null !== $before && null !== $who && $plays->isAsBefore($before->plays, $index, $who)
                        ? $before->fielded[$index]
                        : null;
                $who ??= GroundReach::candidates($reaches, $index);
                $by[] = $who;
                $fielded[] = $known ?? $plays->best($direction, $speed, $who, $past->balls[$index]);
            }
        }

        return new self(
            self::summary($setting, $balls, $cast, $fielded, $past->extraBases),
            $setting,
            $balls,
            $reaches,
            $plays,
            $fielded,
            $by,
            $past,
        );
    }

    /**
     * Whose a ball still may be.
     *
     * @param list<array{GroundReach, GroundReach}> $changed reaches that are others now, each with what it was
     *
     * @return non-empty-list<array{int, int}>|null null when one of them says something else of it
     */
    private function whose(int $index, array $changed): ?array
    {
        foreach ($changed as [$reach, $was]) {
            if (!$reach->saysOf($index, $was)) {
                return null;
            }
        }

        return $this->by[$index];
    }

    /**
     * @param list<BallFielded> $fielded
     * @param list<float>       $extraBases likewise by ball: of those that are through
     */
    private static function summary(
        GroundSetting $setting,
        GroundBalls $balls,
        Cast $cast,
        array $fielded,
        array $extraBases,
    ): RangeSummary {
        $outs = $two = $lead = $moved = $run = $cost = $error = $hit = $past = $doubles = 0.0;
        $byDirection = $fans = [];
        $speeds = \count($balls->speeds);
        for ($direction = 0; $direction < \count($balls->sprays); ++$direction) {
            $weighed = $whole = 0.0;
            for ($speed = 0; $speed < $speeds; ++$speed) {
                $index = $direction * $speeds + $speed;
                $weight = $balls->weights[$index];
                $ball = $fielded[$index];
                $whole += $weight;
                $weighed += $weight * $ball->out;
                $two += $weight * $ball->two;
                $lead += $weight * $ball->lead;
                $moved += $weight * $ball->moved;
                $run += $weight * $ball->thirdScores;
                $cost += $weight * $ball->cost;
                $error += $weight * $ball->error;
                $hit += $weight * $ball->hit;
                $past += $weight * $ball->past;
                $doubles += $weight * $ball->past * $extraBases[$index];
                if (GroundBalls::ORDINARY === $speed && null !== $ball->met && $ball->out >= Holes::BELOW) {
                    $fans[$ball->met->by->number][] = $ball->met->at();
                }
            }
            $outs += $weighed;
            $byDirection[] = $whole > 0.0 ? $weighed / $whole : 0.0;
        }
        $state = $setting->state;

        return new RangeSummary(
            $outs,
            $state->doublePlayIsInOrder() ? $two : null,
            $lead,
            $moved,
            $setting->aims->hasRunOn() ? $run : null,
            $error,
            $hit,
            $past,
            $doubles,
            $cost,
            $setting->aims->unit,
            $byDirection,
            $balls->sprays,
            Holes::of($balls, $cast, $byDirection),
            $fans,
        );
    }
}
