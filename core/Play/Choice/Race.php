<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Choice;

/** A ball, whoever takes it and a runner, on their way to one base; seconds of the play. */
final readonly class Race
{
    /**
     * @param float $released at which it leaves the hand, turning to that base included
     * @param float $ball     at which the throw is at the bag
     * @param float $cover    at which whoever takes it is; INF when nobody ever is
     * @param float $out      at which the runner is out if he is not there yet: ball held, tag made
     * @param float $runner   at which the runner is
     * @param bool  $isForce  a force; else the runner must be tagged
     */
    private function __construct(
        public float $released,
        public float $ball,
        public float $cover,
        public float $out,
        public float $runner,
        public bool $isForce,
    ) {}

    /** @param float|null $tag s from the ball in hand to the tag; null: a force, the foot on the bag is enough */
    public static function to(float $released, float $ball, float $cover, ?float $tag, float $runner): self
    {
        return new self($released, $ball, $cover, max($ball, $cover) + ($tag ?? 0.0), $runner, null === $tag);
    }

    /** The same throw from somebody who passes it on. */
    public function from(float $released): self
    {
        return new self($released, $this->ball, $this->cover, $this->out, $this->runner, $this->isForce);
    }

    /** The same, had whoever takes it been waiting. */
    public function onTime(): self
    {
        $late = max(0.0, $this->cover - $this->ball);

        $out = $this->out - $late;

        return new self($this->released, $this->ball, $this->ball, $out, $this->runner, $this->isForce);
    }
}
