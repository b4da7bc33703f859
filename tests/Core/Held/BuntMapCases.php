<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Held;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\Intent;
use FoxCorner\Core\Game\IntentMix;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Map\MapOutcome;
use FoxCorner\Core\Play\Map\MapSpot;
use FoxCorner\Tests\Core\Teams;

/** Bunt coverages before the audit and on the map, and what a batter does instead. */
final class BuntMapCases
{
    private const TEAMS = [
        ['fastpitch-43', Level::Fastpitch16],
        ['baseball-80', Level::Youth13],
        ['baseball-60', Level::Youth10],
        ['baseball-90', Level::Pro],
    ];
    private const SITUATIONS = ['R1-0', 'R2-1', 'R1R2-0', 'R3-1', 'R1R3-0', 'loaded-1'];
    /** Every so many spots of a map are held. */
    private const EVERY = 40;
    private const FINDINGS = 3;

    /** @return iterable<string, array<string, mixed>> */
    public static function all(): iterable
    {
        foreach (self::TEAMS as $index => [$rules, $level]) {
            foreach (self::SITUATIONS as $number => $situation) {
                $batter = BatterType::cases()[($index + $number) % 4];
                $state = Teams::state($rules, $situation, batter: $batter);
                yield "$level->value $situation, $batter->value intends" => self::mix(IntentMix::of($state));
                if ($number === $index || $number === $index + 1) {
                    foreach (Teams::bunt($state, $level)->coverages as $coverage) {
                        $play = Teams::bunt($state, $level, coverage: $coverage->key);
                        yield from self::report("$level->value $situation, $coverage->key", $play, $level);
                    }
                }
            }
            yield from self::map($level->value, Teams::bunt(Teams::state($rules, 'R1R2-0'), $level));
        }
    }

    /** @return array<string, float> */
    private static function mix(IntentMix $mix): array
    {
        $shares = array_map($mix->share(...), Intent::cases());

        return array_combine(array_column(Intent::cases(), 'value'), $shares);
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function report(string $name, PlannedPlay $play, Level $level): iterable
    {
        $report = $play->report(Teams::cost($level));
        yield $name => ['outs' => $report->outs, 'lead' => $report->leadOutShare] + $report->costs;
        foreach (\array_slice($report->findings, 0, self::FINDINGS) as $index => $one) {
            yield "$name, finding $index" => [
                'is' => $one->worst->title,
                'measure' => $one->worst->measure,
                'weight' => $one->worst->weight,
                'balls' => $one->balls,
                'rank' => $one->rank(),
            ];
        }
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function map(string $name, PlannedPlay $play): iterable
    {
        $coverage = $play->coverage ?? throw new \LogicException('Somebody covers.');
        $map = $play->map($coverage, Teams::cost()) ?? throw new \LogicException('Bunts are mapped.');
        yield "$name map" => [
            'spots' => \count($map->spots),
            'cost runs' => $map->cost(),
            'shares' => array_map($map->share(...), MapOutcome::cases()),
        ];
        yield "$name map, worst" => self::spot($map->worst());
        foreach ($map->spots as $index => $spot) {
            if (0 === $index % self::EVERY) {
                yield "$name map, spot $index" => self::spot($spot);
            }
        }
    }

    /** @return array<string, mixed> */
    private static function spot(MapSpot $spot): array
    {
        return [
            'deg' => $spot->at->sprayDegrees(),
            'ft' => $spot->at->distanceTo(Point::home()),
            'by' => $spot->by,
            'out' => $spot->called->chance,
            'at' => $spot->called->base,
            'is' => $spot->outcome(),
        ];
    }
}
