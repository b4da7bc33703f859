<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Club\Player;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Live\RunRepository;
use PHPUnit\Framework\Attributes\TestWith;

/** What a player sees of himself and of others, and what an assistant leaves to the head coach. */
final class PlayersSeeTest extends AppTestCase
{
    public function testAPlayerSeesHisOwnTimesAndNobodyElses(): void
    {
        $this->signIn('player');
        $page = $this->open($this->team(), '/team');
        $row = static fn(string $name): string => $page->filter("tbody tr:contains(\"$name\")")->text();

        self::assertStringContainsString('3.02 s', $row('Marsh'));
        self::assertStringContainsString('56 mph', $row('Marsh'));
        self::assertSame('7 Quist 7 9', trim($row('Quist')));
        self::assertStringNotContainsString(
            'No throwing',
            $page->filter('main')->text(),
            'a sore arm is nobody else’s business',
        );
        self::assertSelectorNotExists('a:contains("Save as CSV")');
        self::assertSelectorNotExists('a:contains("Opponents")');
    }

    public function testACoachSeesAll(): void
    {
        $this->signIn('assistant');
        $page = $this->open($this->team(), '/team');

        self::assertStringContainsString('No throwing', $page->filter('tbody tr:contains("Oyelaran")')->text());
        self::assertStringContainsString('3.15 s', $page->filter('tbody tr:contains("Quist")')->text());
    }

    #[TestWith(['/team/roster.csv'])]
    #[TestWith(['/team/opponents'])]
    #[TestWith(['/changes'])]
    public function testForCoachesOnly(string $path): void
    {
        $this->signIn('player');
        $this->open($this->team(), $path);
        self::assertResponseStatusCodeSame(403);
        $this->signIn('assistant');
        $this->open($this->team(), $path);
        self::assertResponseIsSuccessful();
    }

    public function testHowAPracticeWentIsForCoaches(): void
    {
        $this->signIn('player');
        $this->open($this->team(), "/practice/{$this->lastWeek()->id()}/after");
        self::assertResponseStatusCodeSame(403);
    }

    public function testWhatIsNeededShowsHisOwnColumnAndTheWeekHisOwnArm(): void
    {
        $this->signIn('player');
        $page = $this->open($this->team(), '/practice/needs');
        self::assertSame(['Marsh'], $page->filter('.needs-head')->each(static fn($head): string => $head->text()));
        $page = $this->open($this->team(), '/practice/week?from=' . $this->lastWeek()->startsAt()->format('Y-m-d'));
        self::assertSelectorTextContains('main', 'Your throws this week');
        foreach (['Quist', 'Tveit', 'Lund'] as $other) {
            self::assertStringNotContainsString($other, $page->filter('main')->text());
        }
        $this->signIn();
        $page = $this->open($this->team(), '/practice/week?from=' . $this->lastWeek()->startsAt()->format('Y-m-d'));
        self::assertStringContainsString('Lund', $page->filter('main')->text());
    }

    public function testTheLineupTellsAPlayerNothingOfOthersArms(): void
    {
        $this->signIn('player');
        $page = $this->open($this->team(), '/team/lineup')->filter('main')->text();
        self::assertStringNotContainsString('throw', $page);
        $this->signIn();
        self::assertStringContainsString(
            'Oyelaran may not throw today',
            $this->open($this->team(), '/team/lineup')->filter('main')->text(),
        );
    }

    public function testAFindingAboutAnArmKeepsItsReasonToTheCoaches(): void
    {
        $this->signIn('player');
        $page = $this->open($this->team())->filter('main')->text();
        self::assertStringNotContainsString('may not throw', $page);
        self::assertStringNotContainsString('to mend', $page);
        self::assertStringContainsString('Marsh, shortstop', $page);
        self::assertStringContainsString('On a bunt: cover second', $page);
        self::assertMatchesRegularExpression('/Practice \w+ \d+ \w+, 17:30, Quay field/', $page);
        self::assertStringContainsString('In your own paces', $page);
        $this->signIn();
        self::assertStringContainsString('Oyelaran may not throw', $this->open($this->team())->filter('main')->text());
    }

    public function testOpponentsBattersAreOfferedToCoaches(): void
    {
        $this->signIn('player');
        self::assertSelectorNotExists(
            '#batter optgroup',
            (string) $this->open($this->team(), '/situations/R1-0')->getUri(),
        );
        $this->signIn();
        $page = $this->open($this->team(), '/situations/R1-0');
        $batter = $page->filter('#batter optgroup option')->first()->attr('value');
        $this->signIn('player');
        $this->open($this->team(), "/situations/R1-0?batter=$batter");
        self::assertSelectorExists('#batter optgroup option[selected]', 'a coach’s link opens what the coach sees');
    }

    public function testYouSayWhatIsKeptOfYou(): void
    {
        $this->signIn('player');
        $page = $this->open($this->team(), '/you')->filter('main')->text();
        self::assertStringContainsString('3.02 s', $page);
        self::assertMatchesRegularExpression('/graded|no grade/', $page);
        self::assertStringContainsString('throws', $page);
    }

    #[TestWith(['/team/player/%player%/remove'])]
    #[TestWith(['/team/opponents/%opponent%/remove'])]
    #[TestWith(['/practice/%practice%/remove'])]
    public function testAnAssistantDoesNotTakeOffWhatOthersRelyOn(string $path): void
    {
        $player = $this->entities()
            ->getRepository(Player::class)
            ->findOneBy(['name' => 'Quist']);
        $opponent = $this->entities()
            ->getConnection()
            ->fetchOne('SELECT id FROM opponent WHERE team_id = ?', [$this->team()->id()->toBinary()]);
        self::assertIsString($opponent);
        $path = strtr($path, [
            '%player%' => (string) $player?->id(),
            '%opponent%' => (string) \Symfony\Component\Uid\Uuid::fromBinary($opponent),
            '%practice%' => (string) $this->lastWeek()->id(),
        ]);
        foreach (['assistant' => 403, 'coach' => 303] as $who => $status) {
            $this->signIn($who);
            $token = $this->open($this->team(), '/practice/new')
                ->filter('[data-token-of-counts]')
                ->attr('data-token-of-counts');
            $this->browser->request('POST', "/{$this->team()->id()}$path", ['_token' => $token]);
            self::assertResponseStatusCodeSame($status, "$who $path");
        }
    }

    public function testAnAssistantTakesOffAPracticeThatHasNotRun(): void
    {
        $this->signIn('assistant');
        $practices = $this->entities()
            ->getRepository(Practice::class)
            ->findBy(['team' => $this->team()], ['startsAt' => 'DESC']);
        self::assertNull(self::getContainer()->get(RunRepository::class)->of($practices[0]));
        $this->open($this->team(), "/practice/{$practices[0]->id()}");
        $this->browser->submitForm('Take this practice off');
        self::assertResponseRedirects();
        self::assertCount(
            \count($practices) - 1,
            $this->entities()
                ->getRepository(Practice::class)
                ->findBy(['team' => $this->team()]),
        );
    }

    private function lastWeek(): Practice
    {
        return $this->entities()
            ->getRepository(Practice::class)
            ->findBy(['team' => $this->team()], ['startsAt' => 'ASC'])[0];
    }
}
