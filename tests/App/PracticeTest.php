<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Club\Team;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Sheet\Sheet;
use FoxCorner\App\Practice\Sheet\SheetCodec;
use FoxCorner\App\Practice\Solving\SolveJob;
use FoxCorner\App\Practice\Solving\SolveKind;
use FoxCorner\Core\People\Limit;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\TestWith;

final class PracticeTest extends AppTestCase
{
    use OnePractice;

    public function testFromThePlanToASheet(): void
    {
        $team = $this->newTeam($this->signIn(), Teams::fifteen());
        $this->open($team, '/practice/new');
        $this->browser->submitForm('Make the practice', [
            'practice_form[startsAt]' => '2027-05-14T17:30',
            'practice_form[minutes]' => '70',
            'practice_form[whoHelps]' => "Ana, hits\nBo\nCy, hits",
            'practice_form[place]' => 'Top field',
        ]);
        $page = $this->follow();

        self::assertMatchesRegularExpression('/^\d+ of \d+ get all they need/', $page->filter('h1')->text());
        self::assertSelectorTextContains('.sheet', 'Warm-up');
        self::assertSelectorTextContains('.sheet', 'Ana');
        self::assertSelectorTextContains('.sheet', '17:30');
        self::assertSelectorTextContains('.sheet', 'Daily core: everybody works');
        self::assertSelectorTextContains('.sheet', 'Feeds and pivots in fours');
        $sheet = self::getContainer()->get(SheetCodec::class)->read($this->practiceOf($team));
        self::assertSame(70, array_sum(array_map(static fn($block): int => $block->minutes, $sheet->blocks)));
        foreach ($sheet->rounds() as $round) {
            $everybody = [
                ...$round->waiting,
                ...array_merge(
                    ...array_map(
                        static fn($station): array => [...$station->players, ...$station->helping],
                        $round->stations,
                    ),
                ),
            ];
            self::assertCount(15, $everybody);
        }
    }

    public function testWhatIsDoneEveryDayCountsAndCanBeLeftOut(): void
    {
        $team = $this->newTeam($this->signIn(), Teams::fifteen());
        $made = fn(string $core): Sheet => $this->made($team, $core);
        $taught = static fn(Sheet $sheet): int => \count(
            array_filter(
                iterator_to_array($sheet->turns(), false),
                static fn(array $turn): bool => str_starts_with($turn[1]->drill, 'daily-'),
            ),
        );

        self::assertSame(0, $taught($made('0')));
        self::assertSame(4 * 15, $taught($made('12')), 'four parts for everybody');
        self::assertStringContainsString('16 is too large', $this->refusedCore($team, '16'));
    }

    private function made(Team $team, string $core): Sheet
    {
        $this->open($team, '/practice/new');
        $this->browser->submitForm('Make the practice', [
            'practice_form[core]' => $core,
            'practice_form[startsAt]' => '2027-06-' . (10 + (int) $core) . 'T17:30',
            'practice_form[whoHelps]' => "Ana, hits\nBo\nCy, hits",
        ]);
        $this->follow();
        $of = $this->entities()
            ->getRepository(Practice::class)
            ->findBy(['team' => $team], ['startsAt' => 'DESC']);

        return self::getContainer()->get(SheetCodec::class)->read($of[0]);
    }

    private function refusedCore(Team $team, string $core): string
    {
        $this->open($team, '/practice/new');
        $this->browser->submitForm('Make the practice', ['practice_form[core]' => $core]);

        return $this->browser->getCrawler()->filter('#practice_form_core_more')->text();
    }

    #[TestWith(['minutes', '10', '10 is too small. Allowed: 14 to 180 minutes'])]
    #[TestWith(['minutes', '', 'Allowed: 14 to 180 minutes'])]
    #[TestWith(['whoHelps', '', '0 is too small. Allowed: 1 to 12'])]
    #[TestWith(['whoHelps', "Ana\nAna, hits", '“Ana” is there twice. Allowed: each name once'])]
    #[TestWith(['round', '3', '3 is too small. Allowed: 4 to 18'])]
    #[TestWith(['warmUp', '4', '4 is too small. Allowed: 5 to 20 minutes.'])]
    #[TestWith(['startsAt', '', 'It is empty. Allowed: a day and a time.'])]
    #[TestWith(['startsAt', 'soon', 'This is no day and time.'])]
    public function testWhatCannotBeIsSaidAtItsField(string $field, string $typed, string $words): void
    {
        $this->signIn();
        $this->open($this->team(), '/practice/new');
        $this->browser->submitForm('Make the practice', [
            "practice_form[$field]" => $typed,
            'practice_form[place]' => 'Top field',
        ]);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains("#practice_form_{$field}_more", $words);
        self::assertInputValueSame('practice_form[place]', 'Top field');
    }

    public function testNobodyComes(): void
    {
        $this->signIn();
        $page = $this->open($this->team(), '/practice/new');
        $form = $page->selectButton('Make the practice')->form();
        $values = $form->getPhpValues();
        self::assertIsArray($values['practice_form']);
        unset($values['practice_form']['comes']);
        $this->browser->request('POST', $form->getUri(), $values);

        self::assertSelectorTextContains(
            '#practice_form_comes_more',
            'Nobody is ticked. Allowed: at least one player.',
        );
    }

