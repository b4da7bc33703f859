<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Family\GroundBall\FeedChoice;
use FoxCorner\Core\Family\GroundBall\Feeder;
use FoxCorner\Core\Family\GroundBall\FeedKind;
use FoxCorner\Core\Family\GroundBall\Feeds;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Motion\Legs;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Position;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The feeds that are there from a spot to a bag. */
final class FeedsTest extends TestCase
{
    /** @param list<float> $from */
    #[TestWith([6, 'R', [-3.0, 122.0], FeedKind::OwnBag])]
    #[TestWith([6, 'R', [-13.0, 120.0], FeedKind::Underhand])]
    #[TestWith([6, 'R', [-30.0, 118.0], FeedKind::Dart])]
    #[TestWith([5, 'R', [-60.0, 75.0], FeedKind::Full])]
    #[TestWith([4, 'R', [16.0, 124.0], FeedKind::Dart])]
    #[TestWith([4, 'R', [13.0, 120.0], FeedKind::SideToss])]
    public function testTheFeedIsByDistanceAndSide(int $position, string $throws, array $from, FeedKind $kind): void
    {
        $feeds = self::feeds(Position::from($position), Hand::from($throws), Point::of(...$from));

        self::assertSame($kind, $feeds[0]->kind);
        foreach ($feeds as $feed) {
            self::assertLessThanOrEqual($feed->kind->upTo(), $feed->feet);
            self::assertGreaterThan(0.0, $feed->seconds);
            self::assertLessThanOrEqual(1.0, $feed->reliability);
        }
    }

    public function testTheThrowingHandDecidesWhichFeedsAreThere(): void
    {
        $kinds = static fn(Hand $hand): array => array_map(
            static fn(FeedChoice $feed): FeedKind => $feed->kind,
            self::feeds(Position::SecondBase, $hand, Point::of(30, 122)),
        );

        self::assertContains(FeedKind::Jump, $kinds(Hand::Right), 'second is on the side of his arm');
        self::assertNotContains(FeedKind::Jump, $kinds(Hand::Left));
    }

    /** The plain one goes first, and below high school nobody is taught a jump throw. */
    public function testAStuntIsNeverTheFirstFeed(): void
    {
        $first = static fn(Level $level): array => array_map(
            static fn(FeedChoice $feed): FeedKind => $feed->kind,
            self::feeds(Position::SecondBase, Hand::Right, Point::of(30, 122), $level),
        );

        self::assertSame([FeedKind::Dart, FeedKind::Jump, FeedKind::Full], $first(Level::Pro));
        self::assertContains(FeedKind::Jump, $first(Level::HighSchool));
        foreach ([Level::Youth13, Level::Youth10, Level::Fastpitch12, Level::Fastpitch16] as $level) {
            self::assertSame([FeedKind::Dart, FeedKind::Full], $first($level), $level->value);
        }
        [$dart, $jump] = self::feeds(Position::SecondBase, Hand::Right, Point::of(30, 122));
        self::assertEqualsWithDelta(
            0.05,
            $jump->worth() - $dart->worth(),
            0.03,
            'it saves less than the fifth it must',
        );
    }

    /** @return non-empty-list<FeedChoice> */
    private static function feeds(Position $position, Hand $hand, Point $from, Level $level = Level::Pro): array
    {
        return (new Feeds(
            new Feeder($position, $hand, Speed::ofMph(82), Legs::of(23.2, 0.6)),
            $from,
            Base::Second,
            ShippedRuleSets::get('baseball-90'),
            $level->profile(),
        ))->all();
    }
}
