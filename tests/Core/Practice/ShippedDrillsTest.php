<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Practice;

use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use FoxCorner\Core\Practice\Ground\DrillPlace;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Skill\Skill;
use FoxCorner\Core\Skill\SkillFamily;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\TestCase;

final class ShippedDrillsTest extends TestCase
{
    public function testThereAreEnoughAndEverySkillIsServed(): void
    {
        self::assertGreaterThanOrEqual(45, \count(ShippedDrills::all()));
        foreach (Skill::cases() as $skill) {
            self::assertNotSame(
                [],
                array_filter(ShippedDrills::all(), static fn(Drill $drill): bool => $drill->servesSkill($skill)),
                "nobody drills $skill->value",
            );
        }
        foreach (SkillFamily::cases() as $family) {
            self::assertNotSame(
                [],
                array_filter(ShippedDrills::all(), static fn(Drill $drill): bool => $drill->family === $family),
                $family->value,
            );
        }
    }

    public function testEveryJobOfThePlanIsASkillThatIsDrilled(): void
    {
        foreach (Teams::bunt()->report()->skills as $number => $skills) {
            foreach (array_keys($skills) as $skill) {
                self::assertNotNull(Skill::tryFrom($skill), "“{$skill}” of $number is no skill");
            }
        }
    }

    public function testEveryDrillSaysWhatACoachHasToKnow(): void
    {
        foreach (ShippedDrills::all() as $key => $drill) {
            self::assertSame($key, $drill->key);
            self::assertLessThanOrEqual(14, mb_strlen($drill->short), $key);
            self::assertStringEndsWith('.', $drill->purpose, $key);
            foreach (
                [
                    'steps' => $drill->steps,
                    'points' => $drill->points,
                    'mistakes' => $drill->mistakes,
                    'progression' => $drill->progression,
                ] as $what => $lines
            ) {
                self::assertNotSame([], $lines, "$key has no $what");
                foreach ($lines as $line) {
                    self::assertMatchesRegularExpression('/[.?!”]$/u', $line, "$key, $what");
                }
            }
            foreach (array_keys($drill->serves) as $number) {
                self::assertNotNull(Position::tryFrom($number), $key);
            }
            self::assertNotSame([], $drill->place->marks, "$key is not drawn");
        }
    }

    public function testEverySetUpIsOnTheField(): void
    {
        foreach ([Diamond::of(60, 43), Diamond::of(80, 54), Diamond::of(90, 60.5)] as $diamond) {
            foreach (ShippedDrills::all() as $key => $drill) {
                $place = $drill->place->on($diamond);
                foreach (
                    [...$place->outline(), ...array_map(static fn($mark) => $mark->point, $place->marks)] as $point
                ) {
                    self::assertLessThan(
                        3.4 * $diamond->basePath,
                        hypot($point->x, $point->y),
                        "$key is beyond the fence",
                    );
                }
            }
        }
    }

    /** Where nobody may lead, nobody practises holding him; what is offered is of use to whoever works in it. */
    public function testDrillsFollowTheRuleSet(): void
    {
        foreach (ShippedRuleSets::all() as $rules) {
            foreach (ShippedDrills::all() as $key => $drill) {
                $skills = array_merge(...array_values($drill->serves));
                $idle = array_filter($skills, static fn(Skill $skill): bool => !$skill->suits($rules));
                self::assertSame([], $drill->suits($rules) ? $idle : [], "$key under $rules->name");
            }
        }
        foreach (['hold-and-go', 'daylight', 'timed-pick', 'mixed-looks'] as $key) {
            self::assertFalse(ShippedDrills::get($key)->suits(ShippedRuleSets::get('fastpitch-43')), $key);
            self::assertTrue(ShippedDrills::get($key)->suits(ShippedRuleSets::get('baseball-70')), $key);
        }
    }

    public function testAnUnknownDrillIsNamed(): void
    {
        $this->expectExceptionMessage('drill: "moonwalk" is not known');
        ShippedDrills::get('moonwalk');
    }

    public function testADrillThatNobodyCouldRunIsRefused(): void
    {
        $make = static fn(int $min, int $max, bool $serves = true): Drill => new Drill(
            'k',
            'N',
            'n',
            SkillFamily::Bunts,
            'p.',
            $serves ? [5 => [Skill::Field]] : [],
            DrillPlace::anywhere(0.2),
            $min,
            $max,
            1,
            20,
            0,
            1,
            [],
            ['s.'],
            [],
            [],
            [],
        );
        $refused = static function (callable $what): string {
            try {
                $what();
            } catch (Problem $problem) {
                return $problem->field();
            }

            return '';
        };

        self::assertSame('smallest group', $refused(static fn() => $make(5, 4)));
        self::assertSame('serves', $refused(static fn() => $make(1, 4, false)));
        self::assertSame('', $refused(static fn() => $make(1, 4)));
    }
}
