<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Family\Outfield\BallKind;
use FoxCorner\Core\Family\Outfield\Flight;
use FoxCorner\Core\Family\Outfield\OutfieldPlay;
use FoxCorner\Core\Family\Outfield\OutfieldTrial;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Play\Ball\Reached;
use PHPUnit\Framework\TestCase;

/** Who goes on a ball to the outfield, and who does not. */
final class SentAlikeTest extends TestCase
{
    use BallsToTheOutfield;

    /** Degrees, and the shares of the way to the fence. */
    private const DEGREES = [-42.0, -28.0, -14.0, 0.0, 14.0, 28.0, 42.0];
    private const DEEP = [0.55, 0.65, 0.75, 0.85, 0.93];

    /** With two out a runner on second is sent on the same balls, whoever is behind him or in front. */
    public function testWithTwoOutWhoIsBehindHimDoesNotHoldHimBack(): void
    {
        foreach ([Level::Pro, Level::HighSchool, Level::Fastpitch16, Level::Youth10] as $level) {
            $sent = [];
            foreach (['R2-2', 'R1R2-2', 'R2R3-2', 'loaded-2'] as $situation) {
                foreach (self::plays($level, $situation, Flight::Line, self::DEGREES) as $ball => $play) {
                    if (BallKind::Single === $play->kind) {
                        $sent[$ball][$situation] = $play->advance->ends[2];
                    }
                }
            }
            self::assertGreaterThan(8, \count($sent));
            foreach ($sent as $ball => $ends) {
                self::assertCount(1, array_unique($ends), "$level->value $ball: " . json_encode($ends));
            }
        }
    }

    /** On a foul fly the trailing runner reckons that the ball may be thrown at him instead. */
    public function testNobodyTagsUpIntoAnOut(): void
    {
        foreach ([Level::Pro, Level::HighSchool, Level::Fastpitch16, Level::Youth10] as $level) {
            $goes = 0;
            foreach (['R1-1', 'R1R3-0', 'R1R3-1', 'loaded-1'] as $situation) {
                foreach ([Reached::Caught, null] as $how) {
                    $degrees = null === $how ? self::DEGREES : [-56.0, -48.0, ...self::DEGREES, 48.0, 56.0];
                    foreach (self::plays($level, $situation, Flight::Fly, $degrees, $how) as $ball => $play) {
                        $goes += (int) (null !== $play->made()->runner);
                        self::assertLessThan(0.3, $play->option()->chance, "$level->value $situation $ball");
                    }
                }
            }
            self::assertGreaterThan(0, $goes, "$level->value: somebody tries");
        }
    }

    /** A ball to the wall is two bases for most; three only where the throw is the longest. */
    public function testABallToTheWallIsADouble(): void
    {
        foreach ([Level::Pro, Level::College, Level::HighSchool] as $level) {
            $bases = [];
            foreach (
                self::plays($level, 'none-0', Flight::Line, [-40.0, -22.0, -18.4, -12.0, 0.0, 12.0, 22.0]) as $play
            ) {
                if (Reached::OffFence === $play->ball->reached) {
                    $bases[] = $play->made()->ends[0];
                }
            }
            self::assertGreaterThan(3, \count($bases));
            self::assertLessThan(2.35, array_sum($bases) / \count($bases), $level->value);
            self::assertNotContains(1, $bases);
        }
    }

    /**
     * @param list<float> $degrees
     *
     * @return iterable<string, OutfieldPlay> what of it is in play
     */
    private static function plays(
        Level $level,
        string $situation,
        Flight $flight,
        array $degrees,
        ?Reached $how = null,
    ): iterable {
        $defence = self::defence($level, $situation);
        $rules = $defence->setting->rules;
        foreach ($degrees as $direction) {
            foreach (self::DEEP as $share) {
                $trial = OutfieldTrial::near(self::place($direction, $share, $rules), $flight, $rules, $how);
                yield \sprintf('%.0f° %.2f', $direction, $share) => $defence->play($trial);
            }
        }
    }

    private static function place(float $degrees, float $share, RuleSet $rules): Point
    {
        return Point::polar($share * $rules->fence->distanceAt($degrees), $degrees);
    }
}
