<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Calendar\Booking;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Book\PracticeRepository;
use FoxCorner\App\Practice\Book\SetupCodec;
use FoxCorner\App\Practice\Order\PracticeDays;
use FoxCorner\App\Practice\Order\PracticeOrder;
use FoxCorner\App\Practice\Solving\SolveJob;
use FoxCorner\App\Practice\Solving\SolveJobs;
use FoxCorner\App\Practice\Solving\SolveKind;
use FoxCorner\App\Week\WeekFloors;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Practice\Floor\Work;
use FoxCorner\Core\Practice\Need\FloorMet;

/** A week of practices: what it gives everybody, solved together, and what is asked of it. */
final class WeekTest extends AppTestCase
{
    use OnePractice;

    public function testAWeekIsSolvedTogetherAndTakenBackInOneStep(): void
    {
        $this->signIn();
        [$monday, $ids] = $this->twoOfAWeekAhead();
        $before = $this->sheets($ids);
        $page = $this->open($this->team(), '/practice/week?from=' . $monday->format('Y-m-d'));
        self::assertSelectorTextContains('main', 'Who gets what this week');
        self::assertGreaterThan(9, $page->filter('[aria-label="Floors of the week"] tbody tr')->count());
        $was = $this->share($monday);
        $this->browser->submitForm('Solve the week together');
        $this->follow();

        self::assertSelectorTextContains('.good', '2 practices are solved together');
        self::assertSame('/kites/practice/week', $this->browser->getRequest()->getPathInfo());
        self::assertNotSame($before[1], $this->sheets($ids)[1], 'it had been a copy of the first');
        self::assertGreaterThan($was + 0.01, $this->share($monday), 'and left the same things out');
        $this->browser->submitForm('Undo');
        self::assertSame($before, $this->sheets($ids));
    }

    public function testAWeekWithNothingToComeSaysSo(): void
    {
        $this->signIn();
        $page = $this->open($this->team(), '/practice/week?from=2020-01-06');
        self::assertSelectorTextNotContains('main', 'Solve the week together');
        $this->browser->request('POST', '/kites/practice/week', [
            '_token' => $this->open($this->team(), '/practice/floors')->filter('[name=_token]')->attr('value'),
            'from' => '2020-01-06',
        ]);
        $this->browser->followRedirect();

        self::assertSelectorTextContains('.finding', 'No practice of it is to come');
    }

    public function testWhoeverWaitsSeesHowFarItIsAndTakesWhatThereIs(): void
    {
        $coach = $this->signIn();
        $job = new SolveJob($this->team(), $coach, SolveKind::Week, '', '{"from": "2027-01-04"}', self::now());
        $this->entities()->persist($job);
        $this->entities()->flush();
        $this->entities()
            ->getConnection()
            ->executeStatement("UPDATE solve_job SET state = 'running' WHERE id = ?", [$job->id()->toBinary()]);
        $jobs = self::getContainer()->get(SolveJobs::class);
        self::assertTrue($jobs->goesOn($job, 1, 4));
        $this->entities()->clear();
        $page = $this->open($this->team(), "/practice/solving/{$job->id()}");
        self::assertSame(['1', '4'], $page->filter('progress')->extract(['value', 'max'])[0]);
        self::assertSelectorTextNotContains('main', 'take this');

        self::assertTrue($jobs->goesOn($job, 2, 4));
        $this->entities()->clear();
        $this->open($this->team(), "/practice/solving/{$job->id()}");
        $this->browser->submitForm('Stop, take this');
        self::assertFalse($jobs->goesOn($job, 3, 4));
        self::assertTrue($jobs->isWanted($job), 'what there is is kept');
    }

    public function testTheDayBeforeAGameIsLight(): void
    {
        $practice = $this->practiceOf($this->team());
        $setup = self::getContainer()->get(SetupCodec::class)->read($practice);
        $wish = $practice->wish()->at(self::now('+40 days 17:30'), $practice->setup());
        $order = PracticeOrder::wished($this->team(), $wish, $setup);
        $isLight = static fn(): bool => self::getContainer()->get(PracticeDays::class)->of($order)->isLight();
        $next = $order->startsAt->modify('+1 day');
        $book = function (string $what) use ($next): void {
            $this->entities()->persist(
                new Booking($this->team(), $what, $next, $next->modify('+2 hours'), $what, 'Quay field'),
            );
            $this->entities()->flush();
        };

        self::assertFalse($isLight());
        $book('Field maintenance');
        self::assertFalse($isLight());
        $book('Game against the Dunlins');
        self::assertTrue($isLight());
    }

