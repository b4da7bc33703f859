<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Club\Player;
use FoxCorner\App\Shared\Kept\SentAgain;
use FoxCorner\App\Shared\Kept\TypedForm;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Request;

/** Forms that cannot be taken though nothing is wrong with them: what was typed comes back. */
final class KeptTest extends AppTestCase
{
    private const PENHALE = [
        'player_form' => [
            'name' => 'Penhale',
            'number' => '44',
            'positions' => '8',
            'home_to_first' => '3.11',
            'throws' => 'R',
            'bats' => 'R',
            'limit' => 'none',
            'pitching' => 'ordinary',
            'fielding' => 'ordinary',
            'version' => '0',
        ],
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->browser->setServerParameter('HTTP_SEC_FETCH_SITE', 'same-origin');
    }

    public function testAFormSentAfterTheSessionHasEndedIsSentAgainAfterSigningIn(): void
    {
        $team = $this->team();
        $this->browser->request('POST', "/{$team->id()}/team/opponents", ['name' => 'Curlews', '_token' => 'gone']);
        self::assertResponseStatusCodeSame(401);
        self::assertSelectorTextContains('[role=alert]', 'You were signed out before it was kept');
        self::assertSelectorTextContains('[role=alert]', 'Curlews');

        $this->browser->submitForm('Sign in', ['email' => 'coach@saltmarsh.example', 'password' => 'wrong']);
        self::assertSelectorTextContains('dl', 'Curlews', 'a wrong password loses nothing either');
        $this->browser->submitForm('Sign in', [
            'email' => 'coach@saltmarsh.example',
            'password' => 'lantern-on-the-quay',
        ]);
        self::assertSelectorTextContains('h1', 'You are signed in again');
        self::assertSelectorTextContains('table', 'Curlews');
        $this->browser->submitForm('Send it again');
        $this->browser->followRedirect();
        self::assertSelectorTextContains('h1', 'What we know of Curlews');
    }

    public function testATokenThatHasEndedIsNoWrongPasswordAndNothingIsLost(): void
    {
        $this->signIn();
        $this->browser->request('POST', "/{$this->team()->id()}/team/opponents", [
            'name' => 'Curlews',
            '_token' => 'old',
        ]);
        self::assertResponseStatusCodeSame(403);
        self::assertSelectorTextContains('table', 'Curlews');
        $this->browser->submitForm('Send it again');
        self::assertResponseRedirects();
    }

    public function testAFormOfTheFrameworkComesBackToo(): void
    {
        $this->browser->request('POST', "/{$this->team()->id()}/team/player/new", self::PENHALE);
        $this->browser->submitForm('Sign in', [
            'email' => 'coach@saltmarsh.example',
            'password' => 'lantern-on-the-quay',
        ]);
        self::assertSelectorTextContains('table', '3.11');
        $this->browser->submitForm('Send it again');
        $this->browser->followRedirect();

        self::assertSelectorTextContains('.good', 'Penhale is saved');
    }

    public function testASaveInTheSameMomentIsNoFaultOfOurs(): void
    {
        $this->signIn();
        $page = $this->open($this->team(), '/team/player/new');
        $token = $page->filter('#player_form__token')->attr('value');
        $this->browser->disableReboot();
        // Somebody else's save of the same number comes between the look at the others and our own.
        $this->entities()->getEventManager()->addEventListener(
            'onFlush',
            new class ($this->team()->id()->toBinary()) {
                public function __construct(private readonly string $team) {}

                public function onFlush(\Doctrine\ORM\Event\OnFlushEventArgs $args): void
                {
                    $args
                        ->getObjectManager()
                        ->getConnection()
                        ->executeStatement('UPDATE player SET number = 44 WHERE number = 7 AND team_id = ?', [
                            $this->team,
                        ]);
                }
            },
        );
        $form = self::PENHALE;
        $form['player_form']['_token'] = $token;
        $this->browser->request('POST', "/{$this->team()->id()}/team/player/new", $form);

        self::assertResponseStatusCodeSame(409);
        self::assertSelectorTextContains('h1', 'Somebody else saved in the same moment');
        self::assertSelectorTextContains('table', 'Penhale');
    }

