<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\Core\Family\ShippedFamilies;
use FoxCorner\Core\Play\Contract\FamilyGroup;
use FoxCorner\Core\Play\Contract\PlayFamilies;
use FoxCorner\Tests\Trial\ThrowHome\ThrowHomeFamily;
use Symfony\Component\DomCrawler\Crawler;

/** A group of families costs its name: where nobody has made it a page, its families' pages lead to each other. */
final class NewGroupTest extends AppTestCase
{
    public function testAGroupWithoutAPageOfItsOwnIsFoundAtItsFamilys(): void
    {
        $this->browser->disableReboot();
        $atHome = new ThrowHomeFamily(FamilyGroup::of('at-home', 'At home'));
        self::getContainer()->set(PlayFamilies::class, ShippedFamilies::all()->and($atHome));
        $this->signIn();
        $page = $this->open($this->team(), '/situations/R3-1/throw-home/all');

        self::assertResponseIsSuccessful();
        self::assertSelectorTextSame('.ways [aria-label="At home"] a[aria-current=true]', 'Throws home');
        $link = $page->filter('.ways a')->reduce(static fn(Crawler $one): bool => 'At home' === trim($one->text()));
        self::assertStringContainsString('/situations/R3-1/throw-home', (string) $link->attr('href'));
    }
}
