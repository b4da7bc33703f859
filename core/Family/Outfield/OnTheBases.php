<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Play\Cast\BaseRunner;
use FoxCorner\Core\Play\Scene\PlaySetting;

/** Somebody who runs the bases on a ball to the outfield: when he could be where. */
final readonly class OnTheBases
{
    /** Of the way to the next base to which a runner goes while a ball is in the air that may be caught (ours). */
    private const HALFWAY = 0.5;
    /** s that starting once more costs whoever has stopped there (ours). */
    private const AGAIN = 0.1;
    /** s after it is down at which he goes again, and after a catch that he has waited for (ours). */
    private const SEES = 0.1;
    private const LEAVES = 0.0;

    /**
     * @param int               $from     the base that he comes from; 0: the batter
     * @param array<int, float> $arrivals s from contact, by base, as far as he can go
     * @param float             $starts   s at which he sets out
     */
    private function __construct(public int $from, public array $arrivals, public float $starts) {}

    /**
     * On a hit.
     *
     * @param float $hang s in the air; 0: on the ground
     *
     * @return list<self> lead runner first, the batter last
     */
    public static function onHit(PlaySetting $setting, float $hang): array
    {
        $running = [];
        foreach (array_reverse($setting->runners) as $runner) {
            $running[] = self::runner($setting, $runner, $hang);
        }
        $running[] = self::batter($setting);

        return $running;
    }

    /**
     * Tagging up after a catch.
     *
     * @return list<self> lead runner first
     */
    public static function onCatch(PlaySetting $setting, float $caught): array
    {
        $running = [];
        $starts = $caught + self::LEAVES;
        foreach (array_reverse($setting->runners) as $runner) {
            $arrivals = [];
            for ($base = $runner->base->value + 1; $base <= Base::Home->value; ++$base) {
                $arrivals[$base] = $starts + $runner->secondsFromBase($base - $runner->base->value);
            }
            $running[] = new self($runner->base->value, $arrivals, $starts);
        }

        return $running;
    }

    public function name(): string
    {
        return 0 === $this->from ? 'batter' : 'R' . $this->from;
    }

    /** "the batter", "R2" */
    public function person(): string
    {
        return 0 === $this->from ? 'the batter' : 'R' . $this->from;
    }

    public static function batter(PlaySetting $setting): self
    {
        $batter = $setting->batter ?? throw new \LogicException('Who has hit it runs.');
        $arrivals = [];
        foreach (Base::cases() as $base) {
            $arrivals[$base->value] = $batter->secondsOver(
                $base->value,
                $setting->rules->basePath,
                $setting->level->motion,
            );
        }

        return new self(0, $arrivals, $batter->startDelay);
    }

    /** With fewer than two out he waits halfway, as far as he dares, until the ball is down. */
    private static function runner(PlaySetting $setting, BaseRunner $runner, float $hang): self
    {
        $bag = $setting->rules->basePath;
        $wait = 0.0;
        if ($hang > 0.0 && Outs::Two !== $setting->situation->outs) {
            $halfway = $runner->startDelay + $runner->legs->secondsFor(self::HALFWAY * $bag);
            $stands = $hang + self::SEES - $halfway;
            $wait = $stands > 0.0 ? $stands + self::AGAIN : 0.0;
        }
        $arrivals = [];
        for ($base = $runner->base->value + 1; $base <= Base::Home->value; ++$base) {
            $arrivals[$base] =
                $runner->secondsOver($base - $runner->base->value) + $wait - $setting->level->motion->movingLead;
        }

        return new self($runner->base->value, $arrivals, $runner->startDelay);
    }
}
