<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Scheme;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Unknown;

/** One fielder's task on a play. */
final readonly class Job
{
    private const COVER = 'cover';
    private const TURN_BACK = 'turn-back';
    private const COME_IN = 'come-in';
    private const LAST_CUT = 'last-cut';
    private const READ = 'read-then-behind';
    private const BEHIND = 'behind-ball';
    /** What is practised of a job at a base that is the same at all of them, by the kind. */
    private const SKILLS = ['cut' => 'cutoff-line', 'trail' => 'tandem', 'follow' => 'follow-runner'];

    /**
     * @param bool        $comesLate a bag that the coverage leaves open until somebody is in: late by design
     * @param string|null $verb      as files have it, where the kind does not say it
     * @param string|null $skill     what is practised of it, likewise
     */
    private function __construct(
        public JobKind $kind,
        public ?Base $base,
        public bool $startsTowardBall,
        public string $words,
        public bool $comesLate = false,
        private ?string $verb = null,
        private ?string $skill = null,
    ) {}

    public static function field(): self
    {
        return new self(JobKind::Field, null, true, 'Field it');
    }

    /** Whether it is fielding alone, whatever kind of ball it is. */
    public function isField(): bool
    {
        return JobKind::Field === $this->kind && 'Field it' === $this->words;
    }

    /** A ball in the outfield. */
    public static function fieldOut(): self
    {
        return new self(JobKind::Field, null, true, 'Field it; throw chest high');
    }

    /** A ball in the outfield that is past him. */
    public static function fieldBehind(): self
    {
        return new self(JobKind::Field, null, true, 'Run it down; throw to the lead man', true);
    }

    /**
     * A job with a name and a practice of its own.
     *
     * @param string $verb  as files have it; stays the same for ever
     * @param string $skill what is practised of it
     */
    public static function named(JobKind $kind, ?Base $base, string $words, string $verb, string $skill): self
    {
        return new self($kind, $base, JobKind::Field === $kind, $words, false, $verb, $skill);
    }

    public static function cover(Base $base, ?string $words = null): self
    {
        return new self(JobKind::Cover, $base, false, $words ?? 'Cover ' . $base->word());
    }

    /** The bag is left open, and somebody comes in to it from far. */
    public static function comeIn(Base $base, ?string $words = null): self
    {
        return new self(JobKind::Cover, $base, false, $words ?? 'Come in to ' . $base->word(), true);
    }

    /** Charges with the others, reads that the ball is somebody else's, and goes back to the bag. */
    public static function turnBack(Base $base): self
    {
        return new self(JobKind::Cover, $base, true, 'Not yours: back to ' . $base->word());
    }

    public static function backUp(Base $base): self
    {
        return new self(JobKind::BackUp, $base, false, 'Back up ' . $base->word());
    }

    /** Goes to the ball behind the one who fields it, and stays out of the throwing lane. */
    public static function converge(?string $words = null): self
    {
        return new self(JobKind::Converge, null, true, $words ?? 'Charge, then clear the lane');
    }

    /** Stands between the ball and a base, where the throw there is quickest over him. */
    public static function cut(Base $base): self
    {
        return new self(JobKind::Cut, $base, false, 'Cutoff toward ' . $base->word());
    }

    /** On the same line as the cutoff man farther out, and inside: the last one who can stop the ball. */
    public static function lastCut(Base $base): self
    {
        return new self(JobKind::Cut, $base, false, 'Last cutoff toward ' . $base->word(), true);
    }

    /** Behind the cutoff man, for the throw that he cannot have. */
    public static function trail(Base $base): self
    {
        return new self(JobKind::Trail, $base, false, 'Trail, behind the cutoff');
    }

    /** Sees the batter-runner touch first, and goes with him. */
    public static function follow(): self
    {
        return new self(JobKind::Follow, null, false, 'See him touch first; follow to second');
    }

    /** Runs behind another outfielder, for what gets by him, and tells him how far. */
    public static function behindBall(): self
    {
        return new self(JobKind::BackUp, null, false, 'Behind the ball; say how far');
    }

    /** Between two bases until he sees where the throw goes, then behind that one. */
    public static function readThenBehind(): self
    {
        return new self(JobKind::BackUp, null, true, 'Between third and home; read, then behind it');
    }

    /** Near the mound: there is no throw to back up yet. */
    public static function ready(): self
    {
        return new self(JobKind::RelayReady, null, false, 'By the mound; see the touch, ready to cut');
    }

    /**
     * The job that files and forms call so: "cover-first", "turn-back-third", "converge".
     *
     * @throws Problem
     */
    public static function ofKey(string $key): self
    {
        foreach (self::all() as $job) {
            if ($job->key() === $key) {
                return $job;
            }
        }

        throw Unknown::notOneOf('job', $key, array_map(static fn(self $job): string => $job->key(), self::all()));
    }

    /** @return list<self> everything that a line of a coverage can ask */
    public static function all(): array
    {
        return [...self::onABall(), ...RunnersJob::all()];
    }

    /** @return list<self> once a ball is hit */
    public static function onABall(): array
    {
        $jobs = [];
        $atBases = [
            self::cover(...),
            self::turnBack(...),
            self::comeIn(...),
            self::backUp(...),
            self::cut(...),
            self::lastCut(...),
            self::trail(...),
        ];
        foreach ($atBases as $of) {
            array_push($jobs, ...array_map(static fn(Base $base): self => $of($base), Base::cases()));
        }

        return [...$jobs, self::converge(), self::follow(), self::behindBall(), self::readThenBehind(), self::ready()];
    }

    /** Whether it is done behind the throws to a base; who reads first goes behind third or home. */
    public function isBehind(Base $base): bool
    {
        return JobKind::BackUp === $this->kind &&
            ($base === $this->base ||
                (null === $this->base && $this->startsTowardBall && \in_array($base, [Base::Third, Base::Home], true)));
    }

    /** Stays the same for ever. */
    public function key(): string
    {
        return $this->at(
            match (true) {
                null !== $this->verb => $this->verb,
                JobKind::Cut === $this->kind && $this->comesLate => self::LAST_CUT,
                JobKind::BackUp === $this->kind && $this->startsTowardBall => self::READ,
                JobKind::BackUp === $this->kind && null === $this->base => self::BEHIND,
                JobKind::Cover !== $this->kind => $this->kind->value,
                $this->comesLate => self::COME_IN,
                $this->startsTowardBall => self::TURN_BACK,
                default => self::COVER,
            },
        );
    }

    /** As a coach picks it from a list. */
    public function label(): string
    {
        return JobKind::Cover === $this->kind && $this->startsTowardBall && null !== $this->base
            ? 'Charge, else back to ' . $this->base->word()
            : $this->words;
    }

    /** What is practised: the same for every play that asks it, as in "cover-first" or "turn-back-third". */
    public function skill(): string
    {
        if (null !== $this->skill) {
            return $this->skill;
        }
        if (JobKind::Field === $this->kind && 'Field it' !== $this->words) {
            return $this->comesLate ? 'back-turned' : 'outfield-throw';
        }
        if (JobKind::BackUp === $this->kind && null === $this->base) {
            return $this->startsTowardBall ? 'back-up-throw' : 'neighbour-back-up';
        }

        return self::SKILLS[$this->kind->value] ??
            $this->at(JobKind::Cover === $this->kind && $this->startsTowardBall ? self::TURN_BACK : $this->kind->value);
    }

    private function at(string $verb): string
    {
        return null === $this->base ? $verb : $verb . '-' . $this->base->word();
    }
}
