<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Held;

use FoxCorner\Core\Family\ShippedFamilies;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Play\Clock\Event;
use FoxCorner\Core\Play\Clock\Keyframe;
use FoxCorner\Core\Play\Clock\Leg;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Clock\Voice;
use FoxCorner\Core\Play\Clock\VoiceWord;
use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\JobKind;
use FoxCorner\Core\Play\Scheme\Trial;
use FoxCorner\Tests\Core\Teams;

/** Plays of one family on the clock: at every level, in changing situations, against every coverage. */
final class PlayCases
{
    private const SITUATIONS = [
        'R1-0',
        'R3-1',
        'R1R2-0',
        'none-1',
        'R2-1',
        'loaded-1',
        'R1R3-1',
        'R2R3-0',
        'R2-2',
        'R1R3-0',
    ];
    /** Situations of a level; trials of each. */
    private const EACH = 3;
    private const PARTS = 5;

    /** @return list<PlayFamily> */
    public static function families(): array
    {
        return ShippedFamilies::all()->all();
    }

    /** @return iterable<string, array<string, mixed>> */
    public static function of(PlayFamily $family): iterable
    {
        foreach (Level::cases() as $index => $level) {
            $found = 0;
            foreach (self::SITUATIONS as $shift => $_) {
                $situation = self::SITUATIONS[($index + $shift) % \count(self::SITUATIONS)];
                $batter = BatterType::cases()[($index + $shift) % 4];
                $isMeasured = 1 === $found;
                $nine = $isMeasured ? Teams::measured($level) : Teams::nine();
                $state = $isMeasured
                    ? Teams::timed($level, $situation)
                    : Teams::state($level->usualRules(), $situation, batter: $batter);
                $plan = Teams::plan($state, $level, $nine);
                $play = PlannedPlay::of($plan, $family, PlanBook::shipped($plan->state->rules));
                if (null === $play->coverage || $found >= self::EACH) {
                    continue;
                }
                yield from self::played($play, "$level->value $situation", 0 === $found++);
            }
        }
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function played(PlannedPlay $play, string $where, bool $isFirst): iterable
    {
        $cost = Teams::cost($play->plan->level->level);
        $trials = self::some($play->family->trials($play->plan->scene()));
        foreach ($play->coverages as $number => $coverage) {
            $now = $play->trying($coverage);
            foreach ($trials as $index => $trial) {
                if ($index % \count($play->coverages) === $number % \count($trials) || ($isFirst && 0 === $index)) {
                    $timeline = $now->run($trial, $cost);
                    $name = "$where, $coverage->key, " . self::name($trial);
                    yield $name => self::called($timeline) + self::story($timeline);
                    if (0 === $number) {
                        yield "$name, ways" => self::ways($timeline);
                    }
                    if ($isFirst && 0 === $number) {
                        yield from self::otherwise($now, $coverage, $trial, $name);
                    }
                }
            }
        }
        if ($isFirst) {
            yield "$where, tried" => self::tried($play);
            $report = $play->report($cost);
            yield "$where, audit" => [
                'outs' => $report->outs,
                'lead' => $report->leadOutShare,
                'faults' => \count($report->findings),
                'prices' => \count($report->prices),
                'rank' => isset($report->findings[0]) ? $report->findings[0]->rank() : null,
            ] + $report->costs;
            foreach ([...$report->findings, ...$report->prices] as $index => $one) {
                yield "$where, found $index" => [
                    'what' => $one->worst->identity(),
                    'weight' => $one->worst->weight,
                    'balls' => $one->balls,
                    'says' => $one->worst->measure,
                    'mend' => $one->mendWords(),
                ];
            }
        }
    }

    /** @return array<string, mixed> how often it comes, and the sum of each field of what it is tried on */
    private static function tried(PlannedPlay $play): array
    {
        $scene = $play->plan->scene();
        $sums = ['a plate appearance' => $play->family->perPlateAppearance($scene)];
        $all = ['of' => $play->family->trials($scene), 'rare' => $play->family->rareTrials($scene)];
        foreach ($all as $which => $trials) {
            foreach ($trials as $trial) {
                $sums[$which] = ($sums[$which] ?? 0) + 1;
                foreach ($trial->fields() as $field => $value) {
                    $sums["$which $field"] = ($sums["$which $field"] ?? 0.0) + (\is_float($value) ? abs($value) : 0.0);
                }
            }
        }

        return array_filter($sums, static fn(float|int $sum): bool => $sum > 0);
    }

    /**
     * The same with nobody behind a bag, with nobody at one, and with the middle of the infield far from it.
     *
     * @return iterable<string, array<string, mixed>>
     */
    private static function otherwise(PlannedPlay $play, Coverage $coverage, Trial $trial, string $name): iterable
    {
        $scene = $play->plan->scene(Teams::cost($play->plan->level->level));
        $run = static fn(Scene $scene, Coverage $coverage): Timeline => $play->family
            ->against($scene, $coverage)($trial)
            ->timeline();
        foreach (['nobody behind' => JobKind::BackUp, 'nobody covers' => JobKind::Cover] as $which => $gone) {
            yield "$name, $which" => self::called($run($scene, Teams::without($coverage, $gone)));
        }
        foreach ([Position::SecondBase, Position::Shortstop] as $position) {
            $start = $scene->cast->at($position)->start;
            $scene = $scene->moved($position, $start->plus(1.4 * $start->x, 35.0));
        }
        yield "$name, middle far" => self::called($run($scene, $coverage));
    }

    /** @return array<string, mixed> */
    private static function called(Timeline $play): array
    {
        $called = $play->called();
        $others = '';
        foreach ($play->options() as $option) {
            $others .= \sprintf(' %s %.3f %.3f', $option->base->word(), $option->chance, $option->cost ?? 0.0);
        }

        return [
            'by' => $play->fieldedBy()->value,
            'has s' => $play->fieldedAt(),
            'to' => $called->base->word(),
            'cover' => $called->cover?->value,
            'leaves s' => $called->released,
            'ball s' => $called->ballThere,
            'cover s' => $called->coverThere,
            'runner s' => $called->runnerThere,
            'margin s' => $called->margin(),
            'out' => $called->chance,
            'on time' => $called->chanceOnTime,
            'in hand' => $called->inHand,
            'two' => $called->two,
            'cost runs' => $called->cost,
            'all' => ltrim($others),
            'says' => $play->title ?? '',
        ];
    }

    /** @return array<string, mixed> */
    private static function story(Timeline $play): array
    {
        $ball = $play->ball->at(0.8 * $play->length());

        return [
            'ends s' => $play->length(),
            'legs s' => array_map(static fn(Leg $leg): float => $leg->made->released, $play->legs),
            'ball ft' => \sprintf('%.1f %.1f', $ball->x, $ball->y),
            'events' => implode(
                ' ',
                array_map(
                    static fn(Event $one): string => \sprintf('%s %.3f', $one->kind->value, $one->seconds),
                    $play->events,
                ),
            ),
        ];
    }

    /** @return array<string, mixed> where each ends up, ft, and when, s; what is told of it and said in it */
    private static function ways(Timeline $play): array
    {
        $ways = [
            'trial' => $play->trial->words(),
            'told' => implode(', ', array_map(static fn(Event $one): string => $one->words, $play->events)),
            'voices' => implode(
                ' ',
                array_map(
                    static fn(Voice $one): string => \sprintf(
                        '%s to %s at %.3f: %s %s',
                        $one->by->value,
                        $one->to->value,
                        $one->seconds,
                        implode(' ', array_map(static fn(VoiceWord $word): string => $word->usual(), $one->words)),
                        $one->means,
                    ),
                    $play->voices,
                ),
            ),
            'between ft' => null === $play->caught
                    ? 'nobody'
                    : \sprintf('%s %.2f %.2f', $play->caught->from->word(), $play->caught->off, $play->caught->gap),
            'ball' => implode(
                ' ',
                array_map(
                    static fn(Keyframe $one): string => \sprintf(
                        '%.2f %.1f %.1f',
                        $one->seconds,
                        $one->point->x,
                        $one->point->y,
                    ),
                    $play->ball->keyframes,
                ),
            ),
        ];
        foreach ($play->moves as $number => $move) {
            $end = $move->track->end();
            $half = $move->track->at($end->seconds / 2);
            $soon = $move->track->at(0.8 * $end->seconds);
            $ways["of $number"] = \sprintf(
                '%s %.1f %.1f at %.3f over %.1f %.1f, %.1f %.1f',
                ($move->jobs[0] ?? null)?->key() ?? 'nothing',
                $end->point->x,
                $end->point->y,
                $end->seconds,
                $half->x,
                $half->y,
                $soon->x,
                $soon->y,
            );
        }
        foreach ($play->runners as $name => $track) {
            $ways[$name] = \sprintf(
                '%.1f %.1f at %.3f',
                $track->at(1.5)->x,
                $track->at(1.5)->y,
                $track->end()->seconds,
            );
        }

        return $ways;
    }

    /**
     * The first, the last and some between.
     *
     * @param list<Trial> $trials
     *
     * @return list<Trial>
     */
    private static function some(array $trials): array
    {
        $last = \count($trials) - 1;
        $places = array_map(static fn(int $part): int => intdiv($part * $last, self::PARTS), range(0, self::PARTS));

        return array_values(array_intersect_key($trials, array_flip($places)));
    }

    private static function name(Trial $trial): string
    {
        return implode(
            ' ',
            array_map(
                static fn(string $name, float|string $value): string => "$name " .
                    (\is_float($value) ? round($value) : $value),
                array_keys($trial->fields()),
                $trial->fields(),
            ),
        );
    }
}
