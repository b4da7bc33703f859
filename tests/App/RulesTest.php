<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Club\Membership;
use FoxCorner\Core\Alignment\Rule\AlignmentRule;
use FoxCorner\Core\Alignment\Rule\ShippedRules;
use FoxCorner\Core\Field\Sport;
use FoxCorner\Core\Known\LevelFigures;
use FoxCorner\Core\Known\LinesGuarded;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Plan\PlanBook;
use PHPUnit\Framework\Attributes\TestWith;

/** Rules and depths are the coach's: changed, kept, undone, and never overwritten unseen. */
final class RulesTest extends AppTestCase
{
    public function testWhatARuleChangesIsCountedWhileItIsTyped(): void
    {
        $this->signIn();
        $page = $this->open($this->team(), '/situations/rules/guard');
        $form = $page->selectButton('Save guard the lines')->form();
        $values = ['isOn' => '1'] + (array) $form->getPhpValues()['rule_form'];
        $counted = $this->preview('guard', ['rule_form' => $values]);
        self::assertStringContainsString(
            'Changes 12 of the 24',
            $counted,
            'nobody on third: four of eight, by three outs',
        );
        self::assertStringContainsString('Not in the base plan; looked at with: ', $counted);
        $two = ['rule_form' => ['outs' => ['2']] + $values];
        self::assertStringContainsString('Changes 4 of the 24', $this->preview('guard', $two));
        $off = ['rule_form' => array_diff_key($values, ['isOn' => true])];
        self::assertStringContainsString('Changes nothing', $this->preview('guard', $off));
        $new = ['rule_form' => ['name' => 'Deep', 'reason' => 'They hit far', 'isOn' => '1', 'bases' => ['none']]];
        self::assertStringContainsString('Not yet: ', $this->preview('new', $new));
        $new['rule_form'] += ['depth_8' => 'deep'];
        self::assertStringContainsString('Changes 3 of the 24 In the base plan.', $this->preview('new', $new));
        self::assertStringContainsString('Not yet: ', $this->preview('new', ['rule_form' => 'odd']));
    }

    /** @param array<mixed> $values */
    private function preview(string $rule, array $values): string
    {
        $page = $this->open($this->team(), "/situations/rules/$rule/preview?" . http_build_query($values));
        self::assertResponseIsSuccessful();

        return (string) preg_replace('/\s+/', ' ', $page->text(normalizeWhitespace: true));
    }

    public function testARuleIsWrittenAndPlacesPeople(): void
    {
        $this->signIn();
        $this->open($this->team(), '/situations/rules/new');
        $this->browser->submitForm('Save the rule', [
            'rule_form[name]' => 'Wall ball',
            'rule_form[reason]' => 'The wall is close.',
            'rule_form[depth_9]' => 'shallow',
            'rule_form[steps_3]' => '2',
            'rule_form[halves_5]' => '1',
        ]);
        $this->browser->followRedirect();
        self::assertSelectorTextContains(
            '.rules',
            'Wall ball Always 9 shallow; 3 2 steps off the line; 5 half a step in',
        );

        $this->open($this->team(), '/situations/none-2');
        self::assertSelectorTextContains('body', 'The wall is close.');
        self::assertSelectorTextContains('main details', '9: Wall ball');
    }

    #[TestWith(['name', '', 'It is empty'])]
    #[TestWith(['lastInnings', '0', '0 is too small. Allowed: 1 to 12 innings.'])]
    #[TestWith(['towardPull', '9', '9 is too large. Allowed: -4 to 4 steps.'])]
    #[TestWith(['leadFrom', 'much', 'This is not a whole number.'])]
    public function testARuleThatCannotBe(string $field, string $typed, string $words): void
    {
        $this->signIn();
        $this->open($this->team(), '/situations/rules/new');
        $this->browser->submitForm(
            'Save the rule',
            ["rule_form[$field]" => $typed] + [
                'rule_form[name]' => 'A',
                'rule_form[reason]' => 'B.',
                'rule_form[depth_9]' => 'shallow',
            ],
        );

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains("#rule_form_{$field}_more .field-problem", $words);
        self::assertInputValueSame("rule_form[$field]", $typed);
    }

