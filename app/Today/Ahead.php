<?php

declare(strict_types=1);

namespace FoxCorner\App\Today;

use FoxCorner\App\Calendar\BookingRepository;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Drills\DrillShelf;
use FoxCorner\App\Practice\Sheet\Sheet;
use FoxCorner\App\Practice\Sheet\SheetCodec;
use FoxCorner\App\Practice\Sheet\TimelineDrawing;
use FoxCorner\App\Week\WeekDay;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Need\JobNeed;
use Psr\Clock\ClockInterface;

/** What is to come: the next practice on its bar, the next seven days, what to drill; and what was taught last. */
final readonly class Ahead
{
    /** Pixels of the practice's bar, and of a station on it. */
    private const BAR = [524, 33];
    private const DAYS = 7;
    private const NEEDS = 4;

    public function __construct(
        private BookingRepository $bookings,
        private SheetCodec $codec,
        private DrillShelf $shelf,
        private ClockInterface $clock,
    ) {}

    /**
     * @param list<JobNeed>  $needs     the heaviest first
     * @param list<Practice> $practices of the team, the latest first
     *
     * @return array{
     *     now: \DateTimeImmutable,
     *     next: Practice|null,
     *     nextSheet: Sheet|null,
     *     timeline: TimelineDrawing|null,
     *     drills: array<string, Drill>,
     *     last: Practice|null,
     *     lastSheet: Sheet|null,
     *     days: list<mixed>,
     *     needs: list<NeedBar>,
     * }
     */
    public function of(Team $team, array $needs, array $practices): array
    {
        $now = $this->clock->now();
        [$next, $last] = self::around($practices, $now);
        $sheet = null === $next ? null : $this->codec->read($next);
        $drills = $this->shelf->ever($team);
        $wanted = array_values(array_filter($needs, static fn(JobNeed $need): bool => $need->reps() > 0));

        return [
            'now' => $now,
            'next' => $next,
            'nextSheet' => $sheet,
            'timeline' => null === $next || null === $sheet
                    ? null
                    : new TimelineDrawing($sheet, $next->startsAt(), [], ...self::BAR),
            'drills' => $drills,
            'last' => $last,
            'lastSheet' => null === $last ? null : $this->codec->read($last),
            'days' => $this->days($team, $now->setTime(0, 0), $practices),
            'needs' => array_map(
                static fn(JobNeed $need): NeedBar => NeedBar::of($need, $sheet, $drills),
                \array_slice($wanted, 0, self::NEEDS),
            ),
        ];
    }

    /**
     * @param list<Practice> $practices
     *
     * @return list<mixed> from today on, as {@see WeekDay::of()} has them
     */
    private function days(Team $team, \DateTimeImmutable $today, array $practices): array
    {
        $end = $today->modify(\sprintf('+%d days', self::DAYS));
        $bookings = $this->bookings->between($team, $today, $end);

        return array_map(
            static fn(int $day): array => WeekDay::of($today->modify("+$day days"), $practices, $bookings),
            range(0, self::DAYS - 1),
        );
    }

    /**
     * @param list<Practice> $practices the latest first
     *
     * @return array{Practice|null, Practice|null} the next and the last
     */
    private static function around(array $practices, \DateTimeImmutable $now): array
    {
        $next = $last = null;
        foreach ($practices as $practice) {
            if ($practice->endsAt() >= $now) {
                $next = $practice;
            } else {
                $last ??= $practice;
            }
        }

        return [$next, $last];
    }
}
