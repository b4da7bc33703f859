<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\Plan\Board;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Value\ButFor;

/** All that the plans of a team rest on, read from storage once. */
final readonly class PlanBasis
{
    use ButFor;

    public function __construct(
        public RuleSet $rules,
        public LevelProfile $level,
        public Lineup $lineup,
        public PlanBook $book,
        public Context $context,
    ) {}

    /** The same nine without their names. */
    public function unnamed(): self
    {
        return $this->but(lineup: $this->lineup->unnamed());
    }

    /** The same nine on another field. */
    public function on(RuleSet $rules): self
    {
        return $this->but(rules: $rules);
    }

    /** @throws Problem when the rules place somebody nowhere */
    public function board(): Board
    {
        return Board::of($this->rules, $this->context, $this->level, $this->lineup, $this->book);
    }

    /**
     * @param array<int, Point> $moved fielders put somewhere by hand
     *
     * @throws Problem when the rules place somebody nowhere
     */
    public function in(Situation $situation, array $moved = []): ReadPlan
    {
        return new ReadPlan(
            SituationPlan::of(
                GameState::of($this->rules, $situation, $this->context),
                $this->level,
                $this->lineup,
                $this->book,
                $moved,
            ),
            $this->book,
        );
    }
}
