<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Practice\Sheet\SheetCodec;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use FoxCorner\Tests\Core\Teams;

/** Arms with a count, and numbers on the ground. */
final class PracticeMapTest extends AppTestCase
{
    use OnePractice;

    public function testNoNumberOfTheMapCoversAnother(): void
    {
        $team = $this->newTeam($this->signIn(), Teams::fifteen());
        $this->open($team, '/practice/new');
        $this->browser->submitForm('Make the practice', [
            'practice_form[minutes]' => '110',
            'practice_form[whoHelps]' => "Ana, hits\nBo\nCy, hits",
        ]);
        $map = $this->follow()->filter('svg[aria-label="Where the stations are"]');
        $pixel = ((float) explode(' ', (string) $map->attr('viewBox'))[2] / 692) * 1.9;
        $moved = static function (?string $transform): array {
            preg_match_all('/-?[\d.]+/', (string) $transform, $found);

            return array_map(floatval(...), $found[0]);
        };
        $at = $map
            ->filter('[data-station]')
            ->each(
                static fn($station): array => array_map(
                    static fn(float $center, float $mark): float => $center + $mark,
                    $moved($station->attr('transform')),
                    $moved($station->filter('g g')->first()->attr('transform')),
                ),
            );

        self::assertGreaterThan(6, \count($at));
        foreach ($at as $index => [$x, $y]) {
            foreach (\array_slice($at, $index + 1) as [$otherX, $otherY]) {
                self::assertGreaterThan(29 * $pixel, hypot($x - $otherX, $y - $otherY), 'what a thumb covers of one');
            }
        }
    }

    public function testACountedArmThrowsNoMoreThanItHasLeft(): void
    {
        $team = $this->newTeam($this->signIn(), Teams::fifteen());
        $ask = function (string $counted) use ($team): void {
            $this->open($team, '/practice/new');
            $this->browser->submitForm('Make the practice', [
                'practice_form[counted]' => $counted,
                'practice_form[minutes]' => '90',
            ]);
        };
        $ask('4 somebody');
        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('#practice_form_counted_more', '“4 somebody” is not clear');
        $ask("4 Four 9\n5, 20");
        $this->follow();
        $sheet = self::getContainer()->get(SheetCodec::class)->read($this->practiceOf($team));
        $throws = [];
        foreach ($sheet->turns() as [, $station, $player]) {
            $each = ShippedDrills::get($station->drill)->throwsPerRep;
            $throws[$player->number] = ($throws[$player->number] ?? 0) + $station->repetitions * $each;
        }

        self::assertLessThanOrEqual(9, $throws[4]);
        self::assertLessThanOrEqual(20, $throws[5]);
        self::assertGreaterThan(20, max([0, ...array_values($throws)]), 'nobody has counted the others');
        $this->browser->clickLink('Change it');
        self::assertSelectorTextContains('#practice_form_counted', '4 9 5 20');
    }
}
