<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Rundown;

use FoxCorner\Core\Level\Skills;
use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\Motion\Legs;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Motion\Throws;

/**
 * A runner between two bags, on the line: somebody with the ball runs him toward one of them, somebody waits there.
 *
 * The defence picks the moment of the throw; the runner, who sees it go, stays on his way or turns, whichever is worse
 * for the defence. All of it is reckoned on that line, in feet and seconds.
 */
final readonly class Chase
{
    /** Of his speed: he looks over his shoulder (ours). */
    private const LOOKING = 0.92;
    /** Of a fielder's speed with the ball held high (ours). */
    private const CARRYING = 0.95;
    /** s from the decision to the release: the ball is up already (ours). */
    public const RELEASE = 0.3;
    /** s until the runner has seen the throw go, and ft/s² with which he stops (ours). */
    private const SEES = 0.25;
    private const BRAKES = 24.0;
    /** ft from which a tag is made, and how sharp that line is (ours). */
    private const REACH = 3.5;
    private const SHARP = 1.2;
    /** s of the out curve at a bag. Source: the project's model. */
    private const SPREAD = 0.1;
    /** s from the catch to the tag of one who comes at him (ours). */
    private const TAG = 0.1;
    /** ft around whoever catches within which a short throw on the run can be caught (ours). */
    private const CATCHES = 3.0;
    /** Chance of the tag from which nobody thinks of another throw (ours). */
    private const DONE = 0.97;
    /** s between the moments that are tried, and between looks at a chase. */
    private const MOMENT = 0.1;
    private const LOOK = 0.05;
    /** Moments that are tried at most, and throws that are thought ahead. */
    private const MOMENTS = 40;
    private const DEEP = 2;

    public function __construct(
        public float $between,
        private Legs $runner,
        private Legs $fielder,
        private Speed $arm,
        private Throws $throws,
        private Skills $skills,
    ) {}

    /**
     * The best that the defence can do.
     *
     * @param float $toGo ft from the runner to the bag that he is run toward
     * @param float $gap  ft from whoever has the ball to him
     */
    public function best(float $toGo, float $gap, int $deep = self::DEEP): ChaseEnd
    {
        $best = $this->never($toGo, $gap);
        for ($moment = 1; $moment <= self::MOMENTS; ++$moment) {
            $seconds = $moment * self::MOMENT;
            if ($this->run($seconds) >= $toGo - self::REACH) {
                break;
            }
            $turned = $this->turned($toGo, $gap, $seconds);
            [$left, $apart] = $this->after($turned);
            $isOver = $deep <= 1 || $turned->tagged >= self::DONE;
            $next = $isOver ? null : $this->best($left, $apart, $deep - 1);
            $best = self::better($best, $this->thrown($toGo, $gap, $seconds, $turned, $next));
        }

        // What is thrown oftener than that is thought ahead too: a free choice is no worse than any plan.
        return self::DEEP === $deep ? self::better($best, $this->soon(self::DEEP + 1, $toGo, $gap)) : $best;
    }

    /**
     * The ball is thrown too soon so many times, less one, before the best moment is waited for; the runner answers
     * each time as it suits him.
     *
     * @param int $throws 1: the best that the defence can do
     */
    public function with(int $throws, float $toGo, float $gap): ChaseEnd
    {
        return $throws <= 1 ? $this->best($toGo, $gap) : $this->soon($throws, $toGo, $gap);
    }

    private function soon(int $throws, float $toGo, float $gap): ChaseEnd
    {
        if ($throws <= 1 || $this->run(self::MOMENT) >= $toGo - self::REACH) {
            return $this->best($toGo, $gap, 1);
        }
        $turned = $this->turned($toGo, $gap, self::MOMENT);
        $next = $this->soon($throws - 1, ...$this->after($turned));

        return $this->thrown($toGo, $gap, self::MOMENT, $turned, $next);
    }

    private static function better(ChaseEnd $one, ChaseEnd $other): ChaseEnd
    {
        return $other->out > $one->out ? $other : $one;
    }

    /** @return array{float, float} ft to the bag the other way, and to whoever has the ball then */
    private function after(Turned $turned): array
    {
        return [$this->between - $turned->toGo, max(self::REACH, $turned->gap)];
    }

    /** ft that the runner covers in so many s from a standing start. */
    public function run(float $seconds): float
    {
        return self::LOOKING * $this->runner->distanceAfter($seconds);
    }

    /** ft that somebody covers who carries the ball. */
    public function carried(float $seconds): float
    {
        return self::CARRYING * $this->fielder->distanceAfter($seconds);
    }

    /** Nobody throws: whoever has the ball catches him, or he is at the bag. */
    private function never(float $toGo, float $gap): ChaseEnd
    {
        $nearest = $gap;
        for ($seconds = self::LOOK; $this->run($seconds) < $toGo; $seconds += self::LOOK) {
            $nearest = min($nearest, $gap + $this->run($seconds) - $this->carried($seconds));
        }

        return new ChaseEnd(self::tags($nearest), 0.0, null, null, null, null);
    }

    /** @param ChaseEnd|null $next the chase the other way; null: nobody thinks so far */
    private function thrown(float $toGo, float $gap, float $seconds, Turned $turned, ?ChaseEnd $next): ChaseEnd
    {
        $turns = $turned->tagged + (1 - $turned->tagged) * (null === $next ? 0.0 : $next->out);
        $stays = $this->stays($toGo, $gap, $seconds);
        $caught = $this->caught($this->apart($toGo, $gap, $seconds));
        $goesOn = null !== $next && $turns <= $stays ? $next : null;

        return new ChaseEnd(
            $caught * min($turns, $stays),
            1 + (null === $goesOn ? 0.0 : (1 - $turned->tagged) * $caught * $goesOn->throws),
            $toGo - $this->run($seconds),
            $seconds,
            $goesOn,
            $turns <= $stays ? $turned : null,
        );
    }

    /** ft of a throw that is let go after so many s of running. */
    private function apart(float $toGo, float $gap, float $seconds): float
    {
        $released = $seconds + self::RELEASE;

        return max(1.0, $toGo + $gap - $this->carried($released));
    }

    /** s from the decision until the throw is caught. */
    public function flight(float $feet): float
    {
        return self::RELEASE + $this->throws->given($feet, $this->arm);
    }

    /** The out when the runner goes on to the bag. */
    private function stays(float $toGo, float $gap, float $seconds): float
    {
        $there = $this->runner->secondsFor($toGo / self::LOOKING);
        $caught = $seconds + $this->flight($this->apart($toGo, $gap, $seconds)) + self::TAG;

        return 1 / (1 + exp(-($there - $caught) / self::SPREAD));
    }

    /** The runner turns as he sees the throw go, and whoever caught it runs after him. */
    private function turned(float $toGo, float $gap, float $seconds): Turned
    {
        $flight = $this->flight($this->apart($toGo, $gap, $seconds));
        $sees = $seconds + self::SEES;
        $left = $toGo - $this->run($sees);
        $speed = self::LOOKING * $this->runner->topSpeed * $this->runner->shareAfter($sees);
        $stops = $speed / self::BRAKES;
        // Where he stands for a moment, ft from the bag that he ran toward.
        $turn = $left - ($speed * $stops) / 2;
        if ($turn <= 0.0) {
            return new Turned(0.0, 0.0, 0.0, $seconds + $flight);
        }
        [$nearest, $at] = [$this->between, 0.0];
        $since = $seconds + $flight;
        for ($now = $since; $now < $since + 2.0; $now += self::LOOK) {
            $runner = $turn + $this->run($now - $sees - $stops);
            if ($now < $sees + $stops) {
                $slowed = max(0.0, $now - $sees);
                $runner = $left - $speed * $slowed + (self::BRAKES * $slowed ** 2) / 2;
            }
            // He has come off the bag to meet the ball.
            $apart = $runner - $this->met($now - $seconds);
            if ($apart > $nearest && $now > $sees + $stops) {
                break;
            }
            if ($apart < $nearest) {
                [$nearest, $at] = [$apart, $runner];
            }
        }

        return new Turned(self::tags($nearest), min($this->between, max($turn, $at)), $nearest, $since);
    }

    /** ft off his bag of whoever comes to meet the ball, s after the decision to throw it. */
    private function met(float $seconds): float
    {
        return $this->fielder->distanceAfter($seconds - self::RELEASE);
    }

    private function caught(float $feet): float
    {
        return $this->skills->perfect
            ? 1.0
            : Giving::caught($feet, self::CATCHES, $this->skills->throw, $this->skills->bag, 1.0);
    }

    private static function tags(float $apart): float
    {
        return 1 / (1 + exp(-(self::REACH - $apart) / self::SHARP));
    }
}
