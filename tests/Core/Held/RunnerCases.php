<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Held;

use FoxCorner\Core\Family\Looks\LookMix;
use FoxCorner\Core\Family\Looks\LooksDrawn;
use FoxCorner\Core\Family\Rundown\RundownFamily;
use FoxCorner\Core\Family\Rundown\RundownTrial;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Play\Running\Battery;
use FoxCorner\Core\Play\Running\Leads;
use FoxCorner\Core\Play\Running\PickRace;
use FoxCorner\Core\Play\Running\PickRules;
use FoxCorner\Core\Play\Running\StealKind;
use FoxCorner\Core\Play\Running\StealRace;
use FoxCorner\Core\Play\Running\Thief;
use FoxCorner\Tests\Core\Teams;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Races of runners while nobody has hit the ball: steals, picks, looks. */
final class RunnerCases
{
    /** @return iterable<string, array<string, mixed>> */
    public static function all(): iterable
    {
        foreach (Level::cases() as $level) {
            yield from self::steals($level);
            yield from self::picks($level);
        }
        foreach ([Level::Pro, Level::Fastpitch12] as $level) {
            yield from self::rundowns($level);
        }
        foreach ([1, 7] as $seed) {
            $drawn = LooksDrawn::draw(LookMix::ordinary(), 12, new Randomizer(new Mt19937($seed)));
            foreach ($drawn->pitches as $number => $pitch) {
                yield "looks drawn by $seed, pitch $number" => ['looks' => $pitch->looks, 'hold s' => $pitch->hold];
            }
        }
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function steals(Level $level): iterable
    {
        $rules = ShippedRuleSets::get($level->usualRules());
        $profile = $level->profile();
        $thief = Thief::of($rules, $profile, $profile->homeToFirst - 0.15);
        foreach ([Base::Second, Base::Third, Base::Home] as $base) {
            foreach (StealKind::cases() as $kind) {
                $race = StealRace::to($base, Battery::ordinary($profile), $rules, $profile, $kind, 1.0);
                $lead = Leads::usual(Base::from($base->value - 1), $rules);
                yield "$level->value, {$base->word()} stolen $kind->value" => [
                    'lead ft' => $lead,
                    'runner s' => $race->runner($thief, $lead),
                    'ball s' => $race->out(),
                    'safe' => $race->success($thief, $lead),
                    'astray' => $race->astray(),
                    'line ft' => $race->line($thief, 0.6),
                ];
            }
        }
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function picks(Level $level): iterable
    {
        $rules = ShippedRuleSets::get($level->usualRules());
        $profile = $level->profile();
        $thief = Thief::of($rules, $profile);
        $legs = $profile->fieldingLegs($thief->legs)->at($profile->motion->infieldSpeedShare);
        foreach ([Base::First, Base::Second, Base::Third] as $base) {
            foreach (PickRules::open($base, $rules) as $kind) {
                $race = PickRace::of($kind, $base, Battery::ordinary($profile), 15.0, $legs, $rules, $profile);
                $off = Leads::atThrow($kind, Leads::held($base, $rules), $rules);
                yield "$level->value, {$base->word()} picked $kind->value" => [
                    'off ft' => $off,
                    'runner s' => $race->runner($thief, $off),
                    'ball s' => $race->out(),
                    'out' => $race->chance($thief, $off),
                    'astray' => $race->astray(),
                    'line ft' => $race->line($thief, 0.4),
                    'reach ft' => $race->withinReach($legs),
                    'turns s' => $kind->turns(Hand::Left, $base),
                    'tells s' => $kind->tells(Hand::Left),
                ];
            }
        }
    }

    /** @return iterable<string, array<string, mixed>> from near one bag to near the other, the ball near and far */
    private static function rundowns(Level $level): iterable
    {
        $plan = Teams::plan(Teams::state($level->usualRules(), 'R1R3-1'), $level);
        $played = PlannedPlay::of($plan, new RundownFamily(), PlanBook::shipped($plan->state->rules));
        $path = $plan->state->rules->basePath;
        foreach ([Base::First, Base::Third] as $from) {
            foreach ([6.0, $path / 2, $path - 8.0, $path] as $off) {
                foreach ([1.0, 9.0, $path - 6.0] as $gap) {
                    foreach ([false, true] as $isBehind) {
                        $trial = RundownTrial::caught($from, $off, $gap, $isBehind);
                        $play = $played->run($trial, Teams::cost($level));
                        $where = $isBehind ? 'behind' : 'in front';
                        yield "$level->value, $off ft from {$from->word()}, ball $gap ft $where" => [
                            'out' => $play->called()->chance,
                            'two' => $play->called()->two,
                            'tag s' => $play->called()->outAt,
                            'says' => $play->title ?? '',
                            'left ft' => $play->caught?->off,
                        ];
                    }
                }
            }
        }
    }
}
