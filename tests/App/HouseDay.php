<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Shared\Time\Instant;
use PHPUnit\Event\Test\PreparationStarted;
use PHPUnit\Event\Test\PreparationStartedSubscriber;
use PHPUnit\Runner\Extension\Extension;
use PHPUnit\Runner\Extension\Facade;
use PHPUnit\Runner\Extension\ParameterCollection;
use PHPUnit\TextUI\Configuration\Configuration;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\MockClock;

/**
 * Every test begins at one moment, at which the clock stands: that of the run of bin/test that has filled the database
 * (FOX_CLOCK_SHIFT and FOX_TIME_ZONE, or what that run has left behind), never simply the machine's.
 */
final class HouseDay implements Extension
{
    private const LEFT = '/var/test/clock';

    public function bootstrap(Configuration $configuration, Facade $facade, ParameterCollection $parameters): void
    {
        [$shift, $zone] = self::said();
        if ('' !== $zone) {
            date_default_timezone_set($zone);
        }
        // The clock itself is set; nothing comes on top of it.
        $_SERVER['FOX_CLOCK_SHIFT'] = $_ENV['FOX_CLOCK_SHIFT'] = '0';
        $_SERVER['FOX_TIME_ZONE'] = $_ENV['FOX_TIME_ZONE'] = $zone;
        putenv('FOX_CLOCK_SHIFT=0');
        $moment = Instant::later(Clock::get()->now(), $shift);
        $facade->registerSubscriber(
            new class ($moment) implements PreparationStartedSubscriber {
                public function __construct(private readonly \DateTimeImmutable $moment) {}

                public function notify(PreparationStarted $event): void
                {
                    Clock::set(new MockClock($this->moment));
                }
            },
        );
    }

    /** @return array{int, string} s ahead of the machine, and the zone; an empty one: PHP's own */
    private static function said(): array
    {
        $shift = getenv('FOX_CLOCK_SHIFT');
        if (false !== $shift) {
            return [(int) $shift, (string) getenv('FOX_TIME_ZONE')];
        }
        $left = explode(' ', trim((string) @file_get_contents(\dirname(__DIR__, 2) . self::LEFT)));

        return [(int) $left[0], $left[1] ?? ''];
    }
}