    public function testARuleThatMovesNobody(): void
    {
        $this->signIn();
        $this->open($this->team(), '/situations/rules/new');
        $this->browser->submitForm('Save the rule', ['rule_form[name]' => 'A', 'rule_form[reason]' => 'B.']);

        self::assertSelectorTextContains('.finding', 'It moves nobody. Allowed: a depth or a shade for somebody.');
    }

    public function testARuleThatGuardsTheLinesSaysItsPrice(): void
    {
        $this->signIn();
        $rows = $this->open($this->team(), '/situations/rules')->filter('#rule-guard, #rule-guard-two-out, #rule-in');
        $prices = [];
        foreach ($rows as $row) {
            preg_match(
                '/ground balls ([\d.]+) outs fewer and\s+([\d.]+) doubles fewer/',
                $row->textContent ?? '',
                $said,
            );
            $prices[] = \array_slice($said, 1);
        }
        $guarded = LinesGuarded::of(new LevelFigures(Level::Fastpitch16));
        $price = [number_format($guarded->outs, 1), number_format($guarded->doubles, 1)];

        self::assertSame([$price, $price, []], $prices);
    }

    public function testARuleThatAsksForAHalfAPitchOrAPitcherIsNotSaidNeverToHold(): void
    {
        $this->signIn();
        $page = $this->open($this->team('Terns'), '/situations/rules');
        foreach (ShippedRules::all() as $rule) {
            $sports = $rule->when->sports;
            self::assertSame(
                [] !== $sports && !\in_array(Sport::Baseball, $sports, true),
                str_contains($page->filter("#rule-$rule->id")->text(), 'never holds by this rule set'),
                $rule->id,
            );
        }
    }

    public function testOffLaterUndoAndAgain(): void
    {
        $both = fn(): array => array_values(array_intersect($this->order(), ['in', 'two-ends-it']));
        $this->signIn();
        $crawler = $this->open($this->team(), '/situations/rules');
        $this->browser->submit($crawler->filter('#rule-bunt form')->last()->form());
        $this->open($this->team(), '/situations/R1-0');
        self::assertSelectorTextContains('.call', '“Double play.”');
        $crawler = $this->open($this->team(), '/situations/rules');
        $this->browser->submit($crawler->filter('#rule-in form')->eq(1)->form());
        self::assertSame(['two-ends-it', 'in'], $both());

        $this->open($this->team(), '/situations/rules');
        $this->browser->submitForm('Undo Infield in later');
        self::assertSame(['in', 'two-ends-it'], $both());
        $this->open($this->team(), '/situations/rules');
        $this->browser->submitForm('Undo Bunt likely off');
        $this->browser->followRedirect();
        self::assertSelectorTextContains('.good', 'Undone: Bunt likely off.');
        self::assertSelectorTextContains('h1', '27 rules place everybody, as shipped');
        $this->browser->submitForm('Do again Bunt likely off');
        self::assertFalse($this->drafts()->of($this->team())->rule('bunt')?->isOn);
    }

    public function testTheRuleThatPlacesEverybodyIsNotTurnedOff(): void
    {
        $this->signIn();
        $page = $this->open($this->team(), '/situations/rules');
        $this->browser->submit($page->filter('form[action$="/rules/normal/turn"]')->form());
        $this->browser->followRedirect();

        self::assertSelectorTextContains('body', 'no rule that is on places the');
        self::assertSelectorTextContains('body', 'Nothing was changed.');
        self::assertTrue($this->drafts()->of($this->team())->rule('normal')?->isOn);
        $this->open($this->team(), '/situations');
        self::assertResponseIsSuccessful();
    }