    public function testTwoSavesOfOnePlayerInTheSameMoment(): void
    {
        $this->signIn();
        $player = $this->entities()
            ->getRepository(Player::class)
            ->findOneBy(['name' => 'Marsh']);
        self::assertNotNull($player);
        $this->open($this->team(), "/team/player/{$player->id()}");
        $this->browser->disableReboot();
        $this->entities()->getEventManager()->addEventListener(
            'onFlush',
            new class {
                public function onFlush(\Doctrine\ORM\Event\OnFlushEventArgs $args): void
                {
                    $args
                        ->getObjectManager()
                        ->getConnection()
                        ->executeStatement("UPDATE player SET version = version + 1 WHERE name = 'Marsh'");
                }
            },
        );
        $this->browser->submitForm('Save Marsh', ['player_form[name]' => 'Marshal']);

        self::assertResponseStatusCodeSame(409);
        self::assertSelectorTextContains('table', 'Marshal');
    }

    public function testAScriptIsToldInsteadOfSentAway(): void
    {
        $this->browser->request(
            'GET',
            "/{$this->team()->id()}/practice/x/run/state",
            server: ['HTTP_ACCEPT' => 'application/json'],
        );
        self::assertResponseStatusCodeSame(401);
        $this->browser->request(
            'POST',
            "/{$this->team()->id()}/practice/x/run/count",
            server: ['HTTP_ACCEPT' => 'application/json'],
        );
        self::assertResponseStatusCodeSame(401, 'a redirect would look like an answer');
        $this->signIn();
        $this->browser->request(
            'POST',
            "/{$this->team()->id()}/team/opponents",
            ['_token' => 'old'],
            server: ['HTTP_ACCEPT' => 'application/json'],
        );
        self::assertResponseStatusCodeSame(403);
    }

    public function testNeitherPasswordsNorTokensAreShownOrKept(): void
    {
        $typed = TypedForm::of(
            Request::create(
                '/a?b=1',
                'POST',
                [
                    'name' => 'Ash',
                    'password' => 'secret',
                    '_token' => 't',
                    'x_form' => ['_token' => 'u', 'startsAt' => '17:30', 'version' => '3'],
                ],
                server: ['HTTP_SEC_FETCH_SITE' => 'same-origin'],
            ),
        );
        self::assertNotNull($typed);

        self::assertSame(['name' => 'Ash', 'x_form[startsAt]' => '17:30', 'x_form[version]' => '3'], $typed->fields);
        self::assertSame(['name' => 'Ash', 'starts At' => '17:30'], $typed->words());
        self::assertSame(['x_form'], $typed->forms());
        self::assertEquals($typed, TypedForm::fromJson($typed->toJson()));
    }

    /** @param array<string, string> $sent */
    #[TestWith([['HTTP_SEC_FETCH_SITE' => 'cross-site'], false])]
    #[TestWith([['HTTP_SEC_FETCH_SITE' => 'same-site', 'HTTP_REFERER' => 'http://localhost/'], false])]
    #[TestWith([['HTTP_ORIGIN' => 'http://elsewhere.example'], false])]
    #[TestWith([['HTTP_ORIGIN' => 'null'], false])]
    #[TestWith([['HTTP_REFERER' => 'http://localhost.elsewhere.example/'], false])]
    #[TestWith([[], false])]
    #[TestWith([['HTTP_ORIGIN' => 'http://localhost'], true])]
    #[TestWith([['HTTP_REFERER' => 'http://localhost/kites'], true])]
    public function testOnlyWhatAPageOfOursHasSentIsKept(array $sent, bool $isKept): void
    {
        $typed = TypedForm::of(Request::create('http://localhost/a', 'POST', ['name' => 'Ash'], server: $sent));

        self::assertSame($isKept, null !== $typed);
    }

