<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Shared\Taste\Metric;
use Symfony\Component\BrowserKit\Cookie;

/** How somebody likes to read: metres, hours, paper. */
final class TasteTest extends AppTestCase
{
    public function testFeetAndMilesAreReckonedOverWhereTheyAreRead(): void
    {
        foreach (
            [
                '43 ft' => '13.1 m',
                'it is 175 ft out, 60 ft wide' => 'it is 53 m out, 18.3 m wide',
                '65.6 ft' => '20.0 m',
                '65.7 ft' => '20 m',
                '2½ ft' => '0.8 m',
                '105 mph' => '169 km/h',
                '27.5 ft/s' => '8.4 m/s',
                '3 feet, R2 ft, draft 7' => '3 feet, R2 ft, draft 7',
                '<b title="20 ft">30 ft</b>' => '<b title="6.1 m">9.1 m</b>',
                '<b data-spot="20 ft">1</b>' => '<b data-spot="20 ft">1</b>',
                '<form><b title="9 ft">8 ft</b></form>10 ft' => '<form><b title="9 ft">8 ft</b></form>3.0 m',
                '<textarea>40 ft</textarea>' => '<textarea>40 ft</textarea>',
            ] as $feet => $metres
        ) {
            self::assertSame($metres, Metric::of($feet), $feet);
        }
    }

    public function testWhatIsChosenIsHowEveryPageIsSent(): void
    {
        $this->signIn();
        $page = $this->open($this->team(), '/situations/R1-0');
        self::assertStringContainsString('60 ft, pitched from 43 ft', $page->filter('.strip')->text());
        $this->open($this->team(), '/you');
        $this->browser->submitForm('Metres and kilometres');
        $this->follow();
        self::assertSelectorTextContains('.strip', '18.3 m, pitched from 13.1 m');
        self::assertSame('true', $this->pressed('Metres and kilometres'));
        $page = $this->open($this->team(), '/team/ballpark');
        self::assertStringContainsString('ft', $page->filter('main form')->text(), 'what is typed stays in feet');

        $page = $this->open($this->team(), '/practice');
        self::assertStringContainsString(', 17:30', $page->filter('h1')->text());
        $this->open($this->team(), '/you');
        $this->browser->submitForm('5:30 pm');
        $page = $this->open($this->team(), '/practice');
        self::assertStringContainsString(', 5:30 pm', $page->filter('h1')->text());
        $page = $this->open($this->team(), '/practice/new');
        self::assertMatchesRegularExpression(
            '/T17:30$/',
            (string) $page->filter('[type=datetime-local]')->attr('value'),
        );
    }

    public function testTheSheetComesOnThePaperThatIsChosen(): void
    {
        $this->signIn();
        $page = $this->open($this->team(), '/practice');
        $sheet = $page->filter('tbody a')->first()->attr('href') . '/sheet.pdf';
        $this->browser->request('GET', $sheet);
        self::assertStringContainsString('[0.000 0.000 595.280 841.890]', $this->content(), 'A4, in points');
        $this->open($this->team(), '/you');
        $this->browser->submitForm('Letter');
        $this->browser->request('GET', $sheet);
        self::assertStringContainsString('[0.000 0.000 612.000 792.000]', $this->content());
    }

    public function testWhatCannotBeChosenChangesNothing(): void
    {
        $this->signIn();
        $this->browser->getCookieJar()->set(new Cookie('units', 'furlongs'));
        $this->browser->getCookieJar()->set(new Cookie('hours', '<script>'));
        $page = $this->open($this->team(), '/you');
        self::assertSame('true', $this->pressed('Feet and miles'));
        $form = $page->selectButton('Letter')->form();
        $this->browser->request('POST', $form->getUri(), [...$form->getPhpValues(), 'paper' => 'papyrus']);
        $this->follow();
        self::assertSame('true', $this->pressed('A4'));
    }

    public function testHelpSpeaksOfThePlaceAndWordsSayWhatTheyMean(): void
    {
        $this->signIn();
        $topics = [
            '' => 'today',
            '/situations/R1-0/bunt/all' => 'bunts',
            '/team/stopwatch' => 'stopwatch',
            '/team/counts' => 'runners',
            '/team/scoring' => 'team',
            '/situations/rules/new' => 'rules',
            '/practice/new' => 'practice',
            '/practice/season' => 'needs',
            '/situations/R1-0/bunt/coverage/new?from=first-stays' => 'coverage',
            '/situations/outfield-jobs' => 'outfield',
            '/situations/R1-0/bunt' => 'bunts',
            '/situations/R1-0' => 'field',
            '/situations/R1-0/outfield/coverages' => 'outfield',
            '/situations/R1-0/runners' => 'runners',
        ];
        foreach ($topics as $path => $topic) {
            $page = $this->open($this->team(), $path);
            self::assertStringEndsWith(
                "/help/$topic",
                (string) $page->filter('.rail a[data-help]')->attr('href'),
                $path,
            );
        }
        $page = $this->open($this->team(), '/help/coverage');
        self::assertSelectorTextContains('#help-text', 'press a fielder: field, cover, back up');
        self::assertSelectorTextContains('#help-text dl', 'Come to a ball that is another’s');
        $this->open($this->team(), '/help/nothing');
        self::assertResponseStatusCodeSame(404);

        $page = $this->open($this->team(), '/situations/R1-0/bunt/all');
        $word = $page->filter('.word')->first();
        self::assertSame('lead out', $word->text());
        self::assertSame(
            'Lead out: The out at the base farthest on, instead of the sure one at first.',
            $page->filter('#' . $word->attr('popovertarget'))->text(),
        );
        $ids = $page->filter('.word-meaning')->each(static fn($meaning): ?string => $meaning->attr('id'));
        self::assertSame($ids, array_unique($ids));
    }

    private function pressed(string $button): ?string
    {
        return $this->browser->getCrawler()->selectButton($button)->attr('aria-pressed');
    }

    private function content(): string
    {
        return (string) $this->browser->getResponse()->getContent();
    }
}
