<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Practice\Book\Practice;
use PHPUnit\Framework\Attributes\TestWith;

/** What is kept and cannot be read is called so, and stays as it is. */
final class StoredUnreadableTest extends AppTestCase
{
    #[TestWith(['{"version":99}', 'Version: a document of version 99 cannot be read. Allowed: 1 to 4.'])]
    #[TestWith(['{"version":4,"plays":{"bunt":{"settings":{"luck":3}}}}', 'Sign: "luck" is not known'])]
    #[TestWith(['{"version":4,', 'Document: '])]
    public function testAPlan(string $document, string $why): void
    {
        $this->signIn();
        $team = $this->team();
        $this->entities()
            ->getConnection()
            ->executeStatement('UPDATE plan_draft SET document = ? WHERE team_id = ?', [
                $document,
                $team->id()->toBinary(),
            ]);
        $this->entities()->clear();
        foreach (['/situations/R1-0', '/situations', '/situations/R1-0/bunt/all'] as $path) {
            $this->open($this->team(), $path);
            self::assertResponseStatusCodeSame(500);
            self::assertSelectorTextSame('h1', 'The plan cannot be read');
            self::assertSelectorTextContains('.finding', $why);
        }

        $kept = $this->entities()
            ->getConnection()
            ->fetchOne('SELECT document FROM plan_draft WHERE team_id = ?', [$team->id()->toBinary()]);
        self::assertSame($document, $kept);
        $this->open($this->team(), '/situations/R9-0');
        self::assertResponseStatusCodeSame(404, 'an address that is wrong is told from it');
    }

    public function testASheet(): void
    {
        $this->signIn();
        $this->entities()->getConnection()->executeStatement("UPDATE practice SET sheet = '{\"version\":99}'");
        $this->entities()->clear();
        $practice = $this->entities()
            ->getRepository(Practice::class)
            ->findOneBy(['team' => $this->team()]);
        $this->open($this->team(), "/practice/{$practice?->address()}");

        self::assertResponseStatusCodeSame(500);
        self::assertSelectorTextSame('h1', 'The sheet of the practice cannot be read');
    }
}
