<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Drill;

use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Practice\Ground\DrillPlace;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Skill\RuleNeed;
use FoxCorner\Core\Skill\Skill;
use FoxCorner\Core\Skill\SkillFamily;
use FoxCorner\Core\Value\ButFor;

/** A drill: what it is for, how it is set up and run, and what it costs in people, time and arms. */
final readonly class Drill
{
    use ButFor;

    /**
     * @param string                  $key           stays the same for ever
     * @param string                  $short         a word or two for a small box
     * @param array<int, list<Skill>> $serves        skills by position number
     * @param int                     $atOnce        players who work at the same time
     * @param int                     $secondsPerRep for one player's repetition
     * @param int                     $throwsPerRep  that the player's arm makes at game distance
     * @param int                     $helpers       grown-ups or feeders it needs
     * @param array<string, int>      $equipment     pieces by name
     * @param list<string>            $steps
     * @param list<string>            $points        what to look for
     * @param list<string>            $mistakes      what usually goes wrong, and what it looks like
     * @param list<string>            $progression   from the youngest to the oldest, easy to hard
     * @param list<string>            $cautions
     * @param bool                    $isHit         whether one of the helpers has to hit the balls
     * @param bool                    $fitsIndoors   whether it can be done in a hall
     * @param bool                    $tosses        whether the players toss or throw softly to each other
     * @param RuleNeed|null           $needs         a rule without which there is no use for it
     * @param bool                    $isReceived    whether somebody or something has to take its throws that the group
     *                                               does not bring: {@see Receiver}
     * @param Position|null           $neverWithout  somebody works there, or a helper stands in
     * @param int                     $sprintsPerRep at full speed
     * @param int                     $beside        groups at most that do it side by side, each with its own ball
     * @param string                  $repetition    one of them, leg by leg, as the drawing reads it; empty:
     *                                               it is not told
     *
     * @throws Problem when no group fits it, or it serves nobody
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $short,
        public SkillFamily $family,
        public string $purpose,
        public array $serves,
        public DrillPlace $place,
        public int $min,
        public int $max,
        public int $atOnce,
        public int $secondsPerRep,
        public int $throwsPerRep,
        public int $helpers,
        public array $equipment,
        public array $steps,
        public array $points,
        public array $mistakes,
        public array $progression,
        public array $cautions = [],
        public bool $isHit = false,
        public bool $fitsIndoors = false,
        public bool $tosses = false,
        public ?RuleNeed $needs = null,
        public bool $isReceived = false,
        public ?Position $neverWithout = null,
        public int $sprintsPerRep = 0,
        public int $beside = 1,
        public string $repetition = '',
    ) {
        OutOfRange::unlessBetween('largest group', $max, 1, 30, 'players');
        OutOfRange::unlessBetween('smallest group', $min, 1, $max, 'players, not above the largest group');
        OutOfRange::unlessBetween('at once', $atOnce, 1, 30, 'players');
        OutOfRange::unlessBetween('seconds', $secondsPerRep, 3, 600, 'seconds for one player’s repetition');
        OutOfRange::unlessBetween('throws', $throwsPerRep, 0, 10, 'throws in a repetition');
        OutOfRange::unlessBetween('side by side', $beside, 1, 6, 'groups');
        OutOfRange::unlessBetween('sprints', $sprintsPerRep, 0, 10, 'sprints in a repetition');
        OutOfRange::unlessBetween('helpers', $helpers, 0, 4, 'helpers');
        if ([] === $serves) {
            throw Refused::because('serves', 'it serves nobody', 'at least one position with a skill');
        }
    }

    /**
     * Players besides its group who can help: run with a helmet, take throws, hand balls to who hits, roll.
     *
     * @return array<string, int> how many by what they do
     */
    public function extra(): array
    {
        $runs = $this->servesSkill(Skill::Rundown) ? 1 : 0;

        return array_filter(
            [
                'runs, with a helmet' => max($this->equipment['helmet'] ?? 0, $runs),
                'takes the throws' => $this->throwsPerRep > 0 && !$this->isReceived ? 1 : 0,
                'hands balls to who hits' => $this->isHit ? 1 : 0,
                'rolls the balls' => $this->isHit ? 0 : 1,
            ],
            static fn(int $places): bool => $places > 0,
        );
    }

    /** The same for one skill and nothing else, wherever it is asked: what a record that names a skill counts for. */
    public function servingAlone(string $key, Skill $skill): self
    {
        return $this->but(key: $key, serves: array_fill_keys(range(1, 9), [$skill]), throwsPerRep: 0);
    }

    /** @return list<string> of one repetition, in order; none: it is not told */
    public function legs(): array
    {
        return '' === $this->repetition ? [] : explode(', ', $this->repetition);
    }

    /** When who works changes, as a sentence. */
    public function change(): string
    {
        return match (true) {
            $this->beside > 1 => 'After a set of five everybody goes one place on.',
            $this->atOnce >= $this->max => 'Everybody works; a breath after five, then the next set.',
            default => 'After each ball to the end of the line; sides or places after a set of five.',
        };
    }

    /** How many of a group are in its largest part, each part with its own ball. */
    public function together(int $group): int
    {
        return Repetitions::together($group, $this->min, $this->beside);
    }

    /** Repetitions that each of a group gets in so many minutes, by the clock. */
    public function repetitions(int $group, int $minutes, ?Receiver $receiver = null): int
    {
        return Repetitions::each(
            $this->together($group),
            $this->atOnce,
            $this->secondsPerRep,
            $minutes,
            Receiver::Player === $receiver,
        );
    }

    /**
     * In which ways a place is filled that the group does not fill, the least costly first.
     *
     * @return non-empty-list<Receiver|null> null: there is none
     */
    public function receivers(): array
    {
        return match (true) {
            null !== $this->neverWithout => [null, Receiver::StandIn],
            !$this->isReceived => [null],
            $this->min < $this->max => Receiver::TAKES_THROWS,
            default => [Receiver::Net, Receiver::Helper],
        };
    }

    /** The fewest with whom it can be run: one more where one of them receives. */
    public function least(?Receiver $receiver): int
    {
        return $this->min + (Receiver::Player === $receiver ? 1 : 0);
    }

    /** Whether an arm with a limit may work at it: game throws, soft ones, or none at all. */
    public function allows(Limit $limit): bool
    {
        return match (true) {
            $limit->forbidsRunning() => false,
            $limit->forbidsThrowing() => 0 === $this->throwsPerRep && !$this->tosses,
            default => 0 === $this->throwsPerRep || $limit->allowsGameThrows(),
        };
    }

    /** What needs everybody is team defence, and what is done every day the daily core: neither is a station. */
    public function isStation(): bool
    {
        return SkillFamily::Team !== $this->family && SkillFamily::Daily !== $this->family;
    }

    /** Whether there is any use for it under a rule set. */
    public function suits(RuleSet $rules): bool
    {
        if (null !== $this->needs) {
            return $this->needs->isMet($rules);
        }
        foreach ($this->serves as $skills) {
            foreach ($skills as $skill) {
                if ($skill->suits($rules)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return list<int> position numbers */
    public function positions(): array
    {
        return array_keys($this->serves);
    }

    public function servesSkill(Skill $skill): bool
    {
        foreach ($this->serves as $skills) {
            if (\in_array($skill, $skills, true)) {
                return true;
            }
        }

        return false;
    }
}
