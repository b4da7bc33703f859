<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

use FoxCorner\Core\Play\Ball\Hands;

/**
 * What a ground ball comes to on average: fielded clean or not, the misplayed ball picked up or lost to the man behind,
 * the attempt that costs least against runners who go when that is better for them.
 *
 * @phpstan-import-type Tried from Attempt
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

    /** What whoever has a ball makes of it, whoever is behind him. */
    public function inHand(Met $met): InHand
    {
        $plays = $this->plays;
        $plays->soonest = \INF;
        $clean = $again = $this->made($met, 0.0);
        $front = $gone = 0.0;
        if ($met->clean <= 1 - 1e-9) {
            $again = $this->made($met, Hands::PICKED_UP * $met->by->exchange);
            $front = $met->inFront();
            $gone = $met->gone();
        }

        return new InHand($met, $clean, $again, $front, $gone, $plays->soonest);
    }

    /** A ball that was misplayed and is in hand again: whoever is safe is on by an error. */
    public function pickedUp(Met $met, float $delay): BallFielded
    {
        [$out, $two, $lead, $scores, $moved, , $cost] = $this->made($met, $delay);

        return new BallFielded($met, $out, $two, $lead, $scores, $moved, 1 - $out, 0.0, 0.0, $cost);
    }

    /**
     * What the best of his attempts comes to; now and then the runner on first is gone with the pitch, and only first
     * base is left.
     *
     * @return list<float> {@see Aim::comes()}
     */
    private function made(Met $met, float $delay): array
    {
        $tried = $this->plays->tried($met, $delay);
        $aims = $this->plays->aims($met->by->number);
        $goes = $this->going($tried, $aims);
        $best = self::least($tried, $aims, $goes);
        if (null !== $this->wanted) {
            $attempts = $this->plays->drawn($met->by->number, $tried);
            $best = (int) array_search(($this->wanted)($attempts, $goes), $attempts, true);
        }
        $made = self::comes($tried[$best], $aims[$best]->aim, $goes);
        $gone = $this->setting->gone;
        if ($gone <= 0.0 || 0 === $best) {
            return $made;
        }
        $stays = 1 - $gone;
        $mixed = [];
        foreach (self::comes($tried[0], $aims[0]->aim, $goes) as $index => $one) {
            $mixed[] = $stays * $made[$index] + $gone * $one;
        }

        return $mixed;
    }

    /**
     * @param Tried $tried
     *
     * @return list<float> {@see Aim::comes()}
     */
    private static function comes(array $tried, Aim $aim, int $goes): array
    {
        return $aim->comes($goes, $tried[2], $tried[3], $tried[4], $tried[$goes]);
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
     * What could be done with a ball that somebody has, and whether the free runner goes: 0 or 1.
     *
     * @return array{non-empty-list<Attempt>, int}
     */
    public function weighed(Met $met, float $delay = 0.0): array
    {
        $tried = $this->plays->tried($met, $delay);
        $by = $met->by->number;

        return [$this->plays->drawn($by, $tried), $this->going($tried, $this->plays->aims($by))];
    }

    /**
     * The free runner goes when even the best answer to it costs us more than the best answer to his staying.
     *
     * @param non-empty-list<Tried>   $tried
     * @param non-empty-list<AimedBy> $aims
     */
    private function going(array $tried, array $aims): int
    {
        return null === $this->setting->aims->free ||
            $tried[self::least($tried, $aims, 1)][1] > $tried[self::least($tried, $aims, 0)][0]
            ? 1
            : 0;
    }

    /**
     * The one that costs least.
     *
     * @param non-empty-list<Tried>   $tried
     * @param non-empty-list<AimedBy> $aims
     */
    private static function least(array $tried, array $aims, int $goes): int
    {
        $best = 0;
        foreach ($tried as $index => $one) {
            if ($one[$goes] < $tried[$best][$goes] && (1 === $goes || !$aims[$index]->aim->needsGoing)) {
                $best = $index;
            }
        }

        return $best;
    }
}
