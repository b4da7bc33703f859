<?php

declare(strict_types=1);

namespace FoxCorner\App\Keeping;

use FoxCorner\App\Undo\UndoStepRepository;

/** How long what comes and goes is kept; docs/kept.md says it of everything, in words. */
final class Periods
{
    /** Days by table, from the moment in a column on. */
    public const ROWS = [
        'undo_step' => ['at', UndoStepRepository::DAYS],
        'reset_token' => ['until', 1],
        'invitation' => ['until', 30],
        'shared_link' => ['until', 30],
        'happening' => ['happened_at', 730],
        'solve_job' => ['asked_at', 1],
        'sign_in_failure' => ['at', 1],
        'simulated_notice' => ['sent_at', 30],
        'pitched_day' => ['day', 365],
    ];

    /** Days by folder of the instance, from the moment on at which a file was written. */
    public const FILES = ['post' => 30, 'imports' => 1];
}
