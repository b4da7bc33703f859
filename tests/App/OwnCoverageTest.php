<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\Core\Play\Scheme\Coverage;
use Symfony\Component\DomCrawler\Field\ChoiceFormField;

/** Coverages of our own: copied, changed, checked, kept. */
final class OwnCoverageTest extends AppTestCase
{
    public function testACoverageIsCopiedChangedAndPlayed(): void
    {
        $this->signIn();
        $this->open($this->team(), '/situations/R1-0/bunt/coverage/new?from=corners-crash');
        $this->browser->submitForm('Save this coverage', [
            'name' => 'Quay crash',
            'call' => 'Quay',
            'task_5_7' => 'back-up-second',
            'task_5_8' => 'back-up-third',
            'early_6' => '1',
        ]);
        $this->browser->followRedirect();
        self::assertSelectorTextContains('.good', 'Quay crash is saved.');
        self::assertSelectorTextSame('h1', '“Quay”: quay crash');

        $own = $this->own();
        self::assertSame('corners-crash', $own->copyOf);
        self::assertSame([6], array_map(static fn($position): int => $position->value, $own->early));
        $this->browser->submitForm('Play “Quay” here');
        $this->open($this->team(), '/situations/R1-0/bunt');
        self::assertSelectorTextContains('.call', '“Quay,');
        $this->open($this->team(), "/situations/R1-0/bunt/coverage/{$own->key}");
        $this->browser->submitForm('Take this coverage out');
        $this->open($this->team(), '/situations/R1-0/bunt');
        self::assertSelectorTextContains(
            '.call',
            '“Crash,',
            'the usual one again, though the choice names one that is gone',
        );
    }

    public function testACopySaysThatItsOriginalHasChanged(): void
    {
        $this->signIn();
        $this->open($this->team(), '/situations/R1-0/bunt/coverage/new?from=corners-crash');
        $this->browser->submitForm('Save this coverage', ['name' => 'Ours', 'call' => 'Ours']);
        $ours = $this->own()->key;
        $this->open($this->team(), "/situations/R1-0/bunt/coverage/new?from=$ours");
        $this->browser->submitForm('Save this coverage', ['name' => 'Ours again', 'call' => 'Again']);
        $this->browser->followRedirect();
        self::assertSelectorTextNotContains('main', 'which has changed since');

        $this->open($this->team(), "/situations/R1-0/bunt/coverage/$ours");
        $this->browser->submitForm('Save this coverage', ['early_6' => '1', 'call' => 'Ours']);
        $page = $this->browser->followRedirect();
        self::assertStringContainsString(
            'Ours again is a copy of “Ours”, which has changed since',
            $page->filter('main')->text(),
        );
        $this->browser->request('GET', (string) $page->filter('.note a:contains("Ours again")')->attr('href'));
        self::assertSelectorTextContains('.note', '“Ours”, of which this is a copy, has changed since');
        $this->browser->submitForm('Save this coverage');
        $this->browser->followRedirect();
        self::assertSelectorTextNotContains('main', 'which has changed since', 'kept with open eyes');
    }

    public function testAFaultyOneIsKeptWithItsFindings(): void
    {
        $this->signIn();
        $this->open($this->team(), '/situations/R1-0/bunt/coverage/new?from=first-stays');
        $this->browser->submitForm('Save this coverage', [
            'name' => 'Broken',
            'call' => 'Break',
            'task_1_3' => 'cover-second',
            'task_1_6' => '',
        ]);
        $this->browser->followRedirect();
        $this->open($this->team(), '/situations/R1-0/bunt?coverage=' . $this->own()->key);

        $findings = implode(
            ' ',
            $this->browser
                ->getCrawler()
                ->filter('.finding p:first-child')
                ->each(static fn($title): string => $title->text()),
        );
        self::assertStringContainsString('Nobody covers first', $findings);
        self::assertStringContainsString('Two at second', $findings);
        self::assertStringContainsString('Marsh has no job', $findings);
    }

    public function testADraftWithoutFieldersIsKeptButNotOffered(): void
    {
        $this->signIn();
        $this->open($this->team(), '/situations/R1-0/bunt/coverage/new?from=first-stays');
        $form = $this->browser->getCrawler()->selectButton('Save this coverage')->form();
        foreach ([1, 2, 5] as $number) {
            $tick = $form["fields_$number"];
            self::assertInstanceOf(ChoiceFormField::class, $tick);
            $tick->untick();
        }
        $form['name'] = 'Later';
        $this->browser->submit($form);
        $this->browser->followRedirect();

        self::assertSelectorTextContains('.good', 'It is a draft: nobody fields yet.');
        self::assertSelectorTextNotContains('#work table', 'Later');
        self::assertSelectorTextContains('.finding', 'Later is a draft');
    }

    public function testWhatCannotBeSavedIsSaidAndKept(): void
    {
        $this->signIn();
        $this->open($this->team(), '/situations/R1-0/bunt/coverage/new?from=first-stays');
        $this->browser->submitForm('Save this coverage', ['name' => '', 'call' => 'Mine', 'task_1_3' => 'cover-home']);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('.finding', 'Name: it is empty');
        self::assertInputValueSame('call', 'Mine');
        self::assertSame(
            'cover-home',
            $this->browser->getCrawler()->filter('select[name=task_1_3] option[selected]')->attr('value'),
        );
    }

    public function testTheAuditFollowsTheFormBeforeItIsSaved(): void
    {
        $this->signIn();
        $this->open($this->team(), '/situations/R1-0/bunt/coverage/audit?name=A&call=B');
        self::assertSelectorTextContains('.finding', 'Nobody fields the bunt');
        $this->open($this->team(), '/situations/R1-0/bunt/coverage/audit?name=A&call=B&fields_1=1');
        self::assertStringContainsString('Nobody covers', (string) $this->browser->getResponse()->getContent());
    }

    private function own(): Coverage
    {
        return $this->drafts()->of($this->team())->plays('bunt')->own[0] ?? self::fail('No coverage was kept.');
    }
}
