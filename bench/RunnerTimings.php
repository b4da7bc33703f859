<?php

declare(strict_types=1);

namespace FoxCorner\Bench;

use FoxCorner\Core\Family\FirstThird\Choice;
use FoxCorner\Core\Family\FirstThird\FirstThirdRace;
use FoxCorner\Core\Family\FirstThird\GoesWhen;
use FoxCorner\Core\Family\Looks\LookMix;
use FoxCorner\Core\Family\Looks\LooksDrawn;
use FoxCorner\Core\Family\Rundown\Chase;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Motion\Throws;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\People\Traits;
use FoxCorner\Core\Play\Choice\AfterPlay;
use FoxCorner\Core\Play\Running\Alarm;
use FoxCorner\Core\Play\Running\Battery;
use FoxCorner\Core\Play\Running\Leads;
use FoxCorner\Core\Play\Running\NamedRunner;
use FoxCorner\Core\Play\Running\StealKind;
use FoxCorner\Core\Play\Running\StealRace;
use FoxCorner\Core\Play\Running\StealTable;
use FoxCorner\Core\Play\Running\Thief;
use FoxCorner\Core\Runs\PlayCost;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The questions about runners. */
final class RunnerTimings
{
    /** @return array<string, callable(): mixed> */
    public static function all(): array
    {
        $rules = ShippedRuleSets::get('baseball-90');
        $level = Level::HighSchool->profile();
        $throwing = static fn(Position $position, int $count): array => array_map(
            static fn(int $one): RosterPlayer => new RosterPlayer(
                "{$position->value}-$one",
                "P$one",
                (string) $one,
                [$position],
                Traits::of(
                    Hand::Right,
                    Bats::Right,
                    armMph: 68.0 + $one,
                    exchange: 0.7 + $one / 50,
                    timeToPlate: 1.2 + $one / 40,
                ),
            ),
            range(1, $count),
        );
        $runners = array_map(
            static fn(int $one): NamedRunner => new NamedRunner(
                "$one",
                "R$one",
                Thief::of($rules, $level, 4.1 + $one / 50),
                4.1 + $one / 50,
            ),
            range(1, 30),
        );
        [$pitchers, $catchers] = [$throwing(Position::Pitcher, 12), $throwing(Position::Catcher, 3)];
        $battery = Battery::ordinary($level);
        $thief = Thief::of($rules, $level);
        $legs = $level->fieldingLegs($thief->legs)->at($level->motion->infieldSpeedShare);
        $state = GameState::of($rules, Situation::fromKey('R1R3-1'), Context::ordinary());
        $after = new AfterPlay(PlayCost::inRuns($level->chain()), $state->situation);
        $arm = Speed::ofMph($level->infieldArm);

        return [
            'steal table, 12 pitchers x 3 catchers x 30 runners' => static fn(): mixed => StealTable::of(
                $pitchers,
                $catchers,
                $runners,
                Base::Second,
                StealKind::Straight,
                Leads::usual(Base::First, $rules),
                $rules,
                $level,
            ),
            'alarm and steal lines of three bags' => static fn(): mixed => array_map(
                static fn(Base $base): array => [
                    Alarm::of($base, $battery, $thief, $legs, $rules, $level)->line(0.3),
                    StealRace::to($base->next() ?? Base::Home, $battery, $rules, $level)->line($thief, 0.7),
                ],
                [Base::First, Base::Second, Base::Third],
            ),
            'looks for 30 pitches, drawn and scored' => static fn(): mixed => LooksDrawn::draw(
                LookMix::ordinary(),
                30,
                new Randomizer(new Mt19937(7)),
            ),
            'first and third, six schools weighed' => static fn(): mixed => Choice::of(
                new FirstThirdRace(
                    $battery,
                    $thief,
                    Leads::usual(Base::First, $rules),
                    $thief,
                    Leads::usual(Base::Third, $rules),
                    $arm,
                    $rules,
                    $level,
                    GoesWhen::WithPitch,
                ),
                $after,
                $state,
            ),
            'one rundown from half way' => static fn(): mixed => (new Chase(
                $rules->basePath,
                $thief->legs,
                $legs,
                $arm,
                Throws::of(Ball::for($rules->sport)),
                $level->skills,
            ))->best($rules->basePath / 2, 12.0),
        ];
    }
}
