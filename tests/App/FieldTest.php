<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Practice\Solving\SolveOutcome;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Plan\CoverageChoice;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\TestWith;

final class FieldTest extends AppTestCase
{
    public function testNineStandOnTheFieldWithTheirOwnPaces(): void
    {
        $this->signIn();
        $page = $this->open($this->team(), '/situations/R1-0');

        self::assertSelectorTextSame('h1', 'Double play, corners in');
        self::assertCount(9, $page->filter('svg.drawing .name'));
        self::assertSame(
            '6 Marsh',
            preg_replace('/\s+/', ' ', trim($page->filter('tbody tr')->eq(5)->filter('th')->text())),
        );
        self::assertSelectorTextContains('tbody tr:nth-child(6)', '5½ off second, 1½ back');
        self::assertSelectorTextContains('tbody tr:nth-child(4)', '7 off second, 1½ back', 'in a shorter pace');
    }

    public function testTheAddressIsTheSituation(): void
    {
        $this->signIn();
        $page = $this->open($this->team(), '/situations/R1R3-1?inning=7&half=bottom&score=-1&batter=slapper&count=2-1');

        $told = ['inning' => '7', 'half' => 'bottom', 'score' => '-1', 'batter' => 'slapper', 'count' => '2-1'];
        foreach ($told as $name => $value) {
            self::assertSame(
                $value,
                $page->filter("select[name=$name] option[selected]")->attr('value') ??
                    $page->filter("select[name=$name] option[selected]")->text(),
                $name,
            );
        }
        self::assertStringContainsString(
            '/situations/R3-1?',
            (string) $page->filter('#bag-first')->attr('href'),
            'touching first takes the runner off',
        );
        self::assertStringContainsString('/situations/R1R3-2?', (string) $page->filter('#outs')->attr('href'));
        self::assertStringContainsString(
            'batter=slapper',
            (string) $page->filter('#outs')->attr('href'),
            'the context stays',
        );
    }

    public function testTheBuntRunsWithJobsCallAndFindings(): void
    {
        $this->signIn();
        $page = $this->open($this->team(), '/situations/R1-0/bunt?bunt=-20,30');
        $picture = json_decode((string) $page->filter('[data-play]')->attr('data-play'), true);

        self::assertIsArray($picture);
        self::assertIsArray($picture['tracks']);
        self::assertEqualsCanonicalizing(
            ['1', '2', '3', '4', '5', '6', '7', '8', '9', 'R1', 'ball', 'batter'],
            array_map(strval(...), array_keys($picture['tracks'])),
        );
        self::assertSelectorTextSame('.call', '“Crash, one.”');
        self::assertSame(
            ['Oyelaran may not throw', '1 and 5 may collide'],
            $page->filter('.finding p:first-child')->each(static fn($title): string => $title->text()),
        );
        self::assertCount(9, $page->filter('table:contains("Everybody’s job") tbody tr'));
    }

    public function testARunnerWhoNeedNotGoIsLookedAtBeforeTheOnlyThrow(): void
    {
        $this->signIn();
        $this->open($this->team(), '/situations/R3-1/bunt?bunt=-30,20');
        self::assertAnySelectorTextContains('p', 'R3 waits. Look before you throw');
        self::assertSelectorTextNotContains('main', 'costs least', 'one throw has no rival');

        $this->open($this->team(), '/situations/R2-0/bunt?bunt=-30,20');
        self::assertSelectorTextNotContains('main', 'waits.');
        self::assertAnySelectorTextContains('p', 'First costs least. Go for third when you are');
    }

    public function testAMovedInfielderIsMeasuredAndExplained(): void
    {
        $this->signIn();
        $this->open($this->team(), '/situations/none-2?moved=6:-20,80');

        self::assertSelectorTextContains('tbody tr:nth-child(6)', '7 off second, 4½ back');
        self::assertSelectorTextContains('body', '6 is moved by hand; the rule says normal.');
        self::assertSelectorTextContains('body', 'Save for nobody on, two out');
        $this->open($this->team(), '/situations/none-2/improve?moved=6:-20,80');
        self::assertResponseIsSuccessful();
        self::assertSelectorTextNotContains('body', '6 Marsh', 'whoever was put somewhere by hand stays there');
    }

