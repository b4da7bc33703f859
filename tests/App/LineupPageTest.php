<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Club\Player;
use FoxCorner\App\Lineup\TodaysLineup;

final class LineupPageTest extends AppTestCase
{
    public function testWhoIsPickedPlaysAndThePlanFollows(): void
    {
        $this->signIn();
        $this->open($this->team(), '/team/lineup');
        self::assertSelectorTextContains('h1', '1 thing to look at');
        $this->browser->submitForm('Save the lineup', ['at_2' => $this->id(21), 'at_5' => $this->id(19)]);
        $this->browser->followRedirect();

        self::assertSelectorTextContains('h1', 'Everybody plays where listed');
        $this->open($this->team(), '/situations/R1-0');
        self::assertSelectorTextContains('tbody.tight', 'Hale');
        self::assertSelectorTextContains('tbody.tight', 'Varga');
        self::assertSelectorTextNotContains('tbody.tight', 'Oyelaran');
    }

    public function testNobodyPlaysTwice(): void
    {
        $this->signIn();
        $this->open($this->team(), '/team/lineup');
        $this->browser->submitForm('Save the lineup', ['at_4' => $this->id(6), 'at_6' => $this->id(6)]);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('.finding', 'Marsh plays 4 and 6. Allowed: one place for each player');
        self::assertSame(
            $this->id(6),
            $this->browser->getCrawler()->filter('select[name=at_4] option[selected]')->attr('value'),
            'what was picked is kept',
        );
        self::assertNull($this->entities()->getRepository(TodaysLineup::class)->findOneBy([]));
    }

    public function testTwoFirstSavesInTheSameMoment(): void
    {
        $this->signIn();
        $this->open($this->team(), '/team/lineup');
        $this->browser->disableReboot();
        $first = new class ($this->team()->id()->toBinary()) {
            public function __construct(private readonly string $team) {}

            public function onFlush(\Doctrine\ORM\Event\OnFlushEventArgs $args): void
            {
                $args
                    ->getObjectManager()
                    ->getConnection()
                    ->executeStatement('INSERT INTO todays_lineup (id, team_id, version, wanted) VALUES (?, ?, 1, ?)', [
                        random_bytes(16),
                        $this->team,
                        '{}',
                    ]);
            }
        };
        $this->entities()->getEventManager()->addEventListener('onFlush', $first);
        $this->browser->submitForm('Save the lineup', ['at_2' => $this->id(21), 'at_5' => $this->id(19)]);

        self::assertResponseStatusCodeSame(409);
        self::assertSelectorTextContains('h1', 'Somebody else saved in the same moment');
        self::assertSelectorExists('input[name=at_2][value="' . $this->id(21) . '"]', 'what was picked is still there');
    }

    public function testOutOfPlaceIsAllowedAndSaid(): void
    {
        $this->signIn();
        $this->open($this->team(), '/team/lineup');
        $this->browser->submitForm('Save the lineup', ['at_6' => $this->id(8)]);
        $this->browser->followRedirect();

        self::assertSelectorTextContains('table.entry', 'Adeyemi is not listed at 6, shortstop');
    }

    public function testTwoCoachesAtOneLineup(): void
    {
        $this->signIn();
        $page = $this->open($this->team(), '/team/lineup');
        $this->browser->submitForm('Save the lineup', ['at_2' => $this->id(21)]);
        $this->browser->submit($page->selectButton('Save the lineup')->form(), ['at_2' => $this->id(12)]);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('.finding', 'somebody else has changed it');
    }

    public function testAPitcherOfTheStripStandsOnTheRubberAndSwitchHittersTurn(): void
    {
        $this->signIn();
        $this->open($this->team(), '/situations/none-2?pitcher=' . $this->id(19));
        self::assertSelectorTextContains('tbody.tight', 'Varga');
        $this->open($this->team(), '/situations/none-2?pitcher=nobody');
        self::assertSelectorTextContains('h1', 'Pitcher: nobody on the roster is meant');
    }

    private function id(int $number): string
    {
        $player = $this->entities()
            ->getRepository(Player::class)
            ->findOneBy(['team' => $this->team(), 'number' => $number]);
        self::assertNotNull($player);

        return $player->id()->toRfc4122();
    }
}
