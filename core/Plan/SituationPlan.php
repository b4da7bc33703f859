<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan;

use FoxCorner\Core\Alignment\Alignment;
use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Motion\FlyKind;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Cast\Cast;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Range\Fly\FlyMap;
use FoxCorner\Core\Range\Improver;
use FoxCorner\Core\Range\RangeMap;
use FoxCorner\Core\Range\ReactionCaution;
use FoxCorner\Core\Runs\PlayCost;

/**
 * The plan for one situation before the pitch: who plays and where they stand. It knows no play; a planned play
 * does.
 */
final readonly class SituationPlan
{
    private function __construct(
        public GameState $state,
        public LevelProfile $level,
        public Lineup $lineup,
        public Alignment $alignment,
        public Cast $cast,
        public Alignment $byRules,
    ) {}

    /**
     * @param array<int, Point> $tried fielders put somewhere by hand, by position number
     *
     * @throws Problem when the rules place somebody nowhere
     */
    public static function of(
        GameState $state,
        LevelProfile $level,
        Lineup $lineup,
        PlanBook $book,
        array $tried = [],
    ): self {
        $state = $state->set(...$book->settings())->among($level->level->isProfessional());
        $byRules = Alignment::byRules($state, $book->depths, $book->rules);

        return self::standingIn(
            $book->byHand($state->situation, $tried)->applyTo($byRules, $state->rules),
            $byRules,
            $state,
            $level,
            $lineup,
        );
    }

    /** Nine of the level whom nobody has measured, where the rules put them. */
    public function ordinary(): self
    {
        return self::standingIn($this->byRules, $this->byRules, $this->state, $this->level, Lineup::ordinary());
    }

    /** The same nine without their names. */
    public function unnamed(): self
    {
        return self::standingIn($this->alignment, $this->byRules, $this->state, $this->level, $this->lineup->unnamed());
    }

    /** The same nine and the same situation, standing otherwise. */
    public function standing(Alignment $alignment): self
    {
        return self::standingIn($alignment, $this->byRules, $this->state, $this->level, $this->lineup);
    }

    /** @param array<int, NamedDepth> $depths by position number; those stand straight up at that depth */
    public function atDepths(array $depths, string $reason): self
    {
        return [] === $depths
            ? $this
            : $this->standing($this->alignment->atDepths($depths, $this->state->rules, $reason));
    }

    /** What fly balls of a kind meet. */
    public function flies(FlyKind $kind): FlyMap
    {
        return FlyMap::of($this->state, $this->level, $this->cast, $kind);
    }

    /** @return list<ReactionCaution> fielders who stand close to a ball hit hard, the closest first */
    public function cautions(): array
    {
        return ReactionCaution::of($this->cast, $this->level, $this->state->rules->sport);
    }

    /**
     * Who looks for small moves that help.
     *
     * @param list<Position> $fixed    who stays
     * @param int            $farthest half paces, 1 to 8
     *
     * @throws Problem
     */
    public function improver(RangeMap $map, array $fixed = [], int $farthest = 4): Improver
    {
        return new Improver(
            $map,
            $this->cast,
            $this->state->rules,
            $this->alignment,
            ReactionCaution::closest($this->level, $this->state->rules->sport),
            $fixed,
            $farthest,
        );
    }

    /** What is there before a play begins; what it costs, where that is asked. */
    public function scene(?PlayCost $cost = null): Scene
    {
        return Scene::of($this->state, $this->level, $this->cast, $cost);
    }

    /** What the alignment gets of this batter's ground balls. */
    public function range(PlayCost $cost): RangeMap
    {
        return RangeMap::of($this->scene($cost));
    }

    private static function standingIn(
        Alignment $alignment,
        Alignment $byRules,
        GameState $state,
        LevelProfile $level,
        Lineup $lineup,
    ): self {
        return new self(
            $state,
            $level,
            $lineup,
            $alignment,
            Cast::of($lineup, $alignment, $state->rules, $level),
            $byRules,
        );
    }
}
