<?php

declare(strict_types=1);

namespace FoxCorner\App\Field;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Choice\Reasons;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Choice\Verdict;
use FoxCorner\Core\Play\Clock\Because;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Scheme\JobKind;

/** What a play comes to, in a coach's words: the title, the throws, what to go for. */
final readonly class PlayAdvice
{
    /** A lead out surer than this needs no word on what happens when everybody is safe (ours). */
    private const SURE = 0.9;
    /** With nobody out and these on, everybody safe is the big inning. */
    private const BIG_INNINGS = [Bases::First, Bases::Second, Bases::FirstSecond, Bases::FirstThird];

    /**
     * @param string        $title   "Out at first, 94 in 100, by 0.31 s"
     * @param string        $call    "Crash, one."
     * @param list<string>  $throws  a sentence for each throw, lead base first
     * @param string|null   $worth   what the throws cost, and how sure one must be
     * @param string|null   $allSafe what it means when everybody is safe, where that has to be said
     * @param list<JobKind> $kinds   of jobs that the drawing shows, for its legend
     * @param string|null   $waits   "R3 waits. …": who is on, need not go and sees that he must not
     * @param string|null   $because where the seconds of the call go
     */
    private function __construct(
        public string $title,
        public string $call,
        public array $throws,
        public ?string $worth,
        public ?string $allSafe,
        public array $kinds,
        public ?string $waits = null,
        public ?string $because = null,
    ) {}

    public static function on(Timeline $play, PlannedPlay $planned): self
    {
        $made = $play->isHeld() ? null : $play->called();
        $throws = array_map(static fn(ThrowOption $option): string => self::throw($option, $made), $play->options());

        return new self(
            self::title($play),
            self::call($play, $planned),
            $throws,
            self::worth($play),
            self::allSafe($play),
            self::kinds($play),
            self::waits($play),
            Because::of($play),
        );
    }

    private static function waits(Timeline $play): ?string
    {
        $names = [];
        foreach ($play->setting->runners as $runner) {
            if ($runner->stays()) {
                $names[] = 'R' . $runner->base->value;
            }
        }

        return [] === $names
            ? null
            : \sprintf(
                '%s %s. Look before you throw: who is halfway is run at, and the throw goes ahead of him.',
                implode(' and ', $names),
                1 === \count($names) ? 'waits' : 'wait',
            );
    }

    private static function title(Timeline $play): string
    {
        if (null !== $play->title) {
            return $play->title;
        }
        $called = $play->called();
        if (!is_finite($called->margin())) {
            return 'Through the infield';
        }
        $second = $play->legs[1] ?? null;

        $at = $called->base->word();

        $two = null === $second ? null : Verdict::of($called->two, $second->made->margin());

        return true === $two?->isOut
            ? $two->words('Two', 'One')
            : Verdict::on($called)->words("Out at $at", "Safe at $at") .
                    (null === $two ? '' : \sprintf('; two, %d in 100', round(100 * $called->two)));
    }

    private static function call(Timeline $play, PlannedPlay $planned): string
    {
        if ($play->isHeld()) {
            return 'Hold it.';
        }
        $called = $play->called();
        if ($planned->family->isReadByOthers()) {
            return ($planned->coverage->call ?? '') . ', ' . self::spoken($called->base) . '.';
        }

        return match (true) {
            $play->isForTwo() => 'Two.',
            null === $called->cover => 'Hold it.',
            default => ucfirst($called->base->word()) . '.',
        };
    }

    private static function throw(ThrowOption $option, ?ThrowOption $called): string
    {
        if (null === $option->cover) {
            return 'nobody there.';
        }

        return Verdict::on($option)->words('out', 'safe') . ($option === $called ? ': the call.' : '.');
    }

    private static function worth(Timeline $play): ?string
    {
        [$after, $options] = [$play->setting->after, $play->options()];
        if (null === $after || null === $play->setting->batter || \count($options) < 2) {
            return null;
        }
        $reasons = $play->reasons();
        $prices = array_map(
            static fn(ThrowOption $option): string => ucfirst($option->base->word()) .
                ($reasons->more($option) < Reasons::LEAST
                    ? ' costs least'
                    : \sprintf(' +%.2f', $reasons->more($option))),
            $options,
        );
        $lead = $options[0];

        $worth = \sprintf(
            '%s. Go for %s when you are %d %% sure; this one is %d.',
            implode(', ', $prices),
            $lead->base->word(),
            round(100 * $after->breakEven($lead->base)),
            round(100 * $lead->chance),
        );

        return rtrim("$worth {$reasons->price()}");
    }

    private static function allSafe(Timeline $play): ?string
    {
        [$after, $situation] = [$play->setting->after, $play->setting->situation];
        $isBig = Outs::None === $situation->outs && \in_array($situation->bases, self::BIG_INNINGS, true);
        if (null === $after || !$isBig || $play->options()[0]->chance >= self::SURE) {
            return null;
        }
        $loaded =
            Bases::FirstSecond === $situation->bases
                ? ': the bases loaded with nobody out. When in doubt, one out'
                : '';

        return \sprintf(
            'Everybody safe costs %.2f more than the out at first%s.',
            $after->safe() - $after->out(Base::First),
            $loaded,
        );
    }

    /** As it is called out. */
    private static function spoken(Base $base): string
    {
        return match ($base) {
            Base::First => 'one',
            Base::Second => 'two',
            Base::Third => 'three',
            Base::Home => 'home',
        };
    }

    /** @return list<JobKind> */
    private static function kinds(Timeline $play): array
    {
        $shown = [];
        foreach ($play->moves as $move) {
            foreach ($move->jobs as $job) {
                $shown[] = $job->kind;
            }
        }

        return array_values(
            array_filter(JobKind::cases(), static fn(JobKind $kind): bool => \in_array($kind, $shown, true)),
        );
    }
}
