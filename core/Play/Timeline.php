<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\People\Position;

/** A play that has been run: who did what when. Screens only interpolate it. */
final readonly class Timeline
{
    /**
     * @param array<int, Move>            $moves   by position number
     * @param array<string, Track>        $runners by "batter", "R1" …
     * @param non-empty-list<ThrowOption> $options lead base first
     * @param array<int, float>           $threats seconds at which a runner could be at a base, by the base's value
     * @param list<Event>                 $events  in order of time
     * @param AfterThrow|null             $after   what follows a throw; null when nothing was asked of its cost
     */
    public function __construct(
        public PlayQuestion $question,
        public Position $fieldedBy,
        public float $fieldedAt,
        public float $releasedAt,
        public array $moves,
        public Track $ball,
        public array $runners,
        public array $options,
        public ThrowOption $called,
        public array $threats,
        public array $events,
        public ?AfterThrow $after = null,
    ) {
    }

    public function move(Position $position): Move
    {
        return $this->moves[$position->value];
    }

    /**
     * Who has been told to cover a bag.
     *
     * @return list<Move>
     */
    public function covers(Base $base): array
    {
        $covers = [];
        foreach ($this->moves as $move) {
            if ($move->covers($base)) {
                $covers[] = $move;
            }
        }

        return $covers;
    }

    /** @return list<TurnedBack> who charged, saw that the ball was another's, and went back to a bag */
    public function turnedBack(): array
    {
        $turned = [];
        foreach ($this->moves as $move) {
            foreach ($move->jobs as $job) {
                if (JobKind::Cover === $job->kind && $job->startsTowardBall && null !== $job->base) {
                    $turned[] = TurnedBack::of($move, $job->base, $this->question, $this->threats[$job->base->value] ?? \INF);
                }
            }
        }

        return $turned;
    }

    /** Seconds from contact to the last thing that matters, a breath added. */
    public function length(): float
    {
        $ends = array_map(static fn(Event $event): float => $event->seconds, $this->events);

        return max(0.0, ...$ends) + 0.6;
    }
}
