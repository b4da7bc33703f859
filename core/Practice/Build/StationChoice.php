<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Build;

use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\Drill;
use FoxCorner\Core\Practice\Need\JobNeed;
use FoxCorner\Core\Practice\Place;
use FoxCorner\Core\Practice\SkillFamily;

/** Which drills to run tonight: one after the other, whatever meets most of what is still open. */
final readonly class StationChoice
{
    /** Minutes that a drill is thought to get (ours). */
    private const MINUTES = 14;
    /** A helper is worth so much of a station: those that need none are preferred a little (ours). */
    private const HELPER = 0.35;
    /** How much it counts that stations can run at the same time (ours). */
    private const TOGETHER = 2.0;
    private const FEWEST = 4;
    private const MOST = 9;

    /**
     * @param list<RosterPlayer> $players   who come
     * @param array<string, int> $equipment
     */
    public function __construct(
        private array $players,
        private Helpers $helpers,
        private array $equipment,
        private FieldPart $part,
        private Diamond $diamond,
    ) {}

    /** How many stations are worth setting up for so many helpers. */
    public static function count(Helpers $helpers): int
    {
        return max(self::FEWEST, min(self::MOST, 2 * $helpers->all + 1));
    }

    /**
     * @param list<JobNeed>        $needs
     * @param array<string, Drill> $drills to choose from
     *
     * @return array<string, Drill>
     */
    public function of(array $needs, array $drills, ?int $count = null): array
    {
        $open = $weights = [];
        foreach ($needs as $need) {
            $open[$need->key()] = (float) $need->reps();
            $weights[$need->key()] = $need->weight;
        }
        // What needs everybody is team defence, not a station.
        $possible = array_filter(
            $drills,
            fn(Drill $drill): bool => SkillFamily::Team !== $drill->family && null === $this->hindrance($drill),
        );
        $chosen = [];
        while (\count($chosen) < ($count ?? self::count($this->helpers)) && [] !== $possible) {
            $values = array_map(
                fn(Drill $drill): float => $this->worth($drill, $this->gives($drill, $open), $weights) *
                    $this->goesWith($drill, $chosen),
                $possible,
            );
            arsort($values);
            $best = array_key_first($values);
            if ($values[$best] <= 0.0) {
                break;
            }
            foreach ($this->gives($possible[$best], $open) as $job => $reps) {
                $open[$job] -= $reps;
            }
            $chosen[$best] = $possible[$best];
            unset($possible[$best]);
        }

        return $chosen;
    }

    /**
     * Weighted repetitions for its share of helpers, and of the seats that are needed so that nobody waits.
     *
     * @param array<string, float> $gives
     * @param array<string, float> $weights
     */
    private function worth(Drill $drill, array $gives, array $weights): float
    {
        $worth = array_sum(
            array_map(static fn(string $job, float $reps): float => $weights[$job] * $reps, array_keys($gives), $gives),
        );
        $seats = \count($this->players) / $this->helpers->all;

        return ($worth / (1.0 + self::HELPER * $drill->helpers)) * sqrt(min(1.0, $drill->max / max(1.0, $seats)));
    }

    /**
     * The share of the chosen stations that can run at the same time.
     *
     * @param array<string, Drill> $chosen
     */
    private function goesWith(Drill $drill, array $chosen): float
    {
        if ($drill->place->isMovable || [] === $chosen) {
            return 1.0;
        }
        $ground = $drill->place->on($this->diamond)->ground();
        $good = array_filter(
            $chosen,
            fn(Drill $other): bool => $other->place->isMovable ||
                !$ground->conflictsWith($other->place->on($this->diamond)->ground()),
        );

        return ((1.0 + \count($good)) / (1.0 + \count($chosen))) ** self::TOGETHER;
    }

    /** Why a drill cannot be run tonight, as the end of a sentence; null when it can. */
    public function hindrance(Drill $drill): ?string
    {
        $who = array_filter(
            $this->players,
            static fn(RosterPlayer $player): bool => [] !==
                array_intersect(Position::numbers($player->positions), $drill->positions()) &&
                (0 === $drill->throwsPerRep || $player->limit->allowsGameThrows()) &&
                !$player->limit->forbidsRunning(),
        );
        $short = array_filter(
            $drill->equipment,
            fn(int $pieces, string $name): bool => $pieces > ($this->equipment[$name] ?? 0),
            \ARRAY_FILTER_USE_BOTH,
        );

        return match (true) {
            \count($who) < $drill->min => \sprintf(
                'needs %d players, and %d who come can work there',
                $drill->min,
                \count($who),
            ),
            $drill->helpers > $this->helpers->all => \sprintf('needs %d helpers', $drill->helpers),
            $drill->isHit && 0 === $this->helpers->whoHit => 'needs somebody who hits',
            [] !== $short => \sprintf('needs %d × %s', current($short), key($short)),
            !$this->part->holds($drill, $this->somewhere($drill), $this->diamond) => FieldPart::Hall === $this->part
                ? 'does not fit into a hall'
                : 'does not fit on that part of the field',
            default => null,
        };
    }

    /** Where it would be without the others. */
    private function somewhere(Drill $drill): Place
    {
        [$x, $y] = $drill->place->isMovable ? $this->part->spots()[0] : [0.0, 0.0];

        return $drill->place->on(
            $this->diamond,
            Point::of($x * $this->diamond->basePath, $y * $this->diamond->basePath),
        );
    }

    /**
     * @param array<string, float> $open repetitions wanted by job
     *
     * @return array<string, float> repetitions of them that the drill would give
     */
    private function gives(Drill $drill, array $open): array
    {
        $gives = [];
        foreach ($drill->serves as $number => $skills) {
            $people = \count(
                array_filter(
                    $this->players,
                    static fn(RosterPlayer $player): bool => Position::from($number) ===
                        ($player->positions[0] ?? null),
                ),
            );
            foreach ($skills as $skill) {
                $job = $number . '/' . $skill->value;
                if (($open[$job] ?? 0.0) > 0.0) {
                    $gives[$job] = min(
                        $open[$job],
                        (float) ($drill->repetitions($drill->atOnce, self::MINUTES) * $people),
                    );
                }
            }
        }

        return $gives;
    }
}
