<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Rule;

use FoxCorner\Core\Field\Sport;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\BatterTrait;
use FoxCorner\Core\Game\BuntOutlook;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\PitchSide;
use FoxCorner\Core\People\Pitching;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** When a rule speaks: all that is said must hold; what is left empty does not matter. */
final readonly class Condition
{
    /**
     * @param list<Bases>       $bases       one of these
     * @param list<Outs>        $outs        one of these
     * @param int|null          $lastInnings in the last so many innings, and in extra innings
     * @param int|null          $leadFrom    our runs less theirs, at least
     * @param int|null          $leadTo      at most
     * @param list<BatterTrait> $batter      one of these
     * @param list<BatterTrait> $notBatter   none of these
     * @param bool|null         $twoStrikes  whether the batter has two strikes
     * @param list<Pitching>    $pitching    one of these
     * @param list<Sport>       $sports      one of these
     * @param bool|null         $leads       whether runners may lead before the pitch
     * @param bool|null         $buntLikely  by {@see BuntOutlook}
     * @param list<PitchSide>   $pitch       called to one of these
     * @param Half|null         $half        whether they bat first or last; in the bottom a run can end the game
     * @param bool|null         $doublePlay  whether a double play is in order: runner on first, fewer than two out
     *
     * @throws Problem when it can never hold
     */
    public function __construct(
        public array $bases = [],
        public array $outs = [],
        public ?int $lastInnings = null,
        public ?int $leadFrom = null,
        public ?int $leadTo = null,
        public array $batter = [],
        public array $notBatter = [],
        public ?bool $twoStrikes = null,
        public array $pitching = [],
        public array $sports = [],
        public ?bool $leads = null,
        public ?bool $buntLikely = null,
        public ?bool $doublePlay = null,
        public ?Half $half = null,
        public array $pitch = [],
    ) {
        if (null !== $lastInnings) {
            OutOfRange::unlessBetween('last innings', $lastInnings, 1, 12, 'innings');
        }
        if (null !== $leadFrom && null !== $leadTo && $leadFrom > $leadTo) {
            throw Refused::because(
                'score',
                "from $leadFrom to $leadTo is nothing",
                'a first number that is not above the second',
            );
        }
    }

    public function holds(GameState $state): bool
    {
        [$situation, $context] = [$state->situation, $state->context];
        $isOneOf = static fn(array $allowed, mixed $value): bool => [] === $allowed ||
            \in_array($value, $allowed, true);
        $has = static fn(BatterTrait $trait): bool => $context->batter->is($trait);

        return $isOneOf($this->bases, $situation->bases) &&
            $isOneOf($this->outs, $situation->outs) &&
            (null === $this->lastInnings || $context->inning > $state->rules->innings - $this->lastInnings) &&
            (null === $this->half || $context->half === $this->half) &&
            (null === $this->leadFrom || $context->lead >= $this->leadFrom) &&
            (null === $this->leadTo || $context->lead <= $this->leadTo) &&
            ([] === $this->batter || [] !== array_filter($this->batter, $has)) &&
            [] === array_filter($this->notBatter, $has) &&
            (null === $this->twoStrikes || $context->count->hasTwoStrikes() === $this->twoStrikes) &&
            $isOneOf($this->pitching, $context->pitching) &&
            $isOneOf($this->pitch, $context->pitch) &&
            $isOneOf($this->sports, $state->rules->sport) &&
            (null === $this->leads || $state->rules->leads->allowsLeads() === $this->leads) &&
            (null === $this->buntLikely || BuntOutlook::of($state)->isLikely() === $this->buntLikely) &&
            (null === $this->doublePlay || $state->doublePlayIsInOrder() === $this->doublePlay);
    }

    /** "runner on first, fewer than two out, last 2 innings"; "always" when nothing is asked. */
    public function words(): string
    {
        $parts = array_filter(
            [
                self::basesWords($this->bases),
                self::outsWords($this->outs),
                null === $this->lastInnings
                    ? null
                    : (1 === $this->lastInnings
                        ? 'last inning'
                        : "last $this->lastInnings innings"),
                null === $this->half ? null : lcfirst($this->half->label()) . ' half',
                $this->leadWords(),
                [] === $this->batter
                    ? null
                    : 'batter ' .
                        self::anyOf(array_map(static fn(BatterTrait $trait): string => $trait->label(), $this->batter)),
                [] === $this->notBatter
                    ? null
                    : 'batter not ' .
                        self::anyOf(
                            array_map(static fn(BatterTrait $trait): string => $trait->label(), $this->notBatter),
                        ),
                match ($this->twoStrikes) {
                    true => 'two strikes',
                    false => 'fewer than two strikes',
                    null => null,
                },
                [] === $this->pitching
                    ? null
                    : 'pitcher ' .
                        self::anyOf(
                            array_map(
                                static fn(Pitching $pitching): string => lcfirst($pitching->label()),
                                $this->pitching,
                            ),
                        ),
                [] === $this->pitch
                    ? null
                    : 'pitch ' .
                        self::anyOf(
                            array_map(static fn(PitchSide $side): string => lcfirst($side->label()), $this->pitch),
                        ),
                [] === $this->sports
                    ? null
                    : self::anyOf(
                        array_map(static fn(Sport $sport): string => lcfirst($sport->label()), $this->sports),
                    ),
                match ($this->leads) {
                    true => 'runners may lead',
                    false => 'no leads',
                    null => null,
                },
                match ($this->buntLikely) {
                    true => 'a bunt is likely',
                    false => 'no bunt is likely',
                    null => null,
                },
                match ($this->doublePlay) {
                    true => 'a double play is in order',
                    false => 'no double play is in order',
                    null => null,
                },
            ],
            static fn(?string $part): bool => null !== $part,
        );

        return [] === $parts ? 'always' : implode(', ', $parts);
    }

    /** @param list<string> $words */
    private static function anyOf(array $words): string
    {
        return implode(' or ', $words);
    }

    private function leadWords(): ?string
    {
        $word = static fn(int $lead): string => 0 === $lead ? 'tied' : ($lead > 0 ? "up $lead" : 'down ' . -$lead);

        return match (true) {
            null === $this->leadFrom && null === $this->leadTo => null,
            null === $this->leadTo => $word($this->leadFrom) . ' or better',
            null === $this->leadFrom => $word($this->leadTo) . ' or worse',
            $this->leadFrom === $this->leadTo => $word($this->leadFrom),
            default => $word($this->leadFrom) . ' to ' . $word($this->leadTo),
        };
    }

    /** @param list<Bases> $bases */
    private static function basesWords(array $bases): ?string
    {
        if ([] === $bases) {
            return null;
        }
        foreach (BasesGroup::cases() as $group) {
            if ($group->isExactly($bases)) {
                return $group->label();
            }
        }

        return implode(
            ' or ',
            array_map(
                static fn(Bases $one): string => Bases::Empty === $one
                    ? 'nobody on'
                    : lcfirst($one->label()) . (Bases::Loaded === $one ? '' : ' only'),
                $bases,
            ),
        );
    }

    /** @param list<Outs> $outs */
    private static function outsWords(array $outs): ?string
    {
        $values = array_map(static fn(Outs $one): int => $one->value, $outs);
        sort($values);

        return match ($values) {
            [], [0, 1, 2] => null,
            [0, 1] => 'fewer than two out',
            default => implode(
                ' or ',
                array_map(static fn(int $value): string => lcfirst(Outs::from($value)->label()), $values),
            ),
        };
    }
}
