<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Scheme;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Unknown;
use FoxCorner\Core\Skill\Skill;
use FoxCorner\Core\Value\ButFor;

/** One fielder's task on a play: what, and at which base. */
final readonly class Job
{
    use ButFor;

    public JobKind $kind;

    private function __construct(
        public Verb $verb,
        public ?Base $base,
        public string $words,
        private ?Skill $skill = null,
    ) {
        $this->kind = $verb->kind();
    }

    /** @param string|null $words where this coverage says it otherwise */
    public static function of(Verb $verb, ?Base $base = null, ?string $words = null): self
    {
        if ($verb->isAtABase() !== (null !== $base)) {
            throw new \LogicException("“{$verb->value}” is done " . (null === $base ? 'at a base.' : 'at no base.'));
        }

        return new self($verb, $base, $words ?? \sprintf($verb->words(), $base?->word()));
    }

    public static function field(): self
    {
        /** @var self|null $field asked for on every ball */
        static $field = null;

        return $field ??= Verb::Field->job();
    }

    public static function cover(Base $base, ?string $words = null): self
    {
        return Verb::Cover->at($base, $words);
    }

    public static function comeIn(Base $base): self
    {
        return Verb::ComeIn->at($base);
    }

    public static function turnBack(Base $base): self
    {
        return Verb::TurnBack->at($base);
    }

    public static function backUp(Base $base): self
    {
        return Verb::BackUp->at($base);
    }

    public static function converge(): self
    {
        return Verb::Converge->job();
    }

    /** The same, of which something else is practised. */
    public function practising(Skill $skill): self
    {
        return $this->but(skill: $skill);
    }

    /**
     * The job that files and forms call so: "cover-first", "turn-back-third", "converge".
     *
     * @throws Problem
     */
    public static function ofKey(string $key): self
    {
        $keys = [];
        foreach (self::all() as $job) {
            if ($job->key() === $key) {
                return $job;
            }
            $keys[] = $job->key();
        }

        throw Unknown::notOneOf('job', $key, $keys);
    }

    /** @return list<self> everything that a line of a coverage can ask */
    public static function all(): array
    {
        $jobs = [];
        foreach (Verb::cases() as $verb) {
            if ($verb->isAsked()) {
                array_push($jobs, ...$verb->isAtABase() ? self::atEach($verb) : [$verb->job()]);
            }
        }

        return $jobs;
    }

    /** @return list<self> one at each base */
    public static function atEach(Verb $verb): array
    {
        return array_map(static fn(Base $base): self => $verb->at($base), Base::cases());
    }

    /** Whether it is done behind the throws to a base; who reads first goes behind third or home. */
    public function isBehind(Base $base): bool
    {
        return match ($this->verb) {
            Verb::BackUp, Verb::Fill => $base === $this->base,
            Verb::ReadThenBehind => Base::Third === $base || Base::Home === $base,
            default => false,
        };
    }

    /** Whether whoever does it takes the throws to a base. */
    public function takes(Base $base): bool
    {
        return $base === $this->base && (JobKind::Cover === $this->kind || JobKind::Hold === $this->kind);
    }

    /** Stays the same for ever. */
    public function key(): string
    {
        return $this->verb->key() . (null === $this->base ? '' : '-' . $this->base->word());
    }

    /** As a coach picks it from a list. */
    public function label(): string
    {
        return Verb::TurnBack === $this->verb ? \sprintf($this->verb->label(), $this->base?->word()) : $this->words;
    }

    public function skill(): Skill
    {
        return $this->skill ?? $this->verb->skill($this->base);
    }
}
