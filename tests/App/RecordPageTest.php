<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Team\RecordCsv;
use FoxCorner\Core\Level\FieldingRecord;
use FoxCorner\Core\People\Position;
use PHPUnit\Framework\Attributes\TestWith;

final class RecordPageTest extends AppTestCase
{
    public function testWhatIsCountedIsPlayedByAndComesBack(): void
    {
        $this->signIn();
        $this->open($this->team(), '/team/record');
        self::assertSelectorTextContains('h1', 'No chances counted yet');
        $plain = $this->team()->profile();
        $this->browser->submitForm('Save the record', ['chances[6]' => '60', 'outs[6]' => '60']);
        $page = $this->browser->followRedirect();

        self::assertSelectorTextContains('h1', '60 chances counted');
        self::assertStringContainsString('50 % yours', $page->filter('tbody tr')->last()->text());
        $this->entities()->clear();
        $played = $this->team()->profile();
        self::assertEqualsWithDelta(
            0.5 * $plain->handsAt(Position::Shortstop),
            $played->handsAt(Position::Shortstop),
            1e-9,
        );
        self::assertSame($plain->handsAt(Position::ThirdBase), $played->handsAt(Position::ThirdBase));
        $this->open($this->team(), '/team/record.csv');
        self::assertSame("position,chances,outs\n6,60,60\n", $this->browser->getResponse()->getContent());

        $this->open($this->team(), '/team/record');
        $this->browser->submitForm('Save the record', ['chances[6]' => '', 'outs[6]' => '']);
        $this->entities()->clear();
        self::assertSame([], $this->team()->record()->counts);
    }

    #[TestWith(['12', '13', 'Outs of 5: 13 is too large. Allowed: 0 to 12'])]
    #[TestWith(['12', '', 'Outs of 5: it is empty'])]
    #[TestWith(['-1', '0', 'Chances of 5: "-1" is not a whole number'])]
    #[TestWith(['5001', '4', 'Chances of 5: 5001 is too large. Allowed: 0 to 5000'])]
    public function testWhatCannotBeIsSaidAndKept(string $chances, string $outs, string $words): void
    {
        $this->signIn();
        $this->open($this->team(), '/team/record');
        $page = $this->browser->submitForm('Save the record', ['chances[5]' => $chances, 'outs[5]' => $outs]);

        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString($words, $page->filter('[role=alert]')->text());
        self::assertSame($chances, $page->filter('[name="chances[5]"]')->attr('value'));
        self::assertSame($outs, $page->filter('[name="outs[5]"]')->attr('value'));
        self::assertCount(1, $page->filter('[aria-invalid=true]'));
        self::assertSame([], $this->team()->record()->counts);
    }

    public function testAFormThatIsBehindIsNotSavedOverAnothers(): void
    {
        $this->signIn();
        $this->open($this->team(), '/team/record');
        $this->team()->recordChances(FieldingRecord::of([3 => [10, 9]]));
        $this->entities()->flush();
        $page = $this->browser->submitForm('Save the record', ['chances[5]' => '20', 'outs[5]' => '15']);

        self::assertStringContainsString('somebody else has changed', $page->filter('[role=alert]')->text());
        self::assertSame('20', $page->filter('[name="chances[5]"]')->attr('value'));
        $this->entities()->clear();
        self::assertSame([3 => [10, 9]], $this->team()->record()->counts);
    }

    public function testAFileIsReadByItsHeadings(): void
    {
        $this->signIn();
        $this->open($this->team(), '/team/record');
        $this->browser->submitForm('Load it', ['text' => "Outs;Chances;Position\n70;84;SS\n40;50;3B\n"]);
        $this->entities()->clear();

        self::assertSame([5 => [50, 40], 6 => [84, 70]], $this->team()->record()->counts);
    }

    #[TestWith(["position,chances\n6,4", 'outs', 'The column is missing'])]
    #[TestWith(["position,chances,outs\n6,4,5", 'outs', '5 is too large'])]
    #[TestWith(["position,chances,outs\n7,4,3", 'position', '7 fields no ground balls'])]
    #[TestWith(["position,chances,outs\nOF,4,3", 'position', 'it is several'])]
    #[TestWith(["position,chances,outs\n6,4,3\nSS,8,7", 'position', '6 is in line 2 already'])]
    #[TestWith(["position,chances,outs\n6,many,3", 'chances', '"many" is not a whole number'])]
    public function testALineThatCannotBeIsNamed(string $text, string $column, string $wrong): void
    {
        [$record, $problems] = (new RecordCsv())->read($text);

        self::assertNull($record);
        self::assertCount(1, $problems);
        self::assertSame($column, $problems[0]->column);
        self::assertStringContainsString($wrong, $problems[0]->wrong);
    }
}