    public function testAChangeAfterAnUndoEndsTheWayBack(): void
    {
        $this->signIn();
        $membership = $this->membership();
        $off = static fn(string $id): \Closure => static fn(PlanBook $book): PlanBook => $book->withRule(
            $book->rule($id)?->switched(false) ?? self::fail('It is shipped.'),
        );
        $this->drafts()->change($membership, 'one', $off('bunt'));
        self::assertSame('one', $this->drafts()->undo($this->team()));
        $this->drafts()->change($membership, 'two', $off('in'));

        self::assertNull($this->drafts()->redo($this->team()));
        self::assertSame('two', $this->drafts()->undo($this->team()));
        self::assertNull($this->drafts()->undo($this->team()), 'what is undone is not undone again');
    }

    public function testTwoCoachesAtOneRule(): void
    {
        $this->signIn();
        $this->open($this->team(), '/situations/rules/bunt');
        $this->drafts()->change(
            $this->membership(),
            'Meanwhile',
            static fn(PlanBook $book): PlanBook => $book->withRule(
                $book->rule('bunt')?->switched(false) ?? self::fail('It is shipped.'),
            ),
        );
        $this->browser->submitForm('Save bunt likely', ['rule_form[reason]' => 'Mine.']);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('.finding', 'Somebody else has changed it');
        self::assertInputValueSame('rule_form[reason]', 'Mine.');
        self::assertNotSame('Mine.', $this->drafts()->of($this->team())->rule('bunt')?->reason);
    }

    public function testDepthsAreSetInPacesAndCalledByTheCoachsWord(): void
    {
        $this->signIn();
        $this->open($this->team(), '/situations/depths?unit=paces');
        $this->browser->submitForm('Save the depths', [
            '4_double-play_off' => '6',
            'word_double-play' => 'Pinch',
            'sign_double-play' => 'two fingers on the cap',
        ]);
        $this->browser->followRedirect();
        self::assertSelectorTextContains('.good', 'Depths changed');
        self::assertInputValueSame('4_double-play_off', '6');

        $this->open($this->team(), '/situations/R1R2-1');
        self::assertSelectorTextContains('.call', '“Pinch');
        self::assertSelectorTextContains('tbody.tight', '15 ft off');
        $this->open($this->team('Terns'), '/situations/R1R2-1');
        self::assertSelectorTextNotContains('.call', 'Pinch');
    }

    public function testADepthThatCannotBeIsSaidAtItsCell(): void
    {
        $this->signIn();
        $this->open($this->team(), '/situations/depths');
        $this->browser->submitForm('Save the depths', [
            '4_normal_off' => '80',
            '5_bunt_back' => 'far',
            'outfield_deep_out' => '99',
            'word_in' => '',
        ]);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('h1', 'Not saved: 4 figures to mend');
        self::assertInputValueSame('4_normal_off', '80');
        self::assertInputValueSame('5_bunt_back', 'far');
        self::assertSelectorTextContains('table', '133.33 is too large. Allowed: -15 to 60 % of the base path.');
    }

    public function testTheDrawingFollowsTheFormBeforeItIsSaved(): void
    {
        $this->signIn();
        $this->open($this->team(), '/situations/depths/drawing?unit=feet&6_normal_off=12&6_normal_back=9');
        $moved = (string) $this->browser->getResponse()->getContent();
        $this->open($this->team(), '/situations/depths/drawing?unit=feet');

        self::assertNotSame((string) $this->browser->getResponse()->getContent(), $moved);
        self::assertCount(18, $this->browser->getCrawler()->filter('.depth-mark'));
    }

    /** @return list<string> */
    private function order(): array
    {
        return array_map(
            static fn(AlignmentRule $rule): string => $rule->id,
            $this->drafts()->of($this->team())->rules,
        );
    }

    private function membership(): Membership
    {
        return $this->entities()
            ->getRepository(Membership::class)
            ->findOneBy(['team' => $this->team(), 'role' => 'assistant']) ?? self::fail('The demo has an assistant.');
    }
}
