<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Club\Player;
use PHPUnit\Framework\Attributes\TestWith;

/** What no page sends by itself: each comes to a page with words, none to a stack trace. */
final class OddInputTest extends AppTestCase
{
    #[TestWith(['/team?x=%00', 400])]
    #[TestWith(['/situations/R1-0?batter=%ff%fe', 400])]
    #[TestWith(['/team/player/%00', 400])]
    #[TestWith(['/practice/week?from=2027-01-01%00', 400])]
    #[TestWith(['/practice/new?at=nonsense', 200])]
    #[TestWith(['/practice/week?from=99999-99-99', 200])]
    #[TestWith(['/practice/new?again=nobody', 200])]
    public function testAddresses(string $path, int $status): void
    {
        $this->signIn();
        $this->open($this->team(), $path);

        self::assertResponseStatusCodeSame($status);
        if (400 === $status) {
            self::assertSelectorTextContains('h1', 'cannot be read');
        }
    }

    public function testLettersThatAreNone(): void
    {
        $this->signIn();
        $this->browser->request('POST', "/{$this->team()->id()}/team/opponents", ['name' => "Cur\xFFlews"]);
        self::assertResponseStatusCodeSame(400);
        self::assertSelectorTextContains('h1', 'a field, “name”');
    }

    #[TestWith(['three'])]
    #[TestWith(['1.5'])]
    #[TestWith(['99999999999999999999'])]
    #[TestWith([''])]
    public function testAVersionThatIsNoNumberIsAnOldOne(string $version): void
    {
        $this->signIn();
        $player = $this->entities()
            ->getRepository(Player::class)
            ->findOneBy(['name' => 'Marsh']);
        $this->open($this->team(), "/team/player/{$player?->id()}");
        $this->browser->submitForm('Save Marsh', [
            'player_form[version]' => $version,
            'player_form[name]' => 'Marshal',
        ]);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('[role=alert]', 'Somebody else has changed it since you opened it');
        self::assertInputValueSame('player_form[name]', 'Marshal');
    }

    public function testAHeadingWithADot(): void
    {
        $this->signIn();
        $this->open($this->team(), '/team/import');
        $this->browser->submitForm('Look it over', ['text' => "number,name.first,name,positions\n88,Jo,Ash,6\n"]);

        self::assertSelectorTextContains('tbody', 'Ash');
    }

    #[TestWith(['reason', 301, 'Reason: it has 301 letters. Allowed: at most 300'])]
    #[TestWith(['name', 41, 'Name: it has 41 letters. Allowed: 1 to 40 letters'])]
    public function testACoveragesWordsHaveALimit(string $field, int $letters, string $words): void
    {
        $this->signIn();
        $this->open($this->team(), '/situations/R1-0/bunt/coverage/new?from=first-stays');
        $this->browser->submit($this->browser->getCrawler()->filter('form[data-guard]')->form(), [
            $field => str_repeat('x', $letters),
        ]);

        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString(
            $words,
            ucfirst($this->browser->getCrawler()->filter('.field-problem, .finding')->text()),
        );
        self::assertStringContainsString(
            str_repeat('x', $letters),
            (string) $this->browser->getResponse()->getContent(),
            'what was typed is kept',
        );
    }

    #[TestWith(['name', 61, 'It has 61 letters. Allowed: 1 to 60 letters'])]
    #[TestWith(['steps', 2001, 'It has 2001 letters. Allowed: at most 2000'])]
    public function testADrillsWordsHaveALimit(string $field, int $letters, string $words): void
    {
        $this->signIn();
        $this->open($this->team(), '/practice/drills/new?like=charge-and-throw');
        $this->browser->submitForm('Save the drill', ["drill_form[$field]" => str_repeat('x', $letters)]);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains("#drill_form_{$field}_more", $words);
    }
}
