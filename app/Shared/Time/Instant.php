<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Time;

use Doctrine\DBAL\Platforms\AbstractPlatform;
use Doctrine\DBAL\Types\DateTimeImmutableType;

/**
 * A moment, kept by the clock that knows no summer time (UTC): what lasts an hour lasts one on the night on which
 * clocks are turned, too. What is planned for a clock on a wall (a practice, a booking) is no moment:
 * docs/decisions/07.
 */
final class Instant extends DateTimeImmutableType
{
    public const NAME = 'instant';
    private const FORM = 'Y-m-d H:i:s';

    /**
     * So many seconds later, or earlier where they are negative. PHP's own "-60 seconds" goes by the wall: a minute
     * after clocks were turned it leads into the future.
     *
     * @template T of \DateTimeImmutable
     *
     * @param T $moment
     *
     * @return T
     */
    public static function later(\DateTimeImmutable $moment, int $seconds): \DateTimeImmutable
    {
        $time = new \DateInterval(\sprintf('PT%dS', abs($seconds)));

        return $seconds < 0 ? $moment->sub($time) : $moment->add($time);
    }

    /** As it stands in a query. */
    public static function written(\DateTimeInterface $moment): string
    {
        return \DateTimeImmutable::createFromInterface($moment)
            ->setTimezone(new \DateTimeZone('UTC'))
            ->format(self::FORM);
    }

    /** In the house's zone. */
    public static function read(string $written): \DateTimeImmutable
    {
        return (new \DateTimeImmutable($written, new \DateTimeZone('UTC')))->setTimezone(
            new \DateTimeZone(date_default_timezone_get()),
        );
    }

    public function convertToDatabaseValue(mixed $value, AbstractPlatform $platform): ?string
    {
        return $value instanceof \DateTimeInterface
            ? self::written($value)
            : parent::convertToDatabaseValue($value, $platform);
    }

    public function convertToPHPValue(mixed $value, AbstractPlatform $platform): ?\DateTimeImmutable
    {
        return \is_string($value) ? self::read($value) : parent::convertToPHPValue($value, $platform);
    }
}
