<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Play\Ball\Hands;
use FoxCorner\Core\Play\Ball\Possession;

/** A fielder and a ground ball where he would take it: what he has to spare, and how surely he has it. */
final readonly class Met
{
    /**
     * @param float $x        ft, where he has it
     * @param float $along    ft from home
     * @param float $seconds  from contact until he has it
     * @param float $spare    s that he is there before the ball; negative: he dives
     * @param float $moving   his speed as he has it, as a share of his top speed; less the more he has to spare
     * @param float $onX      where he runs, a foot long; 0 when he stands
     * @param float $clean    chance that he has it at once, 0 to 1
     * @param float $charged  of the rest, what is called an error
     * @param float $exchange s from then until it could leave his hand straight ahead, but for feeds
     */
    private function __construct(
        public GroundFielder $by,
        public float $x,
        public float $y,
        public float $along,
        public float $seconds,
        public float $spare,
        public float $moving,
        public float $onX,
        public float $onY,
        public float $clean,
        public float $charged,
        public float $exchange,
    ) {}

    /** @param float $sine of the ball's direction, from straight away; cosine likewise */
    public static function of(GroundFielder $by, BallWay $ball, float $along, float $sine, float $cosine): ?self
    {
        $motion = $by->level->motion;
        $atX = $along * $sine;
        $atY = $along * $cosine;
        $x = $atX - $by->x;
        $y = $atY - $by->y;
        $feet = sqrt($x * $x + $y * $y);
        $beyond = $feet - $motion->reach;
        $there = $by->reaction + $by->run->seconds($beyond);
        $rolls = $ball->ball->secondsTo($along);
        $lies = null === $rolls || $along >= $ball->ball->restDistance() - 1e-9;
        $seconds = $lies ? max($ball->ball->speed / $ball->ball->deceleration, $there) : $rolls;
        $spare = $seconds - $there;
        $skills = $by->level->skills;
        if ($spare < -Hands::latest($skills) || \INF === $there) {
            return null;
        }
        $speed = $ball->ball->speedAfter($seconds);
        [$steady, $hurried, $sharp] = Hands::awkwardness(
            $speed,
            min($seconds, $ball->ball->speed / $ball->ball->deceleration),
        );
        $misplays = $by->hands * ($steady + $sharp + $hurried * exp(-$spare / Hands::HURRY_FADES));
        $exchange = $by->exchangeOff($speed);
        $standing = min(1.0, max(0.0, $spare) / Hands::SET);

        return new self(
            $by,
            $atX,
            $atY,
            $along,
            $seconds,
            $spare,
            $by->run->share($beyond) * (1 - $standing),
            $feet > 0.0 ? $x / $feet : 0.0,
            $feet > 0.0 ? $y / $feet : 0.0,
            $skills->perfect ? 1.0 : Hands::reached($spare) * exp(-$misplays),
            Hands::charged($spare) * (1 - ($by->hands * $sharp) / max(1e-9, $misplays)),
            $exchange + ($spare < 0.0 ? -$spare * Hands::DIVE_COSTS : 0.0),
        );
    }

    public function possession(): Possession
    {
        return Possession::onTheRun(
            $this->by->who,
            $this->at(),
            $this->seconds,
            $this->exchange,
            $this->onX * $this->moving,
            $this->onY * $this->moving,
            $this->clean,
        );
    }

    public function at(): Point
    {
        return Point::of($this->x, $this->y);
    }

    /** The chance that he misplays it and it stays in front of him. */
    public function inFront(): float
    {
        return max(0.0, Hands::reached($this->spare) - $this->clean) * Hands::inFront($this->spare);
    }

    /** The chance that it is lost to whoever is behind him. */
    public function gone(): float
    {
        return 1 - $this->clean - $this->inFront();
    }
}
