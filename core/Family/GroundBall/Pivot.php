<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\GroundBall;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Sport;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Clock\Timeline;

/** The feet at second on a double play: by where the throw comes from, how early he is there, and the slide. */
final readonly class Pivot
{
    private const FROM_IN_FRONT = [Position::FirstBase, Position::Pitcher, Position::Catcher];
    /** s that he is at the bag before the ball from which he stands ready (ours). */
    private const EARLY = 0.25;

    /**
     * @param string|null $school how others teach it
     * @param float       $lane   s between his release and the runner's arrival; negative: the runner is there first
     */
    private function __construct(
        public PivotKind $kind,
        public Position $who,
        public Hand $throws,
        public ?string $school,
        public float $runnerThere,
        public float $released,
        public float $lane,
    ) {}

    /** @return self|null null when nobody throws on from second */
    public static function on(Timeline $play): ?self
    {
        $first = $play->legs[0];
        $second = $play->legs[1] ?? null;
        if (null === $second || Base::Second !== $first->made->base || $first->made->cover === $play->fieldedBy()) {
            return null;
        }
        $who = $second->from->by;
        $isEarly = $first->made->ballThere - $first->made->coverThere >= self::EARLY;
        $sport = $play->setting->rules->sport;
        $kind = self::kind($who->position, $play->fieldedBy(), $isEarly, $sport);

        return new self(
            $kind,
            $who->position,
            $who->player->traits->throws,
            self::school($kind, $sport),
            $first->made->runnerThere,
            $second->made->released,
            $first->made->runnerThere - $second->made->released,
        );
    }

    public static function kind(Position $who, Position $from, bool $isEarly, Sport $sport): PivotKind
    {
        if (Position::SecondBase === $who) {
            return match (true) {
                $isEarly => PivotKind::Inside,
                $sport->isSoftball() => PivotKind::Inside,
                Position::ThirdBase === $from => PivotKind::Back,
                default => PivotKind::Across,
            };
        }

        return match (true) {
            $sport->isSoftball() => PivotKind::InsideEdge,
            Position::SecondBase === $from => PivotKind::OuterCorner,
            \in_array($from, self::FROM_IN_FRONT, true) => PivotKind::InsideEdge,
            default => PivotKind::OutfieldEdge,
        };
    }

    /**
     * The feet as this player's throwing hand has them: a left-hander's are the other way around.
     *
     * @return non-empty-list<PivotStep>
     */
    public function feet(): array
    {
        return Hand::Right === $this->throws
            ? $this->kind->feet()
            : array_map(static fn(PivotStep $step): PivotStep => $step->otherFoot(), $this->kind->feet());
    }

    private static function school(PivotKind $kind, Sport $sport): ?string
    {
        return match (true) {
            $sport->isSoftball() => 'Softball plays mostly inside the lines; some cross the bag when they are late.',
            PivotKind::Inside === $kind => 'Others always cross the bag: one habit, but longer in the lane.',
            PivotKind::Across === $kind => 'Others drop back behind the bag when late: safer, a longer throw.',
            PivotKind::OutfieldEdge === $kind => 'Others stay behind the bag and let the ball come: safer, less speed.',
            default => null,
        };
    }
}
