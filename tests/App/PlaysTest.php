<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\Core\Family\Bunt\BuntFamily;
use FoxCorner\Core\Game\BuntPoints;
use FoxCorner\Core\Game\BuntSign;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Play\Choice\OutPolicy;
use PHPUnit\Framework\Attributes\TestWith;

/** The place where coverages are chosen, drawn up and valued. */
final class PlaysTest extends AppTestCase
{
    #[TestWith(['none-0', 'Corners in'])]
    #[TestWith(['R1-1', 'Corners crash'])]
    #[TestWith(['R2-0', 'Wheel'])]
    #[TestWith(['R1R2-0', 'Third reads'])]
    #[TestWith(['R3-1', 'Corners crash'])]
    #[TestWith(['R1R3-0', 'First stays'])]
    #[TestWith(['R2R3-0', 'Catcher stays'])]
    #[TestWith(['loaded-1', 'Catcher stays'])]
    public function testEveryRunnerStateHasCoverages(string $situation, string $coverage): void
    {
        $this->signIn();
        foreach (['Kites', 'Terns'] as $team) {
            $this->open($this->team($team), "/situations/$situation/bunt/all");
            self::assertResponseIsSuccessful();
            self::assertSelectorTextContains('#coverage', $coverage);
            self::assertSelectorExists('[data-play-map]');
        }
    }

    public function testTwoCoveragesBesideEachOtherAndTheirDifference(): void
    {
        $this->signIn();
        $page = $this->open(
            $this->team(),
            '/situations/R1R2-0/bunt/all?coverage=corners-crash&with=wheel&surface=wet%20grass&corners=normal',
        );

        self::assertSelectorTextContains('h1', '“Crash” or “Wheel”');
        self::assertCount(2, $page->filter('[data-play-map]'));
        self::assertGreaterThan(20, $page->filter('.differ-two, .differ-one')->count());
    }

    /** @param string $words of the page that says what is allowed */
    #[TestWith(['with=nothing', 'With: "nothing" is not known'])]
    #[TestWith(['surface=ice', 'Surface: "ice" is not known'])]
    #[TestWith(['corners=moon', 'Corners: "moon" is not known'])]
    #[TestWith(['runners=flying', 'Runners: "flying" is not known'])]
    public function testABadAddressSaysWhatIsAllowed(string $query, string $words): void
    {
        $this->signIn();
        $this->open($this->team(), "/situations/R1R2-0/bunt/all?$query");

        self::assertSelectorTextContains('h1', $words);
    }

    public function testAMixWithTwoOutHasNothingThatGivesTheBatterUp(): void
    {
        $this->signIn();
        $page = $this->open($this->team(), '/situations/R1-2/bunt/coverages?batter=slapper');

        $may = $page
            ->filter('[aria-labelledby=they-may] > table tbody th')
            ->each(static fn($one): string => $one->text());
        self::assertSame(['Drags for a hit', 'Slaps', 'Swings away'], $may);
    }

    public function testACoachSaysHowOftenTheyDoWhatAndTheCostsFollow(): void
    {
        $this->signIn();
        $share = fn(): string => $this->open($this->team(), '/situations/R1R2-0/bunt/coverages')
            ->filter('[aria-labelledby=they-may] tbody tr')
            ->first()
            ->text();
        self::assertStringContainsString('Bunts 19 %', $share());

        $this->browser->submitForm('Save these', ['times_bunt' => '4']);
        $this->follow();
        self::assertStringContainsString('Bunts 49 %', $share());
        $this->browser->submitForm('Save these', ['times_bunt' => 'often']);
        $this->follow();
        self::assertSelectorTextContains('.finding', 'Bunts: "often" is not a number. Allowed: 0 to 9');
    }

    public function testWhoHasShownABuntIsExpectedToBunt(): void
    {
        $this->signIn();
        $this->open($this->team(), '/situations/R1R2-0/bunt/all?seen=at-bat');

        self::assertSelectorTextContains('main', 'tried it in this at-bat');
        $this->open($this->team(), '/situations/R1R2-0/bunt/coverages?seen=at-bat');
        self::assertSelectorTextContains('[aria-labelledby=they-may]', 'Bunts 42 %');
        $this->open($this->team(), '/situations/R1R2-0/bunt/all?seen=never');
        self::assertSelectorTextContains('h1', 'Seen: "never" is not known');
    }

    public function testNoCornerIsClosePlayingWithoutAWord(): void
    {
        $this->signIn();
        foreach (['/situations/R1-0/bunt/all', '/situations/R1-0/bunt', '/situations/R1-0'] as $page) {
            $this->open($this->team(), $page);
            self::assertSelectorTextContains('main', 'Close to a ball hit hard:', $page);
            self::assertSelectorTextContains('main', 'your league’s to say', $page);
        }
    }

