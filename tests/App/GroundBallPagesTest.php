<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\Core\Known\Measure;
use FoxCorner\Core\Level\Level;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\DomCrawler\Crawler;

/** Ground balls on the field, what can be wanted of them, and how we know. */
final class GroundBallPagesTest extends AppTestCase
{
    public function testABallIsPlayedWithItsOutsItsChartAndTheFeetAtSecond(): void
    {
        $this->signIn();
        $page = $this->open($this->team('Terns'), '/situations/R1-0/ground-ball?ball=-13,78');

        self::assertMatchesRegularExpression(
            '/^Out at second, 7\d in 100, by 0\.\d\d s; two, \d\d in 100$/',
            $page->filter('h1')->text(),
        );
        self::assertSelectorTextSame('.call', '“Two.”');
        self::assertSame('Two 6–4–3', $page->filter('.outs-table tbody th')->first()->text());
        $told = $page
            ->filter('.outs-table tbody td:nth-child(2)')
            ->each(static fn(Crawler $cell): string => $cell->text());
        foreach ($told as $line) {
            self::assertSame(100, array_sum(array_map(intval(...), self::numbers($line))), $line);
        }
        self::assertCount(25, $this->rows($page), 'a row of regions for each speed');
        self::assertMatchesRegularExpression('/^Under \d\d mph take one\./', $page->filter('.note')->first()->text());
        self::assertSelectorTextContains('.feet-steps', 'Left foot');
        self::assertSelectorTextContains('#work', 'Slide and obstruction rules differ');
        self::assertCount(9, $page->filter('.jobs-below tbody tr'));
    }

    /** @param list<string> $names */
    #[TestWith(['situations/none-0/ground-ball?ball=-34,31', ['Slow rollers', 'Short hops at first']])]
    #[TestWith(['situations/none-0/ground-ball?ball=34,110', ['One hand at the corner']])]
    #[
        TestWith([
            'situations/none-0/ground-ball?ball=-16,70&hop=chopper',
            ['Slow rollers', 'Read the hop', 'Short hops at first'],
        ]),
    ]
    #[TestWith(['situations/R1-0/ground-ball?ball=-13,78', ['Second baseman’s pivots']])]
    public function testABallIsLinkedToTheDrillsThatTeachIt(string $path, array $names): void
    {
        $this->signIn();
        $page = $this->open($this->team('Terns'), "/$path");
        $drills = $page
            ->filter('a[href*="/practice/drills/"]')
            ->each(static fn(Crawler $link): string => $link->text());

        self::assertSame($names, $drills);
    }

    public function testWhatHardNearAndSureMeanStandsBesideTheResults(): void
    {
        $this->signIn();
        $page = $this->open($this->team('Terns'), '/situations/R1R2-0/ground-ball/all');
        $text = $page->filter('#work')->text();

        self::assertMatchesRegularExpression('/6 \w+ (\d\d) mph/', $text);
        self::assertMatchesRegularExpression('/6 \w+ within (1|2)\d ft of second/', $text);
        self::assertMatchesRegularExpression('/Third from \d\d in 100 from \d\d in 100/', $text);
        self::assertMatchesRegularExpression('/Three on one, both gone with the pitch: \d catches it/', $text);
    }

    #[TestWith(['-25,115', 'Through the infield'])]
    #[TestWith(['0,30', 'Out at first, 96 in 100, by 0.'])]
    public function testWhatTheTitleSays(string $ball, string $title): void
    {
        $this->signIn();
        $page = $this->open($this->team('Terns'), "/situations/none-1/ground-ball?ball=$ball");

        self::assertStringContainsString($title, $page->filter('h1')->text());
    }

    public function testATouchOfTheGroundHitsItThereAsHardAsBefore(): void
    {
        $this->signIn();
        $this->browser->request('GET', "{$this->path()}/situations/R1-0/ground-ball?ball=-13,78&at=30,90");

        self::assertResponseRedirects();
        self::assertStringContainsString(
            'ball=18,78',
            urldecode((string) $this->browser->getResponse()->headers->get('Location')),
        );
    }

    #[TestWith(['ball=-90,70'])]
    #[TestWith(['ball=wide'])]
    #[TestWith(['ball=-10,400'])]
    #[TestWith(['hop=sideways'])]
    public function testABallThatIsNoneIsRefusedAndNamed(string $query): void
    {
        $this->signIn();
        $this->browser->request('GET', "{$this->path()}/situations/R1-0/ground-ball?$query");

        self::assertLessThan(500, $this->browser->getResponse()->getStatusCode());
        self::assertGreaterThanOrEqual(400, $this->browser->getResponse()->getStatusCode());
    }

    public function testWhatIsWantedIsKeptAndChangesTheCall(): void
    {
        $this->signIn();
        $page = $this->open($this->team('Terns'), '/situations/R1-0/ground-ball/all');
        self::assertSelectorTextContains('#work', 'Double plays, against this batter');
        self::assertSelectorTextContains('#work', '6–4–3');
        self::assertStringContainsString('then the target; never the runner', $page->filter('#work')->text());
        $page = $this->open($this->team('Terns'), '/situations/R1-0/ground-ball/coverages');
        $this->browser->submit($page->filter('button[aria-label="Choose: First base, no matter what here"]')->form());
        $this->open($this->team('Terns'), '/situations/R1-0/ground-ball?ball=-13,78');

        self::assertSelectorTextSame('.call', '“First.”');
    }

    public function testHowWeKnowSaysTheBandsAndWhatTheEngineSays(): void
    {
        $this->signIn();
        $page = $this->open($this->team('Terns'), '/how-we-know?level=pro');

        self::assertCount(\count(Measure::cases()), $page->filter('table')->first()->filter('tbody tr'));
        self::assertSelectorTextContains('tbody tr:nth-child(1)', '73 to 77');
        self::assertMatchesRegularExpression('/7[3-7]\.\d$/', $page->filter('tbody tr')->first()->text());
        self::assertSelectorTextContains('main', 'published league rates');
        self::assertStringContainsString('Second to home on a single 47 52 58 56 80 81', $page->filter('main')->text());
        self::assertMatchesRegularExpression(
            '/loses \d\.\d outs .* saves \d\.\d doubles/',
            $page->filter('main')->text(),
        );
        $this->open($this->team('Terns'), '/how-we-know');
        self::assertSelectorTextContains('option[selected]', Level::Youth13->label());
        self::assertSelectorTextContains('main', 'our estimate');
    }

    private function path(): string
    {
        return '/' . $this->team('Terns')->id()->toRfc4122();
    }

    /** @return list<string> */
    private static function numbers(string $line): array
    {
        preg_match_all('/\d+/', $line, $found);

        return $found[0];
    }

    /** @return list<string> the places of the chart's rows */
    private function rows(Crawler $page): array
    {
        return array_values(
            array_unique(
                $page
                    ->filter('.two-chart > rect:not(.two-frame)')
                    ->each(static fn(Crawler $cell): string => (string) $cell->attr('y')),
            ),
        );
    }
}
