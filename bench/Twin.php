<?php

declare(strict_types=1);

namespace FoxCorner\Bench;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Motion\MotionProfile;
use FoxCorner\Core\Motion\OutChance;
use FoxCorner\Core\Motion\RollingBall;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Play\Ball\Hands;
use FoxCorner\Core\Play\Grid\AimedBy;
use FoxCorner\Core\Play\Grid\BallWay;
use FoxCorner\Core\Play\Grid\Goal;
use FoxCorner\Core\Play\Grid\GroundBalls;
use FoxCorner\Core\Play\Grid\GroundFielder;
use FoxCorner\Core\Play\Grid\GroundPlays;
use FoxCorner\Core\Play\Grid\GroundSetting;
use FoxCorner\Core\Play\Grid\GroundTree;
use FoxCorner\Core\Play\Grid\Onward;
use FoxCorner\Core\Play\Grid\OutsFrom;
use FoxCorner\Core\Play\Grid\PastInfield;
use FoxCorner\Core\Play\Grid\Spray;
use FoxCorner\Core\Play\Scene\Scene;
use Symfony\Component\Process\Process;

/** The inner loops once more in C (bench/twin), compiled where there is a compiler: how far PHP is from that. */
final readonly class Twin
{
    private GroundSetting $setting;
    private GroundPlays $plays;

    private function __construct(private Scene $scene, private string $program)
    {
        $this->setting = GroundSetting::of($scene);
        $this->plays = new GroundPlays($this->setting);
    }

    /** @return self|null null where nothing compiles C */
    public static function compiled(string $root, Scene $scene): ?self
    {
        $program = (string) tempnam(sys_get_temp_dir(), 'fox-corner-twin-');
        if (0 === (new Process(['gcc', '-O2', '-o', $program, "$root/bench/twin/map.c", '-lm']))->run()) {
            return new self($scene, $program);
        }
        unlink($program);

        return null;
    }

    public function __destruct()
    {
        unlink($this->program);
    }

    /** @return array{float, float} ms of the quickest of many, and what a ball costs on average */
    public function map(): array
    {
        $balls = GroundBalls::of(Spray::of($this->scene->state->context), $this->scene->rules, $this->scene->level);
        $past = PastInfield::of(new GroundTree($this->setting, $this->plays), $this->setting->through, $balls);
        $numbers = [];
        foreach ($balls->weights as $ball => $weight) {
            array_push($numbers, $weight, $past->balls[$ball]->cost);
        }

        return $this->reckon($balls->ways, $balls->sines, $balls->cosines, $numbers, [0, 0, 0.0]);
    }

    /**
     * @param list<float> $speeds mph
     * @param list<float> $times  s
     *
     * @return array{float, float} ms of the quickest of many, and the sum of the chances of two
     */
    public function chart(int $starter, array $speeds, array $times): array
    {
        $rules = $this->scene->rules;
        $ways = array_map(
            fn(float $mph): BallWay => BallWay::of(
                RollingBall::groundBall(Speed::ofMph($mph), $rules->surface),
                $rules->basePath,
                $this->scene->level->motion,
            ),
            $speeds,
        );
        $degrees = deg2rad($this->setting->fielders[$starter]->who->start->sprayDegrees());
        $spread = OutChance::spread($this->scene->level->motion->forceSpread, $this->scene->level->scatter, true);

        return $this->reckon($ways, [sin($degrees)], [cos($degrees)], array_fill(0, 2 * \count($speeds), 0.0), [
            $starter,
            \count($times),
            $spread,
            ...$times,
        ]);
    }

    /**
     * @param list<BallWay>   $ways
     * @param list<float>     $sines
     * @param list<float>     $cosines
     * @param list<float>     $balls   weight and cost when it is through, of each
     * @param list<float|int> $chart   starter, times, spread, the times
     *
     * @return array{float, float}
     */
    private function reckon(array $ways, array $sines, array $cosines, array $balls, array $chart): array
    {
        $numbers = [...$this->level(), \count($sines), \count($ways)];
        foreach ($ways as $way) {
            array_push($numbers, $way->ball->speed, $way->ball->deceleration, $way->step, $way->even);
            array_push($numbers, \count($way->along), (int) $way->rests, $way->slow);
            foreach ($way->along as $look => $feet) {
                array_push($numbers, $feet, $way->seconds[$look], $way->scooped[$look]);
                array_push($numbers, $way->hop[$look], $way->hurried[$look]);
            }
        }
        foreach ($sines as $direction => $sine) {
            array_push($numbers, $sine, $cosines[$direction]);
        }
        array_push($numbers, ...$balls);
        foreach ($this->setting->fielders as $fielder) {
            array_push($numbers, ...$this->fielder($fielder));
        }
        array_push($numbers, ...$chart);
        $written = array_map(
            static fn(float|int $one): string => \INF === $one ? 'inf' : \sprintf('%.17g', $one),
            $numbers,
        );
        $process = new Process([$this->program], null, null, implode(' ', $written), 120.0);
        [$ms, $comes] = explode(' ', trim($process->mustRun()->getOutput()));

        return [(float) $ms, (float) $comes];
    }

    /** @return list<float|int> */
    private function level(): array
    {
        $level = $this->scene->level;
        $blur = (new \ReflectionClassConstant(MotionProfile::class, 'SCOOP_BLUR'))->getValue();

        return [
            $level->motion->reach,
            $level->motion->turnThrow,
            Hands::latest($level->skills),
            Hands::pivotKept($level->skills),
            $this->setting->gone,
            $level->motion->slowBall,
            \is_float($blur) ? $blur : throw new \LogicException('The blur of a scoop is in feet a second.'),
            (int) $level->skills->perfect,
            (int) (null !== $this->setting->aims->free),
            \count($this->setting->fielders[1]->run->seconds),
        ];
    }

    /** @return list<float|int> */
    private function fielder(GroundFielder $who): array
    {
        $outs = OutsFrom::of($who, $this->setting);
        [$scatter, $held, $within, $flights] = self::hidden($who);
        $numbers = [$who->number, $who->x, $who->y, $who->reaction, $who->exchange, $who->slowExchange, $who->armSide];
        array_push($numbers, $who->hands, $scatter, $held, $outs->latest, $outs->most, ...$within);
        foreach ($who->run->seconds as $entry => $seconds) {
            array_push($numbers, $seconds, $who->run->shares[$entry]);
        }
        array_push($numbers, ...$flights);
        $goals = Goal::all($who, $this->setting);
        $numbers[] = \count($goals);
        foreach ($goals as $goal) {
            array_push($numbers, $goal->x, $goal->y, $goal->coverAt, $goal->until, $goal->sharp);
            array_push($numbers, $goal->gain, $goal->more, $goal->onward, $goal->moreSharp, ...$goal->caught);
        }
        $aims = $this->plays->aims($who->number);
        $numbers[] = \count($aims);
        foreach ($aims as $aimed) {
            array_push($numbers, ...self::aim($aimed));
        }

        return $numbers;
    }

    /** @return array{float, float, list<float>, list<float>} what a fielder keeps to himself */
    private static function hidden(GroundFielder $who): array
    {
        $read = static fn(string $name): mixed => (new \ReflectionProperty($who, $name))->getValue($who);
        $within = $read('within');
        [$scatter, $held, $flights] = [$read('scatter'), $read('held'), $read('flights')];
        (\is_array($within) && \is_array($flights) && \is_float($scatter) && \is_float($held)) ||
            throw new \LogicException('A fielder is not what the twin knows.');
        /** @var list<float> $flights */
        /** @var array<int, float> $within */

        return [
            $scatter,
            $held,
            array_map(static fn(Base $base): float => $within[$base->value], Base::cases()),
            $flights,
        ];
    }

    /** @return list<float|int> */
    private static function aim(AimedBy $by): array
    {
        $aim = $by->aim;

        return [
            $aim->bag->value,
            $aim->then->value ?? 0,
            $by->cover,
            (int) $aim->needsGoing,
            $by->x,
            $by->y,
            $by->runner,
            $by->tag,
            $by->spread,
            $by->coverAt,
            ...$aim->terms[0],
            ...$aim->terms[1],
            ...self::onward($by->onward),
            ...self::onward($by->own),
        ];
    }

    /** @return list<float|int> */
    private static function onward(?Onward $on): array
    {
        return null === $on
            ? [0, 0, 0, 0, 0, 0, 0, 0, 1, 0]
            : [
                1,
                $on->pivot,
                $on->offTheBag,
                $on->flight,
                $on->coverAt,
                $on->tag,
                $on->caught,
                $on->runnerAt,
                $on->spread,
                $on->wild,
            ];
    }
}
