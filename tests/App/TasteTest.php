<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Shared\Taste\TypedLength;
use FoxCorner\App\Shared\Taste\Units;
use FoxCorner\Core\Problem\OutOfRange;
use Symfony\Component\BrowserKit\Cookie;
use Symfony\Component\HttpFoundation\InputBag;

/** How somebody likes to read: metres, hours, paper. */
final class TasteTest extends AppTestCase
{
    public function testFeetAndMilesAreReckonedOver(): void
    {
        $metres = Units::Metric;
        foreach (
            [
                '43 ft' => '13.1 m',
                'it is 175 ft out, 60 ft wide' => 'it is 53 m out, 18.3 m wide',
                '65.6 ft' => '20.0 m',
                '65.7 ft' => '20 m',
                '2.5 ft' => '0.76 m',
                '105 mph' => '169 km/h',
                '27.5 ft/s' => '8.4 m/s',
                '40 to 100 feet' => '12.2 to 30 metres',
                'R2 ft, draft 7, both feet, 3 steps' => 'R2 ft, draft 7, both feet, 3 steps',
            ] as $feet => $told
        ) {
            self::assertSame($told, $metres->told($feet), $feet);
            self::assertSame($feet, Units::Feet->told($feet));
        }
        self::assertSame(
            ['12 ft', '12.5 ft', '3.8 m', '0.76 m', '53 m'],
            [
                Units::Feet->words(12.46, 'ft'),
                Units::Feet->words(12.46, 'ft', 1),
                $metres->words(12.46, 'ft'),
                $metres->words(2.5, 'ft', 1),
                $metres->words(174.6, 'ft', 1),
            ],
        );
        self::assertSame(
            ['66.00 mph', '106.22 km/h', '4.31 s'],
            [Units::Feet->reading(66.0, 'mph'), $metres->reading(66.0, 'mph'), $metres->reading(4.31, 's')],
        );
        foreach (range(1, 40_000, 37) as $hundredths) {
            foreach (['ft', 'mph', 's'] as $unit) {
                $kept = (float) ($hundredths / 100);
                self::assertSame($kept, $metres->read((float) $metres->typed($kept, $unit), $unit), "$kept $unit");
            }
        }
    }

    public function testWhatIsRefusedIsSaidInTheUnitInWhichItWasTyped(): void
    {
        try {
            TypedLength::feet(
                self::query(['lead_m' => '20']),
                'lead',
                static fn(float $feet): float => OutOfRange::unlessBetween('lead', $feet, 0.0, 45.0, 'feet'),
            );
            self::fail('20 m are no lead');
        } catch (OutOfRange $problem) {
            self::assertSame('20 is too large. Allowed: 0 to 13.72 metres.', $problem->sentence());
        }
        $any = static fn(float $feet): float => $feet;
        self::assertSame(10.01, TypedLength::feet(self::query(['lead_m' => '3.05']), 'lead', $any));
        self::assertSame(3.05, TypedLength::feet(self::query(['lead' => '3.05']), 'lead', $any));
        self::assertNull(TypedLength::feet(self::query(['lead' => '']), 'lead', $any));
        $this->expectExceptionMessage('metres, a number');
        TypedLength::feet(self::query(['lead_m' => 'far']), 'lead', $any);
    }

    public function testNoPageSpeaksOfFeetToWhoReadsMetres(): void
    {
        $this->signIn();
        $this->browser->getCookieJar()->set(new Cookie('units', 'metric'));
        foreach (
            [
                '/situations/R1-0',
                '/situations/walk-off',
                '/situations/R2-0/bunt',
                '/situations/R2-0/bunt/all',
                '/situations/R1-0/ground-ball?ball=-13,78',
                '/situations/R1-1/outfield?hit=-70,205&flight=line',
                '/situations/R3-1/outfield/all',
                '/situations/R3-1/outfield/sheet',
                '/situations/R3-1/compare?against=in',
                '/situations/R1-0/steal',
                '/situations/R1R3-1/rundown',
                '/situations/R1-0/pick',
                '/situations/R1-0/runners',
                '/situations/depths',
                '/team',
                '/team/ballpark',
                '/team/counts',
                '/team/stopwatch',
                '/how-we-know',
                '/practice/drills/charge-and-throw',
            ] as $path
        ) {
            $page = $this->open($this->team(), $path);
            self::assertResponseIsSuccessful($path);
            $html = (string) preg_replace('/<(script|style)\b.*?<\/\1>/s', '', $page->html());
            self::assertSame(
                0,
                preg_match('/.{0,60}\d(\s|&nbsp;)*(ft\/s|ft|mph|feet)\b/u', $html, $is),
                "$path: " . ($is[0] ?? ''),
            );
            self::assertSame(0, preg_match('/[>,]\s*(ft|mph)\s*</', $html, $is), "$path: " . ($is[0] ?? ''));
        }
    }

    public function testWhatIsTypedInMetresIsKeptInFeet(): void
    {
        $this->signIn();
        $this->browser->getCookieJar()->set(new Cookie('units', 'metric'));
        $form = $this->open($this->team(), '/team/ballpark')->selectButton('Save the field')->form();
        self::assertSame('18.288', $form->getValues()['field_form[basePath]']);
        self::assertSame('13.106', $form->getValues()['field_form[pitchingDistance]']);
        $form['field_form[center]'] = '61';
        $this->browser->submit($form);
        $this->follow();
        $rules = $this->team()->rules();
        self::assertSame([60.0, 43.0], [$rules->basePath, $rules->pitchingDistance], 'what nobody touched is the same');
        self::assertEqualsWithDelta(200.13, $rules->fence->distanceAt(0.0), 0.005);
        $form = $this->open($this->team(), '/team/ballpark')->selectButton('Save the field')->form();
        $form['field_form[basePath]'] = '90';
        $page = $this->browser->submit($form);
        self::assertStringContainsString('90 is too large. Allowed: ', $page->filter('.field-problem')->text());
        self::assertStringContainsString(' metres', $page->filter('.field-problem')->text());
        self::assertSame('90', $page->filter('#field_form_basePath')->attr('value'));

        $level = $this->team()->level()->profile();
        self::assertStringContainsString(
            \sprintf('%.0f km/h in the infield, %.0f in', 1.609 * $level->infieldArm, 1.609 * $level->outfieldArm),
            $this->open($this->team(), '/team/player/new')->filter('main')->text(),
        );
        $page = $this->open($this->team(), '/team/stopwatch?quantity=pace');
        $button = $page->filter('button[name="player"][value]:not(.sr-only)')->first();
        $form = $button->form(['quantity' => 'pace', 'paces' => '10', 'feet' => '7.6']);
        $this->browser->submit($form);
        $page = $this->follow();
        self::assertStringContainsString('0.76 m', $page->filter('main')->text());
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

    /**
     * @param array<string, string> $typed
     *
     * @return InputBag<string>
     */
    private static function query(array $typed): InputBag
    {
        /** @var InputBag<string> */
        return new InputBag($typed);
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
