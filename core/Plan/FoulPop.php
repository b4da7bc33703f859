<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Motion\OutChance;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Ball\Possession;
use FoxCorner\Core\Play\Cast\BaseRunner;
use FoxCorner\Core\Play\Choice\AfterPlay;
use FoxCorner\Core\Play\Choice\Boldness;
use FoxCorner\Core\Range\Fly\FlyMap;
use FoxCorner\Core\Range\Fly\FlyPriority;
use FoxCorner\Core\Range\Fly\FlySpot;
use FoxCorner\Core\Runs\PlayCost;

/**
 * A foul pop near the infield, behind the plate or beside a corner: whose it is, how surely, and what the lead runner
 * makes of a catch by somebody with his back to him.
 */
final readonly class FoulPop
{
    /** s that an ordinary one is in the air; of the base path, how far behind the plate or beside a corner (ours). */
    public const HANGS = 3.5;
    private const BEHIND = 0.35;
    private const BESIDE = [0.85, 0.5];

    /**
     * @param Position        $by     who has it
     * @param float           $caught the chance that somebody is there
     * @param BaseRunner|null $runner in front; null: nobody on, or it is the third out
     * @param float           $runs   s from the catch until he is at the next base; INF without him
     * @param float           $ball   s from the catch until somebody holds the ball there
     * @param float           $safe   the chance that he is, if he goes
     * @param float           $needs  how sure it pays to be
     * @param float           $costs  a catch, on average, in the unit of the cost
     * @param float           $drops  a strike: nothing changes
     */
    private function __construct(
        public FlySpot $spot,
        public Position $by,
        public float $caught,
        public ?BaseRunner $runner,
        public float $runs,
        public float $ball,
        public float $safe,
        public float $needs,
        public float $costs,
        public float $drops,
    ) {}

    /**
     * The ordinary ones: behind the plate, and beside third and first.
     *
     * @return array<string, self> by where
     */
    public static function ordinary(SituationPlan $plan, PlayCost $cost): array
    {
        $path = $plan->state->rules->basePath;
        $beside = static fn(float $side): Point => Point::of($side * self::BESIDE[0] * $path, self::BESIDE[1] * $path);

        return [
            'Behind the plate' => self::at(Point::of(0.0, -self::BEHIND * $path), self::HANGS, $plan, $cost),
            'Beside third' => self::at($beside(-1.0), self::HANGS, $plan, $cost),
            'Beside first' => self::at($beside(1.0), self::HANGS, $plan, $cost),
        ];
    }

    public static function at(Point $point, float $hang, SituationPlan $plan, PlayCost $cost): self
    {
        $spot = FlyMap::at($point, $hang, $plan->cast, $plan->level);
        $nearest = $spot->nearest[0] ?? throw new \LogicException('Somebody is nearest.');
        $by = FlyPriority::of([] === $spot->there ? [$nearest] : $spot->there);
        $situation = $plan->state->situation;
        $front = array_reverse($situation->bases->occupied())[0] ?? null;
        $now = new AfterPlay($cost, $situation);
        $after = new AfterPlay($cost, $situation, 1);
        $caught = OutChance::ofMargin(-$spot->late, FlyMap::JUMPS);
        if (null === $front || Outs::Two === $situation->outs) {
            return new self($spot, $by, $caught, null, \INF, \INF, 0.0, 1.0, $after->now(), $now->now());
        }
        $runner = BaseRunner::inGame($front, $plan->state, $plan->level);
        $to = $front->next() ?? Base::Home;
        $runs = $runner->secondsFromBase(1);
        $ball = self::ball($plan, $by, $point, $hang, $to);
        $motion = $plan->level->motion;
        $safe = 1 - OutChance::ofMargin($runs - $ball - $motion->tag, $motion->tagSpread);
        [$stays, $there, $out] = [
            $after->now(),
            $after->of([$front->value => $to->value]),
            $after->of([$front->value => null]),
        ];
        $needs = Boldness::Ordinary->wants($there <= $stays ? 1.0 : AfterPlay::breakEven($stays, $there, $out));
        $costs = $safe >= $needs ? $safe * $there + (1 - $safe) * $out : $stays;

        return new self($spot, $by, $caught, $runner, $runs, $ball, $safe, $needs, $costs, $now->now());
    }

    /** Whether the runner goes after the catch. */
    public function goes(): bool
    {
        return null !== $this->runner && $this->safe >= $this->needs;
    }

    /** Whether the out is not worth what the runner makes of it. */
    public function isLetDrop(): bool
    {
        return $this->goes() && $this->costs - $this->drops > AfterPlay::REFUSED;
    }

    /** s from the catch until somebody holds the ball at a base. */
    private static function ball(SituationPlan $plan, Position $by, Point $point, float $hang, Base $to): float
    {
        $scene = $plan->scene();
        $bag = $scene->bag($to);
        $who = $plan->cast->at($by);
        [$x, $y] = [$point->x - $who->start->x, $point->y - $who->start->y];
        $feet = hypot($x, $y);
        $motion = $plan->level->motion;
        // He has run under it, most of the way with his back to the field: he stops and turns.
        $share = $feet < 1.0 ? 0.0 : $who->legs->shareAfter(max(0.0, $hang - $who->reaction)) / $feet;
        $has = Possession::onTheRun($who, $point, $hang, $motion->exchangeSet, $x * $share, $y * $share);
        $throw = $scene->throwing->to($has, $bag);
        $covers = array_map(
            static fn(Position $one): float => $plan->cast->at($one)->secondsTo($bag),
            array_filter(self::coverers($to), static fn(Position $one): bool => $one !== $by),
        );

        return max($throw->arrives, min([\INF, ...array_values($covers)])) - $hang;
    }

    /** @return list<Position> who comes to a base when somebody is under a pop */
    private static function coverers(Base $base): array
    {
        return match ($base) {
            Base::Home => [Position::Catcher, Position::Pitcher],
            Base::Third => [Position::ThirdBase, Position::Shortstop],
            Base::Second => [Position::Shortstop, Position::SecondBase],
            Base::First => [Position::FirstBase, Position::SecondBase],
        };
    }
}
