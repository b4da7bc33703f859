<?php

declare(strict_types=1);

namespace FoxCorner\App\Archive;

/**
 * What of the database is a team's: tables in the order in which they are written, each with its columns.
 *
 * A column's kind is text, int, float, bool, time, json (a document) or the table whose row it names; a question mark
 * says that it may be empty. Who has signed in, who was invited and what can be undone stays in the house.
 */
final class TeamTables
{
    public const TEAM = [
        'name' => 'text',
        'level' => 'text',
        'rule_set' => 'text',
        'base_path' => 'float',
        'pitching_distance' => 'float',
        'fence' => 'json',
        'surface' => 'text',
        'own_rules' => 'json?',
        'rates' => 'json?',
        'record' => 'json?',
        'floors' => 'json?',
        'rest' => 'json?',
        'field_saved' => 'bool',
    ];

    public const TABLES = [
        // A number of -1 is the shirt 00.
        'player' => [
            'name' => 'text',
            'number' => 'int',
            'positions' => 'json',
            'throws' => 'text',
            'bats' => 'text',
            'home_to_first' => 'float?',
            'arm' => 'float?',
            'pace' => 'float?',
            'exchange' => 'float?',
            'time_to_plate' => 'float?',
            'pitching' => 'text',
            'fielding' => 'text',
            'today_limit' => 'text',
            'limit_until' => 'text?',
        ],
        'reading' => ['player_id' => 'player', 'quantity' => 'text', 'value' => 'float', 'taken_at' => 'time'],
        'own_drill' => ['document' => 'json', 'put_away' => 'bool'],
        'plan_draft' => ['document' => 'json'],
        'todays_lineup' => ['wanted' => 'json'],
        'opponent' => ['name' => 'text', 'revision' => 'int'],
        'opponent_batter' => [
            'opponent_id' => 'opponent',
            'number' => 'int',
            'name' => 'text',
            'place' => 'int?',
            'bats' => 'text',
            'home_to_first' => 'float?',
            'tendency' => 'text',
            'power' => 'bool',
            'bunts' => 'bool',
            'goes' => 'bool',
        ],
        'booking' => [
            'uid' => 'text',
            'starts_at' => 'time',
            'ends_at' => 'time',
            'summary' => 'text',
            'place' => 'text',
            'all_day' => 'bool',
            'takes_field' => 'bool',
        ],
        'practice' => [
            'starts_at' => 'time',
            'minutes' => 'int',
            'place' => 'text',
            'comes' => 'json',
            'sheet' => 'json',
            'setup' => 'json',
            'letters' => 'text',
        ],
        'practice_run' => [
            'practice_id' => 'practice',
            'planned' => 'json',
            'lengths' => 'json',
            'skipped' => 'json',
            'started_at' => 'int?',
            'paused_at' => 'int?',
            'reason' => 'text?',
            'heeded_at' => 'int',
            'ahead' => 'int',
        ],
        'turn_record' => [
            'practice_id' => 'practice',
            'block' => 'int',
            'drill' => 'text',
            'player' => 'text',
            'counted' => 'int?',
            'grade' => 'text?',
        ],
        'runner_event' => [
            'kind' => 'text',
            'base' => 'int',
            'is_out' => 'bool?',
            'lead_feet' => 'float?',
            'looks' => 'int?',
            'counted_by' => 'text',
            'counted_at' => 'time',
            'pitcher_id' => 'player?',
            'catcher_id' => 'player?',
            'fielder_id' => 'player?',
        ],
        'pitched_day' => ['player_id' => 'player', 'day' => 'text', 'pitches' => 'int'],
    ];

    /** Columns of archives of earlier, which are read over. */
    public const FORMER = ['turn_record' => ['attention' => true]];

    /** What a team has where an archive of earlier says nothing of it. */
    public const LATER = ['floors' => null, 'rest' => null];

    /** Tables that an archive of earlier may be without. */
    public const LATER_TABLES = ['pitched_day' => []];

    /** Tables whose rows hang on another row than the team's. */
    public const OF = [
        'reading' => 'player',
        'opponent_batter' => 'opponent',
        'practice_run' => 'practice',
        'turn_record' => 'practice',
    ];

    /** Columns that are the house's: counted up, or of the machine. */
    public const OWN = [
        'player' => ['version' => 1],
        'own_drill' => ['version' => 1],
        'todays_lineup' => ['version' => 1],
        'opponent' => ['version' => 1],
        'practice' => ['version' => 1],
        'practice_run' => ['edition' => 1, 'booted' => ''],
    ];
}
