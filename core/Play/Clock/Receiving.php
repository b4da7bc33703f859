<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Clock;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\JobKind;

/** Who takes a throw at a bag, when he is there, and whether somebody is behind him. */
final readonly class Receiving
{
    /**
     * @param Position|null $by    null when nobody does
     * @param float         $there seconds; INF when nobody ever is
     */
    private function __construct(public ?Position $by, public float $there, public bool $isBackedUp) {}

    /** @param array<int, non-empty-list<Job>> $jobs by position number */
    public static function at(Base $base, array $jobs, Paths $paths): self
    {
        [$first, $there, $isBackedUp] = [null, \INF, false];
        foreach ($jobs as $number => $own) {
            foreach ($own as $job) {
                if ($job->base !== $base) {
                    continue;
                }
                $isBackedUp = $isBackedUp || JobKind::BackUp === $job->kind;
                if (JobKind::Cover !== $job->kind) {
                    continue;
                }
                $seconds = $paths->there(Position::from($number), $job);
                if ($seconds < $there) {
                    [$first, $there] = [Position::from($number), $seconds];
                }
            }
        }

        return new self($first, $there, $isBackedUp);
    }
}
