<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Clock;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\JobKind;

/** Who takes a throw at a bag, when he is there, and who has been sent behind him. */
final readonly class Receiving
{
    /**
     * @param Position|null  $by     null when nobody does
     * @param float          $there  seconds; INF when nobody ever is
     * @param list<Position> $behind who back it up, in time or not
     */
    private function __construct(public ?Position $by, public float $there, public array $behind) {}

    /** @param array<int, non-empty-list<Job>> $jobs by position number */
    public static function at(Base $base, array $jobs, Paths $paths): self
    {
        [$first, $there, $behind] = [null, \INF, []];
        foreach ($jobs as $number => $own) {
            foreach ($own as $job) {
                if ($job->base !== $base) {
                    continue;
                }
                if (JobKind::BackUp === $job->kind) {
                    $behind[] = Position::from($number);
                }
                if (JobKind::Cover !== $job->kind) {
                    continue;
                }
                $seconds = $paths->there(Position::from($number), $job);
                if ($seconds < $there) {
                    [$first, $there] = [Position::from($number), $seconds];
                }
            }
        }

        return new self($first, $there, $behind);
    }
}