    public function testTheBestStepIsLookedForOnceAndByWorkersForCoaches(): void
    {
        $this->signIn();
        self::getContainer()->get('test.figures')->clear();
        $page = $this->open($this->team(), '/situations/R1-0');
        self::assertCount(1, $page->filter('#improve'));
        $asked = 'SELECT COUNT(*) FROM solve_job WHERE kind = "improve"';
        $this->open($this->team(), '/situations/R1-0/improve');
        $first = $this->browser->getCrawler()->filter('p')->first()->text();
        self::assertMatchesRegularExpression('/saves [\d.]+ runs|No step/', $first);
        self::assertSame(1, $this->number($asked));
        $rows = $this->entities()->getConnection();
        $rows->executeStatement("UPDATE player SET name = 'Renamed' WHERE name = 'Ibarra'");
        $this->open($this->team(), '/situations/R1-0/improve');
        self::assertSame(1, $this->number($asked), 'kept, and a new name costs nothing');
        $this->open($this->team(), '/situations/R1-0/improve?reach=1');
        self::assertSame(2, $this->number($asked));
        $this->open($this->team(), '/situations/R1-0/improve?reach=9');
        self::assertResponseStatusCodeSame(404);

        self::getContainer()->get('test.figures')->clear();
        $refused = SolveOutcome::refused(Refused::because('reach', 'it went astray', 'another one'));
        $rows->executeStatement('UPDATE solve_job SET outcome = ?', [$refused->write()]);
        $page = $this->open($this->team(), '/situations/R1-0/improve');
        self::assertSelectorTextContains('.finding', 'No step could be looked for: it went astray');
        self::assertCount(0, $page->filter('[data-hx-trigger^=load]'), 'nor is it asked for again by itself');
        self::assertSame(2, $this->number($asked));

        $this->signIn('player');
        self::assertCount(0, $this->open($this->team(), '/situations/R1-0')->filter('#improve'));
        $this->open($this->team(), '/situations/R1-0/improve');
        self::assertResponseStatusCodeSame(403);
    }

    public function testAKeptSpotHoldsForItsDepthUntilItIsGivenUp(): void
    {
        $this->signIn();
        $this->open($this->team(), '/situations/R1-1?moved=6:-20,80');
        $this->browser->submitForm('Save for first, one out');
        $this->browser->followRedirect();
        self::assertSelectorTextContains('.good', '6 kept for first, one out.');

        $this->entities()->clear();
        $this->open($this->team(), '/situations/R1-1');
        self::assertSelectorTextContains('tbody tr:nth-child(6)', '7 off second, 4½ back');
        self::assertSelectorTextContains('body', '6 stands where Wren Tolland wants it; the rule says double play.');
        $this->open($this->team(), '/situations/R1-1?batter=slapper');
        self::assertSelectorTextNotContains(
            'tbody tr:nth-child(6)',
            '7 off second, 4½ back',
            'another depth is called: the rule goes',
        );
        $page = $this->open($this->team(), '/situations');
        self::assertCount(0, $page->filter('.cell-changed'), 'what the coach keeps is the base plan');

        $this->open($this->team(), '/situations/R1-1');
        $this->browser->submitForm('Back to the rule');
        $this->browser->followRedirect();
        self::assertSelectorTextContains('tbody tr:nth-child(6)', '5½ off second, 1½ back');
    }

    public function testTouchedGroundBecomesABunt(): void
    {
        $this->signIn();
        $this->open($this->team(), '/situations/R1-0/bunt?at=-20.5,35.5');

        self::assertResponseRedirects();
        self::assertStringContainsString(
            'bunt=-30,41',
            (string) $this->browser->getResponse()->headers->get('Location'),
        );
    }