    public function testWhatAStrangersPageTypesIsNotOfferedToTheCoach(): void
    {
        $json = '{"path":"/kites/team/opponents","page":"/","fields":{"name":"Curlews"},"hadFile":false}';
        foreach (['cross-site', 'same-origin'] as $from) {
            $this->browser->setServerParameter('HTTP_SEC_FETCH_SITE', $from);
            $form = $this->browser->request('GET', '/sign-in')->selectButton('Sign in')->form();
            $password = ['email' => 'coach@saltmarsh.example', 'password' => 'lantern-on-the-quay'];
            $typed = $password + ['_kept' => $json, '_seal' => str_repeat('0', 64)] + $form->getPhpValues();
            $this->browser->request('POST', '/sign-in', ['password' => 'no'] + $typed);
            self::assertSelectorTextNotContains('main', 'Curlews');
            $this->browser->request('POST', '/sign-in', $typed);
            self::assertResponseRedirects('/', message: 'signed in, and nothing comes along');
            $this->browser->getCookieJar()->clear();
        }
    }

    #[TestWith(['/kites/people/invite'])]
    #[TestWith(['/kites/people/0194/role'])]
    #[TestWith(['/kites/people/0194/remove'])]
    #[TestWith(['/kites/club/end'])]
    #[TestWith(['/kites/club/end-team'])]
    #[TestWith(['/kites/shared'])]
    #[TestWith(['/account/end'])]
    #[TestWith(['/account/password'])]
    #[TestWith(['/kites/team/player/0194/remove'])]
    #[TestWith(['/nowhere/at/all/of/it'])]
    public function testWhatGivesRightsOrTakesOffIsNeverSentAgain(string $path): void
    {
        self::assertNull(self::getContainer()->get(SentAgain::class)->words($path));
        $this->browser->request('POST', $path, ['email' => 'eve@elsewhere.example']);
        $page = $this->browser->getCrawler();
        self::assertSame(
            '/nowhere/at/all/of/it' === $path ? 404 : 401,
            $this->browser->getInternalResponse()->getStatusCode(),
        );
        if (0 < $page->selectButton('Sign in')->count()) {
            $this->browser->submitForm('Sign in', [
                'email' => 'coach@saltmarsh.example',
                'password' => 'lantern-on-the-quay',
            ]);
            self::assertSelectorTextContains('main', 'is not sent again from here');
            self::assertCount(0, $this->browser->getCrawler()->filter('form[action]'));
        }
    }

    public function testItSaysWhatSendingDoes(): void
    {
        $again = self::getContainer()->get(SentAgain::class);
        self::assertSame('add player', $again->words('/kites/team/player/new'));
        self::assertSame('edit practice', $again->words('/kites/practice/2026-11-28-kvzr/change?x=1'));
    }

    #[TestWith(['{"path":"//elsewhere.example","page":"/","fields":{}}'])]
    #[TestWith(['{"path":"/a","page":"http://elsewhere.example","fields":{}}'])]
    #[TestWith(['{"path":"/a","page":"/","fields":3}'])]
    #[TestWith(['nonsense'])]
    public function testNobodyIsLedElsewhere(string $json): void
    {
        self::assertNull(TypedForm::fromJson($json));
    }

    #[TestWith([1400, true])]
    #[TestWith([1600, false])]
    public function testAnAddressThatTheWebServerWouldRefuseIsNotGoneBackTo(int $letters, bool $goesBack): void
    {
        $page = "/{$this->team()->id()}/team";
        $this->browser->request('GET', "$page?x=" . str_repeat('a', $letters - \strlen($page)));

        self::assertResponseRedirects();
        $door = (string) $this->browser->getResponse()->headers->get('Location');
        self::assertStringContainsString('/sign-in', $door);
        self::assertSame($goesBack, str_contains($door, 'to='));
    }

    #[TestWith(['/team', '/team'])]
    #[TestWith(['//elsewhere.example/', '/'])]
    #[TestWith(['https://elsewhere.example/', '/'])]
    #[TestWith(['/\\elsewhere.example', '/'])]
    public function testAfterSigningInOneIsWhereOneWanted(string $to, string $leads): void
    {
        $this->browser->request('GET', '/sign-in?to=' . rawurlencode($to));
        $this->browser->submitForm('Sign in', [
            'email' => 'coach@saltmarsh.example',
            'password' => 'lantern-on-the-quay',
        ]);

        self::assertResponseRedirects($leads);
    }
}
