<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Golden;

use FoxCorner\Core\Family\Looks\LookMix;
use FoxCorner\Core\Family\Looks\LooksDrawn;
use FoxCorner\Core\Family\ShippedFamilies;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Known\StealFigures;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Play\Choice\AfterPlay;
use FoxCorner\Core\Play\Clock\Event;
use FoxCorner\Core\Play\Clock\Move;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Running\Battery;
use FoxCorner\Core\Play\Running\Leads;
use FoxCorner\Core\Play\Running\PickRace;
use FoxCorner\Core\Play\Running\PickRules;
use FoxCorner\Core\Play\Running\StealKind;
use FoxCorner\Core\Play\Running\StealRace;
use FoxCorner\Core\Play\Running\Thief;
use FoxCorner\Core\Play\Running\Toll;
use FoxCorner\Core\Play\Scheme\CoveragePrint;
use FoxCorner\Tests\Core\Teams;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Runners while nobody has hit the ball: steals, picks, first and third, rundowns, looks. */
final class RunningFigures implements Figures
{
    private const FAMILIES = ['pick', 'steal', 'first-third', 'rundown'];

    public static function all(): iterable
    {
        foreach (Level::cases() as $level) {
            yield "known/$level->value" => StealFigures::of($level);
            yield "steal/$level->value" => self::steals($level);
            yield "pick/$level->value" => self::picks($level);
        }
        yield 'toll' => self::tolls();
        foreach (
            [
                [Level::Pro, 'R1-0'],
                [Level::Youth13, 'R1R2-1'],
                [Level::Fastpitch16, 'R1R3-2'],
                [Level::Youth10, 'loaded-0'],
                [Level::HighSchool, 'R1R3-1'],
            ] as [$level, $situation]
        ) {
            foreach (self::FAMILIES as $family) {
                yield "play/$level->value/$situation/$family" => self::plays($level, $situation, $family);
            }
        }
        foreach ([1, 7] as $seed) {
            yield "looks/$seed" => LooksDrawn::draw(LookMix::ordinary(), 12, new Randomizer(new Mt19937($seed)));
        }
    }

    /** @return array<string, mixed> */
    private static function steals(Level $level): array
    {
        $rules = ShippedRuleSets::get($level->usualRules());
        [$profile, $figures] = [$level->profile(), []];
        $thief = Thief::of($rules, $profile, $profile->homeToFirst - 0.15);
        foreach ([Base::Second, Base::Third, Base::Home] as $base) {
            foreach (StealKind::cases() as $kind) {
                $race = StealRace::to($base, Battery::ordinary($profile), $rules, $profile, $kind, 1.0);
                $lead = Leads::usual(Base::from($base->value - 1), $rules);
                $figures["{$base->word()}/$kind->value"] = [
                    $race->runner($thief, $lead),
                    $race->out(),
                    $race->success($thief, $lead),
                    $race->astray(),
                    $race->line($thief, 0.6),
                ];
            }
        }

        return $figures;
    }

    /** @return array<string, mixed> */
    private static function picks(Level $level): array
    {
        $rules = ShippedRuleSets::get($level->usualRules());
        [$profile, $figures] = [$level->profile(), []];
        $thief = Thief::of($rules, $profile);
        $legs = $profile->fieldingLegs($thief->legs)->at($profile->motion->infieldSpeedShare);
        foreach ([Base::First, Base::Second, Base::Third] as $base) {
            foreach (PickRules::open($base, $rules) as $kind) {
                $race = PickRace::of($kind, $base, Battery::ordinary($profile), 15.0, $legs, $rules, $profile);
                $off = Leads::atThrow($kind, Leads::usual($base, $rules), $rules);
                $figures["{$base->word()}/$kind->value"] = [
                    $race->runner($thief, $off),
                    $race->out(),
                    $race->chance($thief, $off),
                    $race->astray(),
                    $race->line($thief, 0.4),
                    $race->withinReach($legs),
                    $kind->turns(Hand::Left, $base) + $kind->tells(Hand::Left),
                ];
            }
        }

        return $figures;
    }

    /** @return array<string, float> */
    private static function tolls(): array
    {
        $figures = [];
        foreach (['R1-0', 'R2-1', 'R1R3-2', 'loaded-1'] as $key) {
            $situation = Situation::fromKey($key);
            $after = new AfterPlay(Teams::cost(), $situation);
            $toll = new Toll($after);
            $front = $situation->bases->occupied()[0];
            $figures["$key/even"] = $toll->breakEven($front);
            $figures["$key/error"] = $toll->ofError($front, 0.1, true, true);
            $figures["$key/wild"] = $toll->ofError($front, 0.1, false, false);
            $figures["$key/out"] = $after->of([$front->value => null]);
        }

        return $figures;
    }

    /** @return array<string, mixed> */
    private static function plays(Level $level, string $situation, string $key): array
    {
        $family = ShippedFamilies::all()->get($key);
        $state = Teams::state($level->usualRules(), $situation);
        $plan = Teams::plan($state, $level);
        $play = PlannedPlay::of($plan, $family, PlanBook::shipped($plan->state->rules));
        $figures = [];
        foreach ($play->coverages as $coverage) {
            $figures["print/$coverage->key"] = CoveragePrint::of($coverage);
            foreach ($family->trials($plan->scene()) as $trial) {
                $timeline = $play->trying($coverage)->run($trial, Teams::cost($level));
                $figures[$coverage->key . '/' . implode(',', $trial->fields())] = self::told($timeline);
            }
        }

        return $figures;
    }

    /** @return array<int|string, mixed> */
    private static function told(Timeline $play): array
    {
        $called = $play->called();

        return [
            $play->title,
            $called->chance,
            $called->cost,
            array_sum(array_map(static fn(Event $event): float => $event->seconds, $play->events)),
            array_sum(array_map(static fn(Move $move): float => $move->there(), $play->moves)),
            implode(
                ' ',
                array_map(static fn(Move $move): string => ($move->jobs[0] ?? null)?->key() ?? '-', $play->moves),
            ),
        ];
    }
}
