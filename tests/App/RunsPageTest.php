<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Team\SeasonCsv;
use FoxCorner\Core\Level\Level;
use PHPUnit\Framework\Attributes\TestWith;

final class RunsPageTest extends AppTestCase
{
    private const LINE =
        "plate_appearances,walks,hit_batters,singles,doubles,triples,home_runs,strikeouts,errors\n" .
        "600,40,8,96,20,4,6,120,18\n";

    public function testASeasonsLineIsLookedAtThenPlayedBy(): void
    {
        $this->signIn();
        $this->open($this->team(), '/team/scoring');
        self::assertSelectorTextContains('body', 'By estimates for fastpitch, 14 to 16');
        $this->browser->submitForm('Look it over', ['text' => self::LINE]);
        self::assertSelectorTextContains('h1', 'With this line:');
        self::assertFalse($this->team()->hasOwnRates());
        $this->browser->submitForm('Save this line');
        $this->browser->followRedirect();

        self::assertSelectorTextContains('body', 'By your season’s line.');
        $this->entities()->clear();
        self::assertEqualsWithDelta(0.08, $this->team()->rates()->walk, 1e-12);
        self::assertEqualsWithDelta(0.08, $this->team()->profile()->rates->walk, 1e-12, 'every advice is valued by it');
        $this->open($this->team(), '/team/rates.csv');
        self::assertStringContainsString('0.16', (string) $this->browser->getResponse()->getContent());
        $this->open($this->team(), '/team/scoring');
        $this->browser->submitForm('Back to the estimates');
        $this->entities()->clear();
        self::assertFalse($this->team()->hasOwnRates());
    }

    #[TestWith(["plate_appearances,walks\n1,2", 'hit_batters, singles'])]
    #[
        TestWith([
            "plate_appearances,walks,hit_batters,singles,doubles,triples,home_runs,strikeouts\n10,1,0,2,1,0,0,1",
            'plate appearances',
        ]),
    ]
    #[
        TestWith([
            "plate_appearances,walks,hit_batters,singles,doubles,triples,home_runs,strikeouts\n100,50,0,40,20,0,0,1",
            'rates',
        ]),
    ]
    #[
        TestWith([
            "plate_appearances,walks,hit_batters,singles,doubles,triples,home_runs,strikeouts\n100,a,0,40,20,0,0,1",
            'walks',
        ]),
    ]
    #[TestWith([self::LINE . '600,1,1,1,1,1,1,1,1', 'There are 2 lines'])]
    #[TestWith(['', 'There is nothing in it'])]
    public function testALineThatCannotBe(string $text, string $words): void
    {
        $this->signIn();
        $this->open($this->team(), '/team/scoring');
        $this->browser->submitForm('Look it over', ['text' => $text]);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('.finding', $words);
        self::assertSame(trim($text), trim($this->browser->getCrawler()->filter('textarea#text')->text('', false)));
    }

    public function testSharesComeBackTheSame(): void
    {
        $csv = new SeasonCsv();

        self::assertEquals([Level::Fastpitch16->rates(), []], $csv->read($csv->write(Level::Fastpitch16->rates())));
    }
}
