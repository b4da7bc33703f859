<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Build;

use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Drill\Receiver;
use FoxCorner\Core\Practice\Ground\Place;
use FoxCorner\Core\Practice\Need\JobNeed;

/**
 * Which drills to run tonight: one after the other, whatever adds most to what everybody works on.
 *
 * A player works at as many stations as there are rounds; what they are worth to him is how much is wanted of what they
 * teach him, at the position that he plays or, less, at another.
 */
final readonly class StationChoice
{
    /** A helper is worth so much of a station: those that need none are preferred a little (ours). */
    private const HELPER = 0.35;
    /** How much it counts that stations can run at the same time (ours). */
    private const TOGETHER = 1.0;
    /** Rounds in which a player works (ours). */
    private const ROUNDS = 4;
    /** Power of a need's weight: what every game asks comes before what every month does (ours). */
    private const FIRST_THINGS = 2.5;
    /** Of what it would be worth at the position that he plays first (ours). */
    private const OTHER_POSITION = 0.4;
    /** Of what it was worth, once another station teaches the same (ours). */
    private const AGAIN = 0.3;
    private const FEWEST = 7;
    private const MOST = 9;
    /** More than that for what everybody is to have, and for who is limited (ours). */
    private const FOR_GOALS = 3;

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
        private ?RuleSet $rules = null,
    ) {}

    /** @param list<RosterPlayer> $players who come */
    public static function under(RuleSet $rules, array $players, Means $means): self
    {
        return new self($players, $means->helpers, $means->equipment, $means->part, $rules->diamond(), $rules);
    }

    /** How many stations are worth setting up for so many helpers. */
    public static function count(Helpers $helpers): int
    {
        return max(self::FEWEST, min(self::MOST, 2 * $helpers->all + 3));
    }

    /**
     * @param list<JobNeed>        $needs
     * @param array<string, Drill> $drills to choose from
     *
     * @return array<string, Drill>
     */
    public function of(array $needs, array $drills, ?int $count = null): array
    {
        $weights = [];
        foreach ($needs as $need) {
            if ($need->reps() > 0) {
                $weights[$need->key()] = $need->weight;
            }
        }
        $possible = array_filter(
            $drills,
            fn(Drill $drill): bool => $drill->isStation() && null === $this->hindrance($drill),
        );
        $goals = Goals::of($needs, $this->players);
        $chosen = [];
        $most = $count ?? self::count($this->helpers);
        while ([] !== $possible) {
            // What everybody is to have in a week comes first, and that who is limited has somewhere to work.
            $open = $goals->serving($chosen, $possible);
            if (\count($chosen) >= $most + ([] === $open || null !== $count ? 0 : self::FOR_GOALS)) {
                break;
            }
            $now = $this->worth($chosen, $weights);
            $values = array_map(
                fn(Drill $drill): float => (($this->worth([...$chosen, $drill], $weights) - $now) *
                    $this->goesWith($drill, $chosen)) /
                    (1.0 + self::HELPER * $drill->helpers),
                [] === $open ? $possible : $open,
            );
            arsort($values);
            $best = array_key_first($values);
            if ([] === $open && $values[$best] <= 0.0) {
                break;
            }
            $chosen[$best] = $possible[$best];
            unset($possible[$best]);
        }

        return $chosen;
    }

    /**
     * What everybody works on, weighed, in the best of the stations for him.
     *
     * @param array<Drill>         $drills
     * @param array<string, float> $weights by job
     */
    private function worth(array $drills, array $weights): float
    {
        $sum = 0.0;
        foreach ($this->players as $player) {
            $own = $taught = [];
            foreach ($drills as $drill) {
                $own[] = self::worthTo($player, $drill, $weights, $taught);
            }
            rsort($own);
            $sum += array_sum(\array_slice($own, 0, self::ROUNDS));
        }

        return $sum;
    }

    /**
     * The heaviest that a drill teaches a player.
     *
     * @param array<string, float> $weights by job
     * @param array<string, true>  $taught  jobs that stations before it teach him, added to
     */
    private static function worthTo(RosterPlayer $player, Drill $drill, array $weights, array &$taught): float
    {
        [$most, $what] = [0.0, null];
        foreach ($drill->allows($player->limit) ? $player->positions : [] as $rank => $position) {
            foreach ($drill->serves[$position->value] ?? [] as $skill) {
                $job = $position->value . '/' . $skill->value;
                $worth =
                    ($weights[$job] ?? 0.0) ** self::FIRST_THINGS *
                    (0 === $rank ? 1.0 : self::OTHER_POSITION) *
                    (isset($taught[$job]) ? self::AGAIN : 1.0);
                [$most, $what] = $worth > $most ? [$worth, $job] : [$most, $what];
            }
        }
        if (null !== $what) {
            $taught[$what] = true;
        }

        return $most;
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

    /**
     * Pieces that a drill wants and nobody has brought.
     *
     * @return array<string, int> by name, as many as are missing
     */
    public function missing(Drill $drill): array
    {
        $missing = [];
        foreach ($drill->equipment as $name => $pieces) {
            $short = $pieces - ($this->equipment[$name] ?? 0);
            if ($short > 0) {
                $missing[$name] = $short;
            }
        }

        return $missing;
    }

    /**
     * What is missing for the drill that is nearest to being run.
     *
     * @param array<string, Drill> $drills
     */
    public function nearest(array $drills): string
    {
        if ([] === array_filter($this->players, static fn(RosterPlayer $one): bool => !$one->limit->forbidsRunning())) {
            return 'somebody who may run; for the others catch and hands on the spot, without a sheet';
        }
        $far = [];
        foreach ($drills as $key => $drill) {
            $isUsed = $drill->isStation() && (null === $this->rules || $drill->suits($this->rules));
            if ($isUsed && null !== $this->hindrance($drill)) {
                $far[$key] =
                    max(0, $drill->min - \count($this->who($drill))) +
                    max(0, $drill->helpers - $this->helpers->all) +
                    array_sum($this->missing($drill));
            }
        }
        asort($far);
        $near = $drills[array_key_first($far) ?? ''] ?? null;

        return null === $near
            ? 'another player, helper, piece or part of the field'
            : \sprintf('what the nearest is short of: “%s” %s', $near->name, $this->hindrance($near));
    }

    /** @return array<RosterPlayer> who can work at a drill */
    private function who(Drill $drill): array
    {
        return array_filter(
            $this->players,
            static fn(RosterPlayer $player): bool => [] !==
                array_intersect(Position::numbers($player->positions), $drill->positions()) &&
                $drill->allows($player->limit),
        );
    }

    /** Why a drill cannot be run tonight, as the end of a sentence; null when it can. */
    public function hindrance(Drill $drill): ?string
    {
        $who = $this->who($drill);
        $short = $this->missing($drill);

        return match (true) {
            null !== $this->rules && !$drill->suits($this->rules) => 'has no use under these rules',
            \count($who) < $drill->min => \sprintf(
                'needs %d players, and %d who come can work there',
                $drill->min,
                \count($who),
            ),
            $drill->helpers > $this->helpers->all => \sprintf('needs %d helpers', $drill->helpers),
            $drill->isHit && 0 === $this->helpers->whoHit => 'needs somebody who hits',
            [] !== $short => \sprintf('needs %d × %s', $drill->equipment[key($short)], key($short)),
            !$this->isFilled($drill, $who) => null === $drill->neverWithout
                ? 'needs a net, a helper or a player more to receive'
                : \sprintf('needs a %s, or a helper who stands in', lcfirst($drill->neverWithout->label())),
            !$this->part->holds($drill, $this->somewhere($drill), $this->diamond) => FieldPart::Hall === $this->part
                ? 'does not fit into a hall'
                : 'does not fit on that part of the field',
            default => null,
        };
    }

    /**
     * Whether there is somebody or something for every place.
     *
     * @param array<RosterPlayer> $who can work there
     */
    private function isFilled(Drill $drill, array $who): bool
    {
        $one = $drill->neverWithout;
        $isThere =
            null === $one || [] !== array_filter($who, static fn(RosterPlayer $player): bool => $player->plays($one));
        foreach ($drill->receivers() as $receiver) {
            if (
                (Receiver::Net !== $receiver || ($this->equipment[Receiver::PIECE] ?? 0) > 0) &&
                $drill->helpers + ($receiver?->helpers() ?? 0) <= $this->helpers->all &&
                $drill->least($receiver) <= \count($who) &&
                (null !== $receiver || $isThere)
            ) {
                return true;
            }
        }

        return false;
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
}
