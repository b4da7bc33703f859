<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Practice\Book\PracticeRepository;
use FoxCorner\App\Practice\Drills\DrillShelf;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use PHPUnit\Framework\Attributes\TestWith;

/** The drills, and what is needed. */
final class DrillPagesTest extends AppTestCase
{
    #[TestWith(['words=bunt', 'Charge and throw', 'Read the hop'])]
    #[TestWith(['family=relays', 'Four in a line', 'Charge and throw'])]
    #[TestWith(['position=1&words=bunt', 'Charge and throw', 'Turn back to third'])]
    #[TestWith(['indoors=1', 'Charge and throw', 'Slap and drag'])]
    #[TestWith(['no_helper=1', 'Rundown, one throw', 'Charge and throw'])]
    public function testSearchAndFilter(string $query, string $found, string $other): void
    {
        $this->signIn();
        $this->open($this->team(), "/practice/drills?$query");

        self::assertSelectorTextContains('.drill-families', $found);
        self::assertSelectorTextNotContains('.drill-families', $other);
    }

    public function testNothingFoundSaysWhatToDo(): void
    {
        $this->signIn();
        $this->open($this->team(), '/practice/drills?words=submarine&family=nonsense&position=99');

        self::assertSelectorTextContains('h1', '0 of ');
        self::assertSelectorTextContains('.note', 'No drill has all of that');
    }

    public function testEveryDrillHasAPageWithItsDrawing(): void
    {
        $this->signIn();
        foreach (array_keys(ShippedDrills::all()) as $key) {
            $page = $this->open($this->team(), "/practice/drills/$key");
            self::assertResponseIsSuccessful($key);
            self::assertGreaterThan(0, $page->filter('.drawing .mark-shape')->count(), $key);
        }
        $this->open($this->team(), '/practice/drills/moonwalk');
        self::assertResponseStatusCodeSame(404);
    }

    public function testACopyIsOursToChangeAndToPutAway(): void
    {
        $this->signIn();
        $this->open($this->team(), '/practice/drills/charge-and-throw');
        $this->browser->clickLink('Copy it');
        self::assertInputValueSame('drill_form[name]', 'Charge and throw, ours');
        $this->browser->submitForm('Save the drill', [
            'drill_form[name]' => 'Charge in the wind',
            'drill_form[secondsPerRep]' => '30',
        ]);
        $this->follow();
        self::assertSelectorTextContains('h1', 'Charge in the wind');
        self::assertSelectorTextContains('.takes', '30 s');

        $this->browser->clickLink('Change it');
        $this->browser->submitForm('Save the drill', ['drill_form[max]' => '3']);
        $this->follow();
        self::assertSelectorTextContains('.takes', '2 to 3, 2 at once');
        $shelf = self::getContainer()->get(DrillShelf::class);
        $own = array_values(
            array_filter(
                array_keys($shelf->of($this->team())),
                static fn(string $key): bool => str_starts_with($key, 'own-'),
            ),
        );
        self::assertCount(1, $own);
        self::assertEquals(
            ShippedDrills::get('charge-and-throw')->place,
            $shelf->of($this->team())[$own[0]]->place,
            'set up like the original',
        );

        $this->browser->submitForm('Put away');
        $this->follow();
        self::assertSelectorTextContains('main > details', 'Charge in the wind');
        self::assertArrayNotHasKey($own[0], $shelf->of($this->team()));
        self::assertArrayHasKey($own[0], $shelf->ever($this->team()), 'old sheets go on naming it');
        $this->browser->submitForm('Take out again');
        self::assertArrayHasKey($own[0], $shelf->of($this->team()));
    }

    public function testAnOwnDrillIsAStationLikeAnyOther(): void
    {
        $this->signIn();
        $this->open($this->team(), '/practice/drills/new?like=read-the-hop');
        $this->browser->submitForm('Save the drill', ['drill_form[name]' => 'Hops on the quay']);
        $page = $this->follow();
        $key = basename((string) $page->getUri());
        $practice = self::getContainer()->get(PracticeRepository::class)->of($this->team())[0];
        $page = $this->open($this->team(), "/practice/{$practice->id()}");
        $this->browser->request('POST', "/{$this->team()->id()}/practice/{$practice->id()}/arrange", [
            '_token' => $page->filter('[data-arrange]')->attr('data-token'),
            'version' => $practice->version(),
            'add' => $key,
        ]);
        $this->follow();

        self::assertSelectorTextContains('main', 'Hops on the quay');
    }

    #[TestWith(['name', '', 'It is empty. Allowed: 1 to 60 letters.'])]
    #[TestWith(['min', '9', '9 is too large. Allowed: 1 to 6 players'])]
    #[TestWith(['max', '31', '31 is too large. Allowed: 1 to 30 players'])]
    #[TestWith(['secondsPerRep', '1', '1 is too small. Allowed: 3 to 600 seconds'])]
    #[TestWith(['helpers', 'many', 'This is not a whole number.'])]
    #[TestWith(['steps', '', 'Nobody knows how to run it. Allowed: at least one step'])]
    public function testWhatNobodyCouldRunIsSaidAtItsField(string $field, string $typed, string $words): void
    {
        $this->signIn();
        $this->open($this->team(), '/practice/drills/new?like=charge-and-throw');
        $this->browser->submitForm('Save the drill', [
            "drill_form[$field]" => $typed,
            'drill_form[purpose]' => 'To stay typed.',
        ]);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains("#drill_form_{$field}_more", $words);
        self::assertInputValueSame('drill_form[purpose]', 'To stay typed.');
    }

    public function testTheMatrixShowsWhoHadWhatAndWhy(): void
    {
        $this->signIn();
        $page = $this->open($this->team(), '/practice/needs');

        self::assertSame(20, $page->filter('.needs tbody tr')->count());
        self::assertStringStartsWith('Most needed: ', $page->filter('h1')->text());
        self::assertGreaterThan(0, $page->filter('.need-never')->count());
        self::assertGreaterThan(
            0,
            $page->filter('.needs .need-not-yet, .needs .need-unsure')->count(),
            'last week was graded',
        );
        foreach ($page->filter('.needs-why') as $why) {
            self::assertStringEndsWith('.', trim($why->textContent));
        }
        $family = $this->open($this->team(), '/practice/needs?family=relays');
        self::assertStringContainsString('Cutoff, on the line', $family->filter('.needs')->text());
        self::assertStringNotContainsString('Turn back to third', $family->filter('.needs')->text());
    }
}
