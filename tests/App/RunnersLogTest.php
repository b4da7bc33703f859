<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Club\Player;
use FoxCorner\App\Runners\Log\EventKind;
use FoxCorner\App\Runners\Log\RunnerEvent;
use FoxCorner\App\Runners\Log\RunnerEventRepository;
use FoxCorner\Core\Field\Base;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\DomCrawler\Crawler;

/** What is counted about runners on a thumb, and picks of our own. */
final class RunnersLogTest extends AppTestCase
{
    use RunnersAsked;

    public function testWhatIsCountedMovesTheTable(): void
    {
        $cell = fn(): string => $this->open($this->terns(), '/situations/R1-0/runners')
            ->filter('.steals tbody tr')
            ->reduce(static fn(Crawler $row): bool => str_contains($row->text(), 'Moss'))
            ->filter('td')
            ->first()
            ->text();
        $before = $cell();
        $moss = $this->player('Moss');
        for ($steal = 0; $steal < 20; ++$steal) {
            $this->entities()->persist(
                new RunnerEvent(
                    $this->terns(),
                    EventKind::Steal,
                    Base::Second,
                    true,
                    $moss,
                    null,
                    null,
                    null,
                    null,
                    'Somebody',
                    self::now(),
                ),
            );
        }
        $this->entities()->flush();

        self::assertNotSame($before, $cell());
        preg_match('/(\d+) %/', $before, $was);
        preg_match('/(\d+) %/', $cell(), $is);
        self::assertGreaterThan((int) ($was[1] ?? 0) + 10, (int) ($is[1] ?? 0), 'all caught: more outs');
    }

    public function testTheThumbCountsAndTakesBack(): void
    {
        $pitcher = $this->player('Vane')->id()->toRfc4122();
        $this->open($this->terns(), "/team/counts?pitcher=$pitcher&lead=11.5");
        $before = \count($this->events()->lately($this->terns()));
        $this->press('Pick to second: out');
        $page = $this->browser->followRedirect();
        $latest = $this->events()->latest($this->terns());

        self::assertSame(
            [EventKind::Pick, Base::Second, true, 11.5],
            [$latest?->kind, $latest?->base, $latest?->isOut, $latest?->leadFeet],
        );
        self::assertSame('Vane', $latest?->pitcher?->asRosterPlayer()->name);
        self::assertSelectorExists("#pitcher option[value='$pitcher'][selected]", 'who pitches stays');
        self::assertStringContainsString('Pick to second: out, lead 11.5 ft', $page->text());
        $this->browser->submitForm('Take the last one back');
        $this->browser->followRedirect();
        self::assertCount($before, $this->events()->lately($this->terns()));
    }

    public function testAHabitOfLooksIsFlagged(): void
    {
        $petrik = $this->player('Petrik')->id()->toRfc4122();
        $this->open($this->terns(), "/team/counts?pitcher=$petrik");
        self::assertSelectorTextContains('.finding', 'Mix them.', 'the demo has one');
        $vane = $this->player('Vane')->id()->toRfc4122();
        $this->open($this->terns(), "/team/counts?pitcher=$vane");
        foreach ([0, 3, 1, 2, 0, 1] as $looks) {
            $this->press($looks . (1 === $looks ? ' look' : ' looks'));
            $this->browser->followRedirect();
        }
        self::assertSelectorTextContains('.good', 'Nobody can time him.');
    }

    /** @param array<string, string> $fields */
    #[TestWith([['kind' => 'steal', 'base' => 'fourth'], 'base'])]
    #[TestWith([['kind' => 'nap', 'base' => 'second'], 'kind'])]
    #[TestWith([['kind' => 'looks', 'looks' => '9'], 'looks'])]
    #[TestWith([['kind' => 'steal', 'base' => 'second', 'lead' => 'far'], 'lead'])]
    #[TestWith([['kind' => 'steal', 'base' => 'second', 'pitcher' => 'nobody'], 'pitcher'])]
    public function testWhatIsNoCountIsRefused(array $fields, string $field): void
    {
        $page = $this->open($this->terns(), '/team/counts');
        $token = $page->filter('input[name=_token]')->first()->attr('value');
        $this->browser->request('POST', '/terns/team/counts', $fields + ['_token' => $token, 'out' => '1']);

        self::assertResponseStatusCodeSame(404);
        self::assertStringContainsString($field, strtolower($this->browser->getCrawler()->text()));
    }

    public function testAPickGoesOnOurListWithItsSignAndWithoutOneIsAFinding(): void
    {
        $this->open($this->terns(), '/situations/R2-1/pick?pick=timed&bag=second');
        self::assertSelectorTextContains('#work', 'Cap, then belt');
        $this->browser->submitForm('Put it on our list', ['sign' => '']);
        $this->follow();
        self::assertAnySelectorTextContains('.finding', 'The pitcher is surprised');
        self::assertSelectorTextContains('#work', 'none agreed');
        $this->press('Take off Timed to second.');
        $this->follow();
    }

    /** A button by what a screen reader says of it. */
    private function press(string $label): void
    {
        $this->browser->submit(
            $this->browser
                ->getCrawler()
                ->filter("button[aria-label='$label']")
                ->last()
                ->form(),
        );
    }

    private function player(string $name): Player
    {
        return $this->entities()
            ->getRepository(Player::class)
            ->findOneBy(['team' => $this->terns(), 'name' => $name]) ?? throw new \LogicException("$name plays.");
    }

    private function events(): RunnerEventRepository
    {
        return self::getContainer()->get(RunnerEventRepository::class);
    }
}
