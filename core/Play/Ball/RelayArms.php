<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Ball;

use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Motion\Throws;

/**
 * Two arms on one line: the outfielder's and the cutoff man's, and what each takes from the ball in his glove to the
 * ball out of his hand.
 *
 * The line from the ball to the target is never longer than the way over a man beside it, so the best place is on it;
 * where on it is looked up foot by foot in the tables of both arms.
 */
final readonly class RelayArms
{
    /**
     * What a cutoff man off the line loses besides the longer way, by how far off he is: he reaches for the throw,
     * which comes down the line, and turns from there. s for a foot, and for its square; his glove side first (ours).
     */
    private const OFF_LINE = ['glove' => [0.008, 0.001], 'arm' => [0.016, 0.0015]];

    /** @var list<float> s by feet, of the outfielder's throws; the cutoff man's likewise */
    private array $long;
    /** @var list<float> */
    private array $short;

    /**
     * @param float $exchange      s of the outfielder
     * @param float $relayExchange s of the cutoff man
     */
    public function __construct(
        private Throws $throws,
        public Speed $outfield,
        public float $exchange,
        public Speed $cutoff,
        public float $relayExchange,
    ) {
        $this->long = $throws->table($outfield);
        $this->short = $throws->table($cutoff);
    }

    /** Seconds of the throw that nobody cuts, from the moment at which he has the ball. */
    public function direct(float $feet): float
    {
        return $this->exchange + $this->out($feet);
    }

    /** Seconds in the air of the outfielder's throw. */
    public function out(float $feet): float
    {
        return $this->flight($this->long, $feet, $this->outfield);
    }

    /** Seconds over a cutoff man so many feet from the ball, on the line. */
    public function relay(float $feet, float $fromBall): float
    {
        return $this->exchange +
            $this->out($fromBall) +
            $this->relayExchange +
            $this->flight($this->short, $feet - $fromBall, $this->cutoff);
    }

    /**
     * The quickest place for the cutoff man.
     *
     * @param float $feet  from the ball to the target
     * @param float $least ft from the ball, and from the target, that he keeps
     */
    public function best(float $feet, float $least = 0.0): Cutoff
    {
        return $this->bestWithin($feet, $least, $feet - $least);
    }

    /**
     * The quickest place of a stretch of the line.
     *
     * @param float $from ft from the ball
     * @param float $to   likewise
     */
    public function bestWithin(float $feet, float $from, float $to): Cutoff
    {
        [$from, $to] = [max(0.0, min($from, $feet)), max(0.0, min($to, $feet))];
        $place = $from;
        $best = $this->relay($feet, $from);
        // Both tables are straight between two feet: the best is where one of them has an entry, or at an end.
        foreach ([ceil($from), $feet - floor($feet - $from)] as $first) {
            for ($here = $first; $here <= $to; $here += 1.0) {
                $seconds = $this->relay($feet, $here);
                if ($seconds < $best) {
                    [$place, $best] = [$here, $seconds];
                }
            }
        }
        $last = $this->relay($feet, $to);

        return $last < $best ? new Cutoff($to, $last) : new Cutoff($place, $best);
    }

    /**
     * Seconds lost by standing beside the line.
     *
     * @param float $off     ft, not negative
     * @param bool  $armSide on the side of his throwing arm, as he faces the ball
     */
    public function offLine(float $feet, float $fromBall, float $off, bool $armSide): float
    {
        [$even, $square] = self::OFF_LINE[$armSide ? 'arm' : 'glove'];
        $longer =
            $this->out(hypot($fromBall, $off)) -
            $this->out($fromBall) +
            $this->flight($this->short, hypot($feet - $fromBall, $off), $this->cutoff) -
            $this->flight($this->short, $feet - $fromBall, $this->cutoff);

        return $longer + $even * $off + $square * $off ** 2;
    }

    /** Feet by which a throw aimed at somebody off the line, and let through, misses the target. */
    public static function missesBy(float $feet, float $fromBall, float $off): float
    {
        return $fromBall > 0.0 ? ($off * $feet) / $fromBall : 0.0;
    }

    /**
     * The stretch of the line on which no more than so many seconds are lost against the best place.
     *
     * @return array{float, float} ft from the ball
     */
    public function within(float $feet, Cutoff $best, float $lost): array
    {
        $near = $far = $best->fromBall;
        while ($near > 1.0 && $this->relay($feet, $near - 1.0) - $best->seconds <= $lost) {
            $near -= 1.0;
        }
        while ($far < $feet - 1.0 && $this->relay($feet, $far + 1.0) - $best->seconds <= $lost) {
            $far += 1.0;
        }

        return [$near, $far];
    }

    /** Feet beside the line at which so much is lost. */
    public function beside(float $feet, float $fromBall, float $lost, bool $armSide): float
    {
        $off = 0.0;
        while ($off < $feet && $this->offLine($feet, $fromBall, $off + 0.5, $armSide) <= $lost) {
            $off += 0.5;
        }

        return $off;
    }

    /**
     * The shortest throw at which going over a cutoff man is quicker.
     *
     * @return float|null ft; null when the direct throw always is
     */
    public function relayPaysFrom(float $farthest = Throws::FARTHEST): ?float
    {
        for ($feet = 40.0; $feet <= $farthest; $feet += 5.0) {
            if ($this->best($feet)->seconds < $this->direct($feet)) {
                return $feet;
            }
        }

        return null;
    }

    /** @param list<float> $table */
    private function flight(array $table, float $feet, Speed $arm): float
    {
        $foot = (int) $feet;

        return isset($table[$foot + 1])
            ? $table[$foot] + ($feet - $foot) * ($table[$foot + 1] - $table[$foot])
            : $this->throws->given($feet, $arm);
    }
}