    public function testSolvedAgainWithFewer(): void
    {
        $this->signIn();
        $practice = $this->practiceOf($this->team());
        $this->open($this->team(), "/practice/{$practice->id()}/change");
        $this->browser->submitForm('Solve again', [
            'practice_form[whoHelps]' => 'Ana, hits',
            'practice_form[minutes]' => '70',
        ]);
        $page = $this->follow();

        self::assertSelectorTextContains('.strip', '70');
        self::assertSelectorTextContains('body', 'Still short');
        self::assertGreaterThan(
            0,
            $page->filter('.sheet tr:contains("Collect balls")')->count(),
            'who waits has something to do',
        );
    }

    public function testTheShedIsCounted(): void
    {
        $this->signIn();
        $this->open($this->team(), '/practice/new');
        $this->browser->submitForm('Make the practice', ['practice_form[equipment][bucket_of_balls]' => '-1']);
        self::assertSelectorTextContains('#practice_form_equipment_bucket_of_balls_more', 'Allowed: 0 to 99');

        $this->browser->submitForm(
            'Make the practice',
            array_map(
                static fn(): string => '0',
                array_fill_keys(
                    [
                        'practice_form[equipment][bucket_of_balls]',
                        'practice_form[equipment][bag]',
                        'practice_form[equipment][helmet]',
                        'practice_form[equipment][cone]',
                    ],
                    0,
                ),
            ),
        );
        // What needs nothing may be left; nothing else is.
        $shown = $this->browser->getResponse()->isRedirect() ? $this->follow() : $this->browser->getCrawler();
        $words = $shown->filter('#work')->text();
        self::assertMatchesRegularExpression(
            '/No drill can be run with these|Works on (looks that nobody can time|field and throw in threes)/',
            $words,
        );
    }

    public function testAllWithSoreArmsStillPractise(): void
    {
        $sore = array_map(static fn($player) => Teams::with($player, limit: Limit::NoThrowing), Teams::fifteen());
        $team = $this->newTeam($this->signIn(), $sore);
        $this->open($team, '/practice/new');
        $this->browser->submitForm('Make the practice');
        $this->follow();

        $sheet = $this->sheetOf($team);
        self::assertNotSame([], $sheet->drills());
        foreach ($sheet->drills() as $drill) {
            self::assertSame(0, ShippedDrills::get($drill)->throwsPerRep, "$drill throws");
        }
    }

    public function testTheSheetStaysWhenTheRosterChanges(): void
    {
        $this->signIn();
        $practice = $this->practiceOf($this->team());
        $this->entities()
            ->getConnection()
            ->executeStatement("UPDATE player SET name = 'Changed' WHERE name = 'Ibarra'");
        $this->open($this->team(), "/practice/{$practice->id()}");

        self::assertSelectorTextContains('.sheet', 'Ibarra');
    }

    public function testSearchingLongerNeverMakesItWorse(): void
    {
        $this->signIn();
        $practice = $this->practiceOf($this->team());
        $before = $this->sheetOf($this->team())->objective;
        $page = $this->open($this->team(), "/practice/{$practice->id()}");
        $token = json_decode((string) $page->filter('#search [data-hx-vals]')->attr('data-hx-vals'), true);
        self::assertIsArray($token);
        foreach ([1, 2] as $try) {
            $this->browser->request(
                'POST',
                "/{$this->team()->id()}/practice/{$practice->id()}/search",
                ['try' => $try, 'began' => $before] + $token,
            );
            self::assertResponseIsSuccessful();
            self::assertSelectorExists("progress[value=\"$try\"]");
        }

        self::assertGreaterThanOrEqual($before, $this->sheetOf($this->team())->objective);
    }

    public function testWhatWouldHelpIsTried(): void
    {
        $this->signIn();
        // The day before a game is light: then arms bind, and nobody's help brings more.
        $this->entities()->getConnection()->executeStatement('DELETE FROM booking');
        $address = "/{$this->team()->id()}/practice/{$this->practiceOf($this->team())->id()}";
        $token = $this->browser->request('GET', $address)->filter('[name=_token]')->first()->attr('value');
        for ($look = 1; $look <= 2; ++$look) {
            $page = $this->browser->request('POST', "$address/ways", ['_token' => $token]);
            self::assertResponseIsSuccessful();
            self::assertMatchesRegularExpression('/\+\d+ points/', $page->text());
        }

        self::assertSame(
            1,
            $this->entities()
                ->getRepository(SolveJob::class)
                ->count(['kind' => SolveKind::Ways]),
            'the same practice is tried once',
        );
        $this->browser->request('POST', "/{$this->team()->id()}/practice/{$this->team()->id()}/ways", [
            '_token' => $token,
        ]);
        self::assertResponseStatusCodeSame(204, 'a page may still ask when the practice is taken off');
    }

    public function testTakenOff(): void
    {
        $this->signIn();
        $practice = $this->practiceOf($this->team());
        $this->open($this->team(), "/practice/{$practice->id()}");
        $this->browser->submitForm('Take this practice off');
        $this->follow();
        self::assertSelectorTextContains('.good', 'The practice is taken off');
        $this->open($this->team(), "/practice/{$practice->id()}");
        self::assertResponseStatusCodeSame(404);
    }
}