    public function testFloorsAreTheCoachs(): void
    {
        $this->signIn();
        $this->open($this->team(), '/practice/floors');
        self::assertInputValueSame('floor[6][fielded]', '50');
        $this->browser->submitForm('Save the floors', ['floor[6][fielded]' => '60', 'floor[6][feeds]' => '']);
        $this->browser->followRedirect();
        self::assertSelectorTextContains('.good', 'Kept.');
        self::assertInputValueSame('floor[6][fielded]', '60');
        self::assertInputValueSame('floor[6][feeds]', '20', 'nothing typed is the age’s');
        self::assertSame([6 => ['fielded' => 60]], $this->team()->floors()->own);
        $practice = $this->practiceOf($this->team());
        $asked = self::getContainer()
            ->get(WeekFloors::class)
            ->of($this->team(), [$practice], self::now('+9 days'));
        $shortstops = array_filter(
            $asked,
            static fn(FloorMet $one): bool => Work::Fielded === $one->work &&
                Position::Shortstop === $one->player->positions[0],
        );
        self::assertSame([24], array_values(array_unique(array_column($shortstops, 'wanted'))), '60 / 2 · 70 / 90');

        $this->browser->submitForm('Save the floors', ['floor[6][fielded]' => 'many', 'floor[4][feeds]' => '301']);
        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('.finding', '6, fielded and thrown: “many” is no whole number');
        self::assertSelectorTextContains('.finding', '4, feeds: 301 is too large. Allowed: 0 to 300 a week');
        self::assertInputValueSame('floor[6][fielded]', 'many', 'what was typed stays');
        $this->browser->submitForm('Back to those of the age');
        self::assertSame([], $this->team()->floors()->own);
    }

    /** @return array{\DateTimeImmutable, list<string>} the Monday, and their ids; both have one sheet */
    private function twoOfAWeekAhead(): array
    {
        $practice = $this->practiceOf($this->team());
        $monday = self::now('monday next week +4 weeks')->setTime(0, 0);
        $sheet = $this->always($practice->sheet());
        $ids = [];
        foreach ([1, 3] as $day) {
            $wish = $practice->wish()->at($monday->modify("+$day days 17:30"), $practice->setup());
            $this->entities()->persist($one = new Practice($this->team(), $wish, $sheet));
            $ids[] = $one->id()->toRfc4122();
        }
        $this->entities()->flush();

        return [$monday, $ids];
    }

    /** The sheet with its last round over and over. */
    private function always(string $sheet): string
    {
        /** @var array{blocks: list<array{kind: string, stations: mixed}>} $document */
        $document = json_decode($sheet, true);
        $last = array_column($document['blocks'], 'stations', 'kind')['round'];
        foreach ($document['blocks'] as &$block) {
            $block['stations'] = 'round' === $block['kind'] ? $last : $block['stations'];
        }

        return (string) json_encode($document);
    }

    /**
     * @param list<string> $ids
     *
     * @return list<string>
     */
    private function sheets(array $ids): array
    {
        $this->entities()->clear();

        return array_map(
            fn(string $id): string => self::getContainer()
                ->get(PracticeRepository::class)
                ->inTeam($this->team(), $id)
                ?->sheet() ?? '',
            $ids,
        );
    }

    /** Of the week's floors, what is met. */
    private function share(\DateTimeImmutable $monday): float
    {
        $this->entities()->clear();
        $end = $monday->modify('+7 days');
        $practices = self::getContainer()->get(PracticeRepository::class)->between($this->team(), $monday, $end);
        $floors = self::getContainer()->get(WeekFloors::class)->of($this->team(), $practices, $end);

        return array_sum(array_map(static fn(FloorMet $one): float => $one->share(), $floors)) / \count($floors);
    }
}
