<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Arms\PitchedDayRepository;
use FoxCorner\App\Arms\RestingArms;
use FoxCorner\App\Practice\Book\PracticeSetup;
use FoxCorner\App\Practice\Book\SetupCodec;
use FoxCorner\App\Practice\Order\PracticeDays;
use FoxCorner\App\Practice\Order\PracticeOrder;
use FoxCorner\Core\People\RosterPlayer;

/** What was pitched lately, whose arm rests, and what practices make of it. */
final class ArmsTest extends AppTestCase
{
    use OnePractice;

    private const PAGE = '/practice/arms';

    public function testPitchesAreCountedReplacedTakenOutAndTakenBack(): void
    {
        $this->signIn();
        $this->emptied();
        $page = $this->open($this->team(), self::PAGE);
        self::assertSelectorTextContains('h1', 'No arm rests today');
        $player = (string) $page->filter('select[name=player] option')->first()->attr('value');
        $this->pitch($player, '-1 day', '70');
        self::assertSelectorTextContains('.good', '70 pitches kept.');
        self::assertSelectorTextContains('[aria-label="Who rests"]', '0');
        $this->pitch($player, '-1 day', '35');
        self::assertSame([35], $this->pitches(), 'the day has one number');
        $this->pitch($player, 'today', '12');
        self::assertSame([12, 35], $this->pitches());
        $page = $this->open($this->team(), self::PAGE);
        $this->browser->submit($page->selectButton('Take out')->first()->form());
        $this->browser->followRedirect();
        self::assertSame([35], $this->pitches());
        $this->browser->submitForm('Undo');
        self::assertSame([12, 35], $this->pitches());
    }

    public function testWhatCannotBeIsSaidAndStaysTyped(): void
    {
        $this->signIn();
        $page = $this->open($this->team(), self::PAGE);
        $player = (string) $page->filter('select[name=player] option')->first()->attr('value');
        $before = $this->pitches();
        foreach (
            [
                [$player, '+1 day', '20', 'day: “'],
                [$player, '-29 days', '20', 'day: “'],
                [$player, 'today', '201', 'pitches: 201 is too large. Allowed: 1 to 200 of one day.'],
                [$player, 'today', 'some', 'pitches: “some” is no whole number'],
                ['0191c8a1-0000-7000-8000-000000000000', 'today', '20', 'player: Nobody on the roster is meant'],
            ] as [$who, $day, $pitches, $said]
        ) {
            $this->send($who, $day, $pitches);
            self::assertResponseStatusCodeSame(422);
            self::assertSelectorTextContains('.finding', $said);
            self::assertInputValueSame('pitches', $pitches);
        }
        self::assertSame($before, $this->pitches());
    }

    public function testAPracticeKeepsToTheRestAndTheCoachsWordGoesBefore(): void
    {
        $this->signIn();
        $practice = $this->practiceOf($this->team());
        $order = PracticeOrder::of($practice, self::getContainer()->get(SetupCodec::class)->read($practice));
        $resting = self::getContainer()->get(RestingArms::class)->on($this->team(), $practice->startsAt());
        self::assertCount(1, $resting, 'the demo’s pitcher');
        [$id, $arm] = [array_key_first($resting), current($resting)];
        $left = static fn(PracticeOrder $order): ?int => array_column(
            array_map(
                static fn(RosterPlayer $one): array => [$one->id, $one->throwsLeft],
                self::getContainer()->get(PracticeDays::class)->of($order)->players,
            ),
            1,
            0,
        )[$id];
        self::assertSame($arm->left, $left($order));
        self::assertSame(
            61,
            $left($order->with(new PracticeSetup($order->setup->helpers, throwsLeft: [[$arm->player->number, 61]]))),
        );
        $this->team()->askRest(
            $this->team()
                ->rest()
                ->with(['48', '50', '60', '70', '80']),
        );
        self::assertNull($left($order), '48 pitches ask for no rest any more');
    }

    public function testTheSheetSaysWhoRestsAndWhenItAsksForMore(): void
    {
        $this->signIn();
        $practice = $this->practiceOf($this->team());
        $path = "/practice/{$practice->address()}";
        $this->open($this->team(), $path);
        $resting = self::getContainer()->get(RestingArms::class)->on($this->team(), $practice->startsAt());
        $arm = current($resting);
        self::assertNotFalse($arm);
        self::assertSelectorTextContains('main', "{$arm->player->name} has {$arm->left} hard throw");
        self::assertSelectorTextNotContains('main', 'This sheet asks for');

        $this->send($arm->player->id, 'today', '90');
        $this->open($this->team(), $path);
        self::assertSelectorTextContains('main', "{$arm->player->name} has 0 hard throws today: 90 pitches");
        self::assertSelectorTextContains('main', 'This sheet asks for');
    }

    public function testTheTableIsTheLeagues(): void
    {
        $this->signIn();
        $this->open($this->team(), self::PAGE);
        $this->browser->submitForm('Save the table', ['rest[1]' => '40']);
        $this->browser->followRedirect();
        self::assertSame([30, 40, 60, 80, 105], $this->team()->rest()->own);
        $this->browser->submitForm('Save the table', ['rest[2]' => '40']);
        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('.finding', '2 days of rest after: 40 is not above 40');
        self::assertInputValueSame('rest[2]', '40');
        $this->browser->submitForm('Back to that of the age');
        self::assertNull($this->team()->rest()->own);
    }

    public function testAPlayerSeesHisOwnArmAlone(): void
    {
        $this->signIn('player');
        $page = $this->open($this->team(), self::PAGE);
        self::assertResponseIsSuccessful();
        self::assertCount(0, $page->filter('form[action$="/arms"], [name="rest[0]"]'));
        self::assertLessThanOrEqual(1, $page->filter('tbody tr')->count());
    }

    private function pitch(string $player, string $day, string $pitches): void
    {
        $this->send($player, $day, $pitches);
        $this->browser->followRedirect();
    }

    private function send(string $player, string $day, string $pitches): void
    {
        $token = $this->open($this->team(), self::PAGE)->filter('[name=_token]')->first()->attr('value');
        $this->browser->request('POST', '/kites' . self::PAGE, [
            '_token' => $token,
            'player' => $player,
            'day' => self::now($day)->format('Y-m-d'),
            'pitches' => $pitches,
        ]);
    }

    /** @return list<int> the latest first */
    private function pitches(): array
    {
        $this->entities()->clear();
        $all = self::getContainer()
            ->get(PitchedDayRepository::class)
            ->between($this->team(), self::now('-40 days'), self::now());

        return array_map(static fn($one): int => $one->pitches(), $all);
    }

    private function emptied(): void
    {
        $this->entities()->getConnection()->executeStatement('DELETE FROM pitched_day');
    }
}
