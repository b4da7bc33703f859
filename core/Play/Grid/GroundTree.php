<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Play\Ball\Hands;

/**
 * What a ground ball comes to on average: fielded clean or not, the misplayed ball picked up or lost to the man behind,
 * the attempt that costs least against runners who go when that is better for them.
 */
final readonly class GroundTree
{
    /**
     * @param (\Closure(non-empty-list<Attempt>, int): Attempt)|null $wanted by whether the free runner goes, 0 or 1;
     *                                                                       null: what costs least
     */
    public function __construct(
        private GroundSetting $setting,
        private GroundPlays $plays,
        private ?\Closure $wanted = null,
    ) {}

    /**
     * Nobody touches it, or nobody behind has what was missed.
     *
     * @param array{float, float} $extra chances of two bases, and of three
     */
    public function past(array $extra): BallFielded
    {
        [$single, $double, $triple] = $this->setting->aims->through;
        [$two, $three] = $extra;
        $cost = $single + $two * ($double - $single) + $three * ($triple - $single);

        return new BallFielded(null, 0.0, 0.0, 0.0, 1.0, 0.0, 0.0, 0.0, 1.0, $cost);
    }

    /** @param BallFielded $behind what happens when it is lost to him */
    public function of(Met $met, BallFielded $behind): BallFielded
    {
        [$out, $two, $lead, $scores, $moved, $missed, $cost] = $this->made($this->plays->attempts($met));
        if ($met->clean > 1 - 1e-9) {
            return new BallFielded($met, $out, $two, $lead, $scores, $moved, $missed, 1 - $out - $missed, 0.0, $cost);
        }
        [$front, $gone] = [$met->inFront(), $met->gone()];
        $again = $this->plays->attempts($met, Hands::PICKED_UP * $met->by->exchange);
        [$out2, $two2, $lead2, $scores2, $moved2, , $cost2] = $this->made($again);
        [$clean, $charged] = [$met->clean, $met->charged];
        $outs = $clean * $out + $front * $out2 + $gone * $behind->out;
        $error =
            $clean * $missed +
            $charged * ($front * (1 - $out2) + $gone * (1 - $behind->out)) +
            (1 - $charged) * $gone * $behind->error;
        $hit = $clean * (1 - $out - $missed) + (1 - $charged) * ($front * (1 - $out2) + $gone * $behind->hit);

        return new BallFielded(
            $met,
            $outs,
            $clean * $two + $front * $two2 + $gone * $behind->two,
            $clean * $lead + $front * $lead2 + $gone * $behind->lead,
            $clean * $scores + $front * $scores2 + $gone * $behind->thirdScores,
            $clean * $moved + $front * $moved2 + $gone * $behind->moved,
            $error,
            $hit,
            1 - $outs - $error - $hit,
            $clean * $cost + $front * $cost2 + $gone * $behind->cost,
        );
    }

    /**
     * A ball that was misplayed and is in hand again: whoever is safe is on by an error.
     *
     * @param non-empty-list<Attempt> $attempts
     */
    public function pickedUp(Met $met, array $attempts): BallFielded
    {
        [$out, $two, $lead, $scores, $moved, , $cost] = $this->made($attempts);

        return new BallFielded($met, $out, $two, $lead, $scores, $moved, 1 - $out, 0.0, 0.0, $cost);
    }

    /**
     * What the best of the attempts comes to; now and then the runner on first is gone with the pitch, and only first
     * base is left.
     *
     * @param non-empty-list<Attempt> $attempts
     *
     * @return array{float, float, float, float, float, float, float} out, two, a runner alone, the run from third, the
     *                                                                free runner moves up; the throw missed that would
     *                                                                have had him; cost
     */
    private function made(array $attempts): array
    {
        $goes = $this->goes($attempts);
        $best = null === $this->wanted ? self::best($attempts, $goes) : ($this->wanted)($attempts, $goes);
        $gone = $this->setting->gone;
        if ($gone <= 0.0 || $best === $attempts[0]) {
            return [
                $best->first,
                $best->both,
                $best->leadOnly(),
                $best->thirdScores($goes),
                $best->moves($goes),
                self::astray($best),
                $best->costs[$goes],
            ];
        }
        $first = $attempts[0];
        $stays = 1 - $gone;

        return [
            $stays * $best->first + $gone * $first->first,
            $stays * $best->both,
            $stays * $best->leadOnly(),
            $stays * $best->thirdScores($goes) + $gone * $first->thirdScores($goes),
            $stays * $best->moves($goes) + $gone * $first->moves($goes),
            $stays * self::astray($best) + $gone * self::astray($first),
            $stays * $best->costs[$goes] + $gone * $first->costs[$goes],
        ];
    }

    /**
     * What is left of a chance for the man behind, once somebody in front has touched the ball.
     */
    public static function behind(BallFielded $his, BallFielded $past): BallFielded
    {
        $keeps = Hands::BEHIND;
        $mixed = static fn(float $one, float $other): float => $keeps * $one + (1 - $keeps) * $other;

        return new BallFielded(
            $his->met,
            $keeps * $his->out,
            $keeps * $his->two,
            $keeps * $his->lead,
            $mixed($his->thirdScores, $past->thirdScores),
            $keeps * $his->moved,
            $keeps * $his->error,
            $keeps * $his->hit,
            $mixed($his->past, $past->past),
            $mixed($his->cost, $past->cost),
        );
    }

    /**
     * The free runner goes when even the best answer to it costs us more than the best answer to his staying.
     *
     * @param non-empty-list<Attempt> $attempts
     */
    public function goes(array $attempts): int
    {
        if (null === $this->setting->aims->free) {
            return 1;
        }

        return (int) (self::best($attempts, 1)->costs[1] > self::best($attempts, 0)->costs[0]);
    }

    /** @param non-empty-list<Attempt> $attempts */
    public static function best(array $attempts, int $goes): Attempt
    {
        $best = $attempts[0];
        foreach ($attempts as $attempt) {
            if ($attempt->costs[$goes] < $best->costs[$goes] && (1 === $goes || !$attempt->aim->needsGoing)) {
                $best = $attempt;
            }
        }

        return $best;
    }

    /** The chance that the runner would have been out and the throw is not caught. */
    private static function astray(Attempt $made): float
    {
        return $made->first > 0.0 ? $made->first / $made->caught - $made->first : 0.0;
    }
}
