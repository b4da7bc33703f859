<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Solving\SolveJob;
use FoxCorner\App\Practice\Solving\SolveKind;

/** A practice that is asked for: once, on a free evening, with a dozen stations at most. */
final class NextPracticeTest extends AppTestCase
{
    use SolvingJobs;

    public function testAPracticeThatCannotBeChangedLeadsBackToWhatWasWanted(): void
    {
        $practice = $this->practice();
        $wish = $practice->wish();
        $coach = $this->signIn();
        $job = new SolveJob(
            $this->team(),
            $coach,
            SolveKind::Change,
            $practice->id()->toRfc4122(),
            json_encode([...$wish->toArray(), 'place' => 'On the mole', 'version' => 99], \JSON_THROW_ON_ERROR),
            self::now(),
        );
        $this->answered($job);

        self::assertSelectorTextContains('.finding', 'Somebody else has changed it');
        self::assertInputValueSame('practice_form[place]', 'On the mole');
    }

    public function testADoublePressMakesOnePractice(): void
    {
        $this->signIn();
        $page = $this->open($this->team(), '/practice/new');
        $values = $page->selectButton('Make the practice')->form()->getPhpValues();
        $count = fn(): int => $this->entities()
            ->getRepository(Practice::class)
            ->count(['team' => $this->team()]);
        $before = $count();
        foreach ([1, 2] as $_) {
            $this->browser->request('POST', "/{$this->team()->id()}/practice/new", $values);
            self::assertResponseRedirects();
            $this->follow();
            self::assertSelectorTextContains('h1', 'they need');
        }

        self::assertSame($before + 1, $count());
    }

    public function testTheFirstEveningThatIsFreeIsOffered(): void
    {
        $this->signIn();
        $tomorrow = self::now('tomorrow 17:30');
        $this->open($this->team(), '/practice/new');

        self::assertInputValueNotSame(
            'practice_form[startsAt]',
            $tomorrow->format('Y-m-d\TH:i'),
            'there is a practice then',
        );
    }

    public function testASecondPracticeOverTheFirstSaysSoAndCanBeMeant(): void
    {
        $this->signIn();
        $at = self::now('tomorrow 18:00');
        $this->open($this->team(), '/practice/new');
        self::assertSelectorNotExists('#practice_form_allTheSame');
        $this->browser->submitForm('Make the practice', ['practice_form[startsAt]' => $at->format('Y-m-d\TH:i')]);
        self::assertSelectorTextContains(
            '#practice_form_startsAt_more',
            'The field has the team’s practice from 17:30 to 18:40 then.',
        );
        $this->browser->submitForm('Make the practice', ['practice_form[allTheSame]' => '1']);
        $this->follow();

        self::assertSelectorTextContains('h1', 'they need');
    }

    public function testOnlyTwelveStations(): void
    {
        $this->signIn();
        $practice = $this->practice();
        $setup = json_decode($practice->setup(), true);
        self::assertIsArray($setup);
        $setup['stations'] = \array_slice(
            array_keys(\FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills::all()),
            0,
            12,
        );
        $practice->arrange(json_encode($setup, \JSON_THROW_ON_ERROR), $practice->sheet());
        $this->entities()->flush();
        $page = $this->open($this->team(), "/practice/{$practice->id()}");
        $this->browser->request('POST', "/{$this->team()->id()}/practice/{$practice->id()}/arrange", [
            '_token' => $page->filter('[data-arrange]')->attr('data-token'),
            'version' => $practice->version(),
            'add' => 'rundown',
        ]);
        $this->browser->followRedirect();

        self::assertSelectorTextContains('.finding', 'There are 12 already. Allowed: at most 12');
    }
}
