<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Motion\RollingBall;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\Audit\AuditedFinding;
use FoxCorner\Core\Plan\Audit\JobAsked;
use FoxCorner\Core\Plan\Audit\Mend;
use FoxCorner\Core\Plan\Audit\PlanAudit;
use FoxCorner\Core\Plan\Audit\PlaySummary;
use FoxCorner\Core\Play\Check\Finding;
use FoxCorner\Core\Play\Check\Moment;
use FoxCorner\Core\Play\Choice\Odds;
use FoxCorner\Core\Play\Choice\Race;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Contract\OffenceLine;
use FoxCorner\Core\Play\Grid\GroundBalls;
use FoxCorner\Core\Play\Scheme\JobKind;
use FoxCorner\Core\Play\Scheme\Verb;
use FoxCorner\Core\Range\Hole;
use FoxCorner\Core\Range\RangeSummary;

/** What kept figures have in common as PHP writes them: names of classes and of what they hold, the balls of a map. */
final class SharedWords
{
    /** Those met oftenest come last, where a packer finds them with the fewest bits. */
    private const CLASSES = [
        PlanAudit::class,
        JobAsked::class,
        Mend::class,
        RangeSummary::class,
        Situation::class,
        Hole::class,
        RollingBall::class,
        OffenceLine::class,
        ThrowOption::class,
        Race::class,
        Odds::class,
        Moment::class,
        Finding::class,
        AuditedFinding::class,
        PlaySummary::class,
        Point::class,
        KeptReport::class,
    ];
    private const OFTEN = [
        'outfield-throw',
        'back-turned',
        'may not throw',
        'Swings away',
        'kind',
        'lead',
        'two',
        'numbers',
    ];

    private static ?string $all = null;

    public static function all(): string
    {
        return self::$all ??= self::values() . implode('', array_map(self::named(...), self::CLASSES));
    }

    private static function values(): string
    {
        $sprays = array_map(GroundBalls::degrees(...), range(0, GroundBalls::DIRECTIONS - 1));
        $words = array_map(static fn(JobKind|Verb $one): string => serialize($one->value), [
            ...JobKind::cases(),
            ...Verb::cases(),
        ]);

        return serialize($sprays) .
            implode('', [
                ...$words,
                ...array_map(serialize(...), self::OFTEN),
                ...array_map(serialize(...), Position::cases()),
                ...array_map(serialize(...), Base::cases()),
            ]);
    }

    /**
     * A class as it is written, with all it holds.
     *
     * @param class-string $class
     */
    private static function named(string $class): string
    {
        $names = array_map(
            static fn(\ReflectionProperty $one): string => serialize(
                $one->isPrivate() ? "\0$class\0{$one->getName()}" : $one->getName(),
            ),
            array_filter(
                (new \ReflectionClass($class))->getProperties(),
                static fn(\ReflectionProperty $one): bool => !$one->isStatic(),
            ),
        );

        return \sprintf('O:%d:"%s":%d:{', \strlen($class), $class, \count($names)) . implode('', $names);
    }
}