    public function testHowSureAnOutInFrontMustBeIsTheCoachsOwn(): void
    {
        $this->signIn();
        $this->open($this->team(), '/situations/R1-0/bunt/coverages');
        $this->browser->submitForm('Save for all plays', ['sure' => '70', 'chance' => '40']);
        $this->follow();

        self::assertSelectorTextContains('main', 'The lead out when it is 70 % sure');
        self::assertSelectorTextContains('main', 'The lead out from 40 % on');
        $this->browser->submitForm('Save for all plays', ['sure' => '60', 'chance' => '80']);
        $this->follow();
        self::assertSelectorTextContains('.finding', '80 % is more than the 60 % of “sure”');
    }

    public function testEveryBallThatComesToSomebodyIsDrawnWithTheJobsOfThatBranch(): void
    {
        $this->signIn();
        $page = $this->open($this->team(), '/situations/R1-0/bunt/coverage/new?from=corners-crash');
        self::assertSame('2', $page->filter('[data-job-board]')->attr('data-job-board'), 'the first that has a ball');
        self::assertSame(
            ['1', '2', '3', '5'],
            $page->filter('.ball-card input')->each(static fn($card): ?string => $card->attr('value')),
            'those who field, the pitcher among them, who has none of the sample',
        );
        $form = $page->selectButton('Save this coverage')->form();
        $query = http_build_query(['column' => '5'] + $form->getPhpValues());
        $drawn = $this->open($this->team(), "/situations/R1-0/bunt/coverage/audit?$query");

        self::assertSame('5', $drawn->filter('[data-job-board]')->attr('data-job-board'));
        $jobs = $drawn->filter('[data-job-of]')->each(static fn($mark): ?string => $mark->attr('aria-label'));
        self::assertStringStartsWith('5 Ibarra: Field it', (string) $jobs[4]);
        self::assertStringStartsWith('4 Szabo: Cover first', (string) $jobs[3]);
        $this->open($this->team(), "/situations/R1-0/bunt/coverage/audit?column=nobody&$query");
        self::assertSelectorExists('[data-job-board]');
    }

    #[TestWith(['R1-0/bunt', 'corners-crash', 1])]
    #[TestWith(['R1-0/ground-ball', 'ground-second', 1])]
    #[TestWith(['R1-1/outfield', 'outfield-at-the-bag', 4])]
    public function testABranchThatTheSampleLacksIsDrawnOnABallThatIsSeldomHit(
        string $play,
        string $from,
        int $lacking,
    ): void {
        $this->signIn();
        $page = $this->open($this->team(), "/situations/$play/coverage/new?from=$from");
        $form = $page->selectButton('Save this coverage')->form();
        $seldom = $page
            ->filter('.ball-card:contains("seldom") input')
            ->each(static fn($card): string => (string) $card->attr('value'));

        self::assertCount($lacking, $seldom);
        foreach ($seldom as $column) {
            $query = http_build_query(['column' => $column] + $form->getPhpValues());
            $drawn = $this->open($this->team(), "/situations/$play/coverage/audit?$query");
            self::assertSame($column, $drawn->filter('[data-job-board]')->attr('data-job-board'));
            $chosen = $drawn->filter('.ball-card input:checked');
            self::assertSame($column, $chosen->attr('value'));
            self::assertStringContainsString('seldom', (string) $chosen->closest('.ball-card')?->text());
            $has = '[data-job-of][aria-label*="Field it"], [data-job-of][aria-label*="Run it down"]';
            self::assertCount(1, $drawn->filter($has), 'one has it');
        }
    }

    public function testAPolicyOfASituationIsTheLastWord(): void
    {
        $this->signIn();
        $page = $this->open($this->team(), '/situations/R1R2-0/bunt/coverages?coverage=wheel');
        $this->browser->submit($page->filter('form[action*="/policy"]')->first()->form());
        $this->browser->followRedirect();

        self::assertSelectorTextContains('.good', 'First base, no matter what, first, second, nobody out.');
        self::assertSame(
            OutPolicy::First,
            $this->drafts()->of($this->team())->plays('bunt')->policy(Situation::fromKey('R1R2-0'), new BuntFamily()),
        );
        $this->open($this->team(), '/situations/R1R2-0/bunt?coverage=wheel&bunt=-20,30');
        self::assertSelectorTextContains('.call', ', one.”');
    }

    public function testSignsAreWeighedByTheCoachAndTheCornersFollow(): void
    {
        $this->signIn();
        $this->open($this->team(), '/situations/R1-0/bunt/all');
        $this->browser->submitForm('Save the points', ['likely_at' => '9']);
        $this->open($this->team(), '/situations/R1-0');
        self::assertSelectorTextContains('.call', '“Double play.”');
        self::assertSame(9, $this->points()->likelyAt);
        $this->open($this->team(), '/situations/R1-0/bunt/all');
        $this->browser->submitForm('Save the points', ['sign_late' => '99']);
        $this->browser->followRedirect();
        self::assertSelectorTextContains(
            '.finding',
            'Late: 99 is too large. Allowed: -9 to 9 points. Nothing was changed.',
        );
        $this->browser->submitForm('As shipped');
        self::assertTrue($this->points()->isOrdinary());
        self::assertSame(2, $this->points()->weigh(BuntSign::NobodyOut));
    }

    private function points(): BuntPoints
    {
        return $this->drafts()->of($this->team())->plays('bunt')->setting(BuntPoints::class);
    }
}