    #[TestWith(['/situations/R1-3', 'Situation: "R1-3" does not exist'])]
    #[TestWith(['/situations/R1-0?inning=99', 'Inning: 99 is too large'])]
    #[TestWith(['/situations/R1-0?score=lots', 'Score: "lots" is not a whole number'])]
    #[TestWith(['/situations/R1-0?batter=giant', 'Batter: "giant" is not known'])]
    #[TestWith(['/situations/R1-0?count=4-4', 'Count: "4-4" is no count'])]
    #[TestWith(['/situations/R1-0/bunt?coverage=wheel', 'Coverage: "wheel" is not known'])]
    #[TestWith(['/situations/R1-0/bunt?bunt=here', 'Bunt: "here" cannot be read'])]
    #[TestWith(['/situations/R1-0?moved=2:10,10', 'Moved: "2:10,10" names no fielder who can be moved'])]
    #[TestWith(['/situations/R1-0?moved=6:far', 'Moved: "far" cannot be read'])]
    #[TestWith(['/situations/R1-0/top', 'View: "top" is not known'])]
    #[TestWith(['/situations/R1-0?view[]=top', 'This address cannot be read'])]
    public function testABadAddressSaysWhatIsAllowed(string $path, string $words): void
    {
        $this->signIn();
        $this->open($this->team(), $path);

        self::assertContains($this->browser->getResponse()->getStatusCode(), [400, 404]);
        self::assertSelectorTextContains('h1', $words);
    }

    #[TestWith([0, 'On the roster there is nobody on it'])]
    #[TestWith([8, 'On the roster there are 8 players on it'])]
    public function testWithoutNineThereIsAWayOut(int $players, string $words): void
    {
        $team = $this->newTeam($this->signIn(), \array_slice(Teams::nine(), 0, $players));
        $this->open($team, '/situations/R2-1');

        self::assertResponseIsSuccessful();
        self::assertSelectorTextContains('.finding', $words);
        self::assertSelectorTextContains('.finding', 'Fill the roster');
        $this->open($team);
        self::assertSelectorTextContains('h1', 'The plan waits for nine players');
    }

    public function testWithTwoOutABuntIsForAHit(): void
    {
        $this->signIn();
        $this->open($this->team(), '/situations/R2-2/bunt');

        self::assertSelectorTextSame('#how option[selected]', 'As a surprise');
    }

    public function testTheCoachDecides(): void
    {
        $coach = $this->signIn();
        $this->open($this->team(), '/situations/R1-0/bunt?coverage=first-stays');
        $this->browser->submitForm('Play “Stay” here');
        $this->browser->followRedirect();

        self::assertSelectorTextContains('.call', 'Stay');
        self::assertSelectorTextContains('body', "Decided by $coach->name");
        self::assertSelectorTextContains('.good', '“Stay” is played on a bunt from now on');
        $this->browser->submitForm('Undo');
        $this->browser->followRedirect();
        $this->entities()->clear();

        $now = $this->drafts()->of($this->team())->plays('bunt')->choice(Situation::fromKey('R1-0'));
        self::assertSame('corners-crash', $now?->coverage, 'as it was before');
    }

    public function testTwoCoachesGetAChoiceAndNotAnOverwrite(): void
    {
        $this->signIn();
        $this->open($this->team(), '/situations/R1-0/bunt?coverage=first-stays');
        $membership =
            $this->entities()
                ->getRepository(Membership::class)
                ->findOneBy(['team' => $this->team(), 'role' => 'assistant']) ??
            self::fail('The demo has an assistant.');
        $this->drafts()->change(
            $membership,
            'Crash',
            static fn(PlanBook $book): PlanBook => $book->withPlays(
                'bunt',
                $book
                    ->plays('bunt')
                    ->withChoice(
                        Situation::fromKey('R1-0'),
                        new CoverageChoice('corners-crash', 'Piet Holm', self::now()),
                    ),
            ),
        );
        $this->entities()->clear();
        $this->browser->submitForm('Play “Stay” here');
        $this->browser->followRedirect();

        self::assertSelectorTextContains('.finding', 'Piet Holm has decided in the meantime');
        $this->entities()->clear();
        self::assertSame(
            'corners-crash',
            $this->drafts()->of($this->team())->plays('bunt')->choice(Situation::fromKey('R1-0'))?->coverage,
        );
    }
}
