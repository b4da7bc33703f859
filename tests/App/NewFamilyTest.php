<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\CommandLine\Fox;
use FoxCorner\Core\Family\ShippedFamilies;
use FoxCorner\Core\Play\Contract\PlayFamilies;
use FoxCorner\Tests\Trial\ThrowHome\ThrowHomeFamily;
use Symfony\Component\DomCrawler\Crawler;

/** A family of plays costs a folder and a line: here a line of the container, otherwise one of the registry. */
final class NewFamilyTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->browser->disableReboot();
        self::getContainer()->set(PlayFamilies::class, self::families());
        $this->signIn();
    }

    public function testItIsListedWithItsCoverages(): void
    {
        $page = $this->open($this->team(), '/situations/R3-1/throw-home/all');

        self::assertResponseIsSuccessful();
        self::assertAnySelectorTextContains('.ways a', 'Throws home');
        self::assertSelectorTextContains('#coverage', 'Catcher stay');
        self::assertSelectorTextContains('#coverage', 'Catcher away');
        self::assertSelectorNotExists('[data-play-map]', 'it has no map');
        self::assertCount(
            2,
            $page
                ->filter('#coverage option')
                ->reduce(static fn(Crawler $option): bool => str_contains($option->text(), 'Catcher')),
        );
    }

    public function testWhereItDoesNotAriseThePageSaysWhy(): void
    {
        $this->open($this->team(), '/situations/R1-0/throw-home/all');

        self::assertSelectorTextContains('#work', 'Nobody is on third.');
    }

    public function testTheAuditFindsItsFaultsOnAllScreens(): void
    {
        $page = $this->open($this->team(), '/situations/R3-1/throw-home/coverages?coverage=away');
        $rows = implode("\n", $page->filter('table tr')->each(static fn(Crawler $row): string => $row->text()));
        self::assertMatchesRegularExpression('/^Catcher stay 0\.8[5-9] 100 in 100 \d/m', $rows, 'mostly an out');
        self::assertMatchesRegularExpression(
            '/^Catcher away 0\.15 100 in 100 \d/m',
            $rows,
            'nobody is there to catch it: he runs home with it himself',
        );
        self::assertStringContainsString('On a throw home: catcher stay.', $this->words('/situations/R3-1'));
        self::assertStringContainsString('Throw home: stay.', $this->words('/situations'));
    }

    public function testItRunsOnTheClock(): void
    {
        $page = $this->open($this->team(), '/situations/R3-1/throw-home?throw-home=4');

        self::assertResponseIsSuccessful();
        self::assertSelectorExists('[data-play]');
        self::assertSelectorTextContains('#trial-4[aria-current=true]', 'hird baseman has it');
        /** @var array{events: list<array{words: string}>, tracks: array<string, mixed>} $picture */
        $picture = json_decode((string) $page->filter('[data-play]')->attr('data-play'), true);
        self::assertSame(['Released', 'Tag at home', 'R3 there'], array_column($picture['events'], 'words'));
        self::assertArrayHasKey('R3', $picture['tracks']);
    }

    public function testItsCoverageIsChosenCopiedAndKept(): void
    {
        $this->open($this->team(), '/situations/R3-1/throw-home/all?coverage=away');
        $this->browser->submitForm('Play “Away” here');
        $this->browser->followRedirect();
        self::assertStringContainsString('On a throw home: catcher away.', $this->words('/situations/R3-1'));
        self::assertStringContainsString('On a bunt: ', $this->words('/situations/R3-1'), 'the bunt has its own');

        $this->open($this->team(), '/situations/R3-1/throw-home/coverage/new?from=stay');
        self::assertResponseIsSuccessful();
        $this->browser->submitForm('Save this coverage', ['name' => 'Our stay', 'call' => 'Ours']);
        $this->follow();
        self::assertStringContainsString('Our stay', $this->words('/situations/R3-1/throw-home/coverages'));
    }

    public function testTheCommandLineRunsAndAuditsIt(): void
    {
        $fox = new Fox(__DIR__ . '/../../docs/schemas', self::families());
        $question = ['rule_set' => 'baseball-90', 'level' => 'pro', 'situation' => 'R3-1', 'family' => 'throw-home'];
        [$output, $code] = $fox->ask('play', (string) json_encode($question + ['trial' => ['who' => 6]]));
        /** @var array{fielded_by: int, options: list<array{base: string, out_chance: float}>} $play */
        $play = json_decode($output, true);
        self::assertSame(0, $code, $output);
        self::assertSame(6, $play['fielded_by']);
        self::assertSame(['home'], array_column($play['options'], 'base'));

        [$output, $code] = $fox->ask('coverage-audit', (string) json_encode($question + ['coverage' => 'away']));
        self::assertSame(0, $code, $output);
        self::assertStringContainsString('home', $output);
    }

    private static function families(): PlayFamilies
    {
        return ShippedFamilies::all()->and(new ThrowHomeFamily());
    }

    private function words(string $path): string
    {
        return $this->open($this->team(), $path)->filter('#work')->text();
    }
}
