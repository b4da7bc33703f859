<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Solving;

/** Which piece of work comes first, as the database is asked: one of each team at a time, and one behind all pages. */
final class SolveOrder
{
    /** What goes on behind a page that is used meanwhile: it comes last, and leaves a worker to what is waited for. */
    public const BEHIND = "('ways', 'search', 'improve', 'look', 'bring-in', 'ahead')";
    /** Needs the moment before which a worker counts as dead. */
    public const MAY_BEGIN =
        "(job.state = 'waiting' OR (job.state = 'running' AND job.begun_at < ?)) AND NOT EXISTS (
        SELECT 1 FROM (SELECT team_id, kind FROM solve_job WHERE state = 'running' AND begun_at >= ?) busy
        WHERE job.kind IN " .
        self::BEHIND .
        ' AND busy.kind IN ' .
        self::BEHIND .
        '
            OR job.kind NOT IN ' .
        self::BEHIND .
        ' AND busy.kind NOT IN ' .
        self::BEHIND .
        ' AND busy.team_id = job.team_id)';
    /** What has waited longest, of what is waited for. */
    public const NEXT = ' ORDER BY job.kind IN ' . self::BEHIND . ", job.kind = 'ahead', job.id LIMIT 1";
}
