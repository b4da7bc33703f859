<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Held;

use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\BuntOutlook;
use FoxCorner\Core\Game\BuntPoints;
use FoxCorner\Core\Game\BuntSign;
use FoxCorner\Tests\Core\Teams;

/** When a bunt is to be thought of. */
final class OutlookCases
{
    private const SITUATIONS = ['none-0', 'R1-0', 'R2-1', 'R3-1', 'R1R3-0', 'loaded-1', 'R1-2'];
    /** Rule set, inning, lead, count. */
    private const GAMES = [
        ['fastpitch-43', 1, 0, '1-0'],
        ['fastpitch-43', 5, 2, '1-2'],
        ['baseball-90', 7, -1, '1-0'],
        ['baseball-90', 8, -5, '1-0'],
        ['baseball-90', 9, 1, '0-0'],
    ];

    /** @return iterable<string, array<string, mixed>> */
    public static function all(): iterable
    {
        foreach (BatterType::cases() as $type) {
            foreach (self::SITUATIONS as $situation) {
                foreach (self::GAMES as [$rules, $inning, $lead, $count]) {
                    $outlook = BuntOutlook::of(Teams::state($rules, $situation, $inning, $lead, $type, $count));
                    yield "$type->value, $rules $situation, inning $inning, lead $lead, $count" => [
                        'points' => $outlook->points,
                        'of' => $outlook->likelyAt,
                        'likely' => $outlook->isLikely(),
                        'because' => $outlook->because(),
                    ];
                }
            }
        }
        foreach (BuntSign::cases() as $sign) {
            yield "sign $sign->value" => ['points' => $sign->points(), 'said' => $sign->label()];
        }
        yield 'points of one’s own' => ['all' => BuntPoints::of(['late' => 4, 'power' => -1], 6)->all()];
    }
}
