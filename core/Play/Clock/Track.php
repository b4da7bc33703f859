<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Clock;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Motion\Legs;

/** Where one actor is from contact on: keyframes in order of time, straight and even in between. */
final readonly class Track
{
    /** Seconds of running after which a runner is close enough to top speed to be drawn even. */
    private const SAMPLES = [0.25, 0.5, 0.9, 1.5];

    /** @param non-empty-list<Keyframe> $keyframes */
    private function __construct(public array $keyframes) {}

    public static function standingAt(Point $point): self
    {
        return new self([new Keyframe(0.0, $point)]);
    }

    /** Waits until $at, then runs in a straight line; had he to leave before he is here, he is on the way already. */
    public function thenRuns(Point $target, float $at, Legs $legs): self
    {
        $from = $this->end();
        $distance = $from->point->distanceTo($target);
        if ($distance < 0.1) {
            return $this;
        }
        $frames = $this->keyframes;
        if ($at > $from->seconds) {
            $frames[] = new Keyframe($at, $from->point);
        }
        $whole = $legs->secondsFor($distance);
        if ($at < $from->seconds) {
            $run = min($distance, $legs->distanceAfter($from->seconds - $at));
            $frames[\count($frames) - 1] = new Keyframe($from->seconds, $from->point->toward($target, $run));
        }
        foreach (self::SAMPLES as $sample) {
            if ($sample < $whole && $at + $sample > $from->seconds) {
                $frames[] = new Keyframe($at + $sample, $from->point->toward($target, $legs->distanceAfter($sample)));
            }
        }
        $frames[] = new Keyframe(max($from->seconds, $at + $whole), $target);

        return new self($frames);
    }

    public function thenAt(Point $point, float $seconds): self
    {
        return new self([...$this->keyframes, new Keyframe($seconds, $point)]);
    }

    public function at(float $seconds): Point
    {
        $before = $this->keyframes[0];
        foreach ($this->keyframes as $frame) {
            if ($frame->seconds >= $seconds) {
                $span = $frame->seconds - $before->seconds;

                return $span > 0.0
                    ? $before->point->between($frame->point, max(0.0, $seconds - $before->seconds) / $span)
                    : $frame->point;
            }
            $before = $frame;
        }

        return $before->point;
    }

    public function end(): Keyframe
    {
        return $this->keyframes[\count($this->keyframes) - 1];
    }
}
