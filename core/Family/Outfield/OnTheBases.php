<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\LeadRule;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Motion\BattedBall;
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
    /** s sooner that he sees a ball fall in, for each that the nearest is too late to catch it (ours). */
    private const OBVIOUS = 0.4;
    /** s until a runner whom nobody forces sees that a ball on the ground is through the infield (ours). */
    private const THROUGH = 0.4;
    /** s sooner that runners are off with two out: with the swing; who left with the release does not stop (ours). */
    private const WITH_THE_SWING = 0.1;
    private const WITH_THE_RELEASE = 0.2;

    /**
     * @param int               $from     the base that he comes from; 0: the batter
     * @param array<int, float> $arrivals s from contact, by base, as far as he can go
     * @param float             $starts   s at which he sets out
     */
    private function __construct(public int $from, public array $arrivals, public float $starts) {}

    /**
     * On a hit.
     *
     * @param float $late s by which whoever has it is too late to catch it
     *
     * @return list<self> lead runner first, the batter last
     */
    public static function onHit(PlaySetting $setting, BattedBall $ball, float $late): array
    {
        $running = [];
        foreach (array_reverse($setting->runners) as $runner) {
            $running[] = self::runner($setting, $runner, self::waits($setting, $runner, $ball, $late));
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

    /**
     * What he loses until he knows that it is a hit: with fewer than two out he goes halfway, as far as he dares, while
     * it may be caught, and one whom nobody forces sees a ground ball through; with two out nobody waits.
     *
     * @return float s; negative: gained
     */
    private static function waits(PlaySetting $setting, BaseRunner $runner, BattedBall $ball, float $late): float
    {
        if (Outs::Two === $setting->situation->outs) {
            return LeadRule::OnRelease === $setting->rules->leads ? -self::WITH_THE_RELEASE : -self::WITH_THE_SWING;
        }
        if (!$ball->isInTheAir()) {
            return $setting->situation->bases->forces($runner->base) ? 0.0 : self::THROUGH;
        }
        $halfway = $runner->startDelay + $runner->legs->secondsFor(self::HALFWAY * $setting->rules->basePath);
        $stands = $ball->hang + self::SEES - self::OBVIOUS * $late - $halfway;

        return $stands > 0.0 ? $stands + self::AGAIN : 0.0;
    }

    /** @param float $waits s, {@see self::waits()} */
    private static function runner(PlaySetting $setting, BaseRunner $runner, float $waits): self
    {
        $arrivals = [];
        for ($base = $runner->base->value + 1; $base <= Base::Home->value; ++$base) {
            $arrivals[$base] =
                $runner->secondsOver($base - $runner->base->value) + $waits - $setting->level->motion->movingLead;
        }

        return new self($runner->base->value, $arrivals, $runner->startDelay);
    }
}
