<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\Player;
use FoxCorner\App\Club\Role;
use FoxCorner\App\Club\Team;
use FoxCorner\Tests\Core\Teams;
use Symfony\Component\Routing\Exception\ExceptionInterface;
use Symfony\Component\Routing\RouterInterface;

/**
 * Every route there is, by every method, for everybody: a stranger, another team's head coach, those of the team by
 * role, each with a token that holds; and what is another team's under the address of one's own. A route that is new is
 * in it by itself, and a page that is new for players, or for head coaches alone, has to be written down here.
 */
final class RouteMatrixTest extends AppTestCase
{
    use OtherTeams;

    private const METHODS = ['GET', 'POST', 'PUT', 'DELETE'];
    /** What whoever comes may ask for. */
    private const OPEN = ['sign_in', 'sign_out', 'forgotten', 'reset_password', 'join', 'setup', 'read_shared'];
    private const OPEN_GET = ['foxcorner_app_shared_health_answer'];
    /** What players and guardians may press in a team: the way out, and how their device shows it. */
    private const PLAYERS_PRESS = ['leave_team', 'taste'];
    /** What they read. */
    private const PLAYERS_READ = [
        'arms',
        'compare',
        'coverages',
        'depths',
        'draw_depths',
        'drill',
        'drills',
        'export_rates',
        'export_record',
        'find',
        'floors',
        'help',
        'known',
        'lineup',
        'looks_card',
        'needs',
        'old_address',
        'outfield_jobs',
        'outfield_sheet',
        'people',
        'plays',
        'practice',
        'practice_cards',
        'practice_ics',
        'practice_pdf',
        'practices',
        'practices_ics',
        'record',
        'rules',
        'run_practice',
        'run_state',
        'run_station',
        'runners',
        'runs',
        'season',
        'situation',
        'situations',
        'team',
        'today',
        'walk_off',
        'week',
        'you',
    ];
    /** What an assistant may not. */
    private const HEAD_COACHES = [
        'add_team',
        'change_role',
        'club',
        'end_club',
        'end_team',
        'export_club',
        'export_team',
        'give_way_in',
        'import_archive',
        'invite',
        'post_box',
        'read_archive',
        'remove_member',
        'remove_opponent',
        'remove_player',
        'remove_practice',
        'revoke_invitation',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->browser->disableReboot();
    }

    public function testAStrangerReachesNothing(): void
    {
        foreach ($this->routes($this->team()) as [$name, $path, $declared]) {
            foreach (self::METHODS as $method) {
                $isOpen =
                    \in_array($name, self::OPEN, true) || (\in_array($name, self::OPEN_GET, true) && 'GET' === $method);
                $status = $this->ask($method, $path);
                if (!$isOpen) {
                    self::assertContains($status, [302, 401, 404, 405], "$method $name");
                    $to = (string) $this->browser->getResponse()->headers->get('Location');
                    self::assertSame(302 === $status, str_contains($to, '/sign-in'), "$method $name leads to $to");
                }
                if (!\in_array($method, $this->answered($path), true)) {
                    self::assertContains($status, [404, 405], "$method $name");
                }
            }
        }
    }

    public function testAnotherTeamsHeadCoachReachesNothing(): void
    {
        $kites = $this->routes($this->team());
        $this->newTeam($this->stranger());
        $token = $this->signedIn($this->stranger());
        foreach ($kites as [$name, $path, $declared]) {
            foreach (str_contains($path, '/kites') ? $declared : [] as $method) {
                self::assertSame(404, $this->ask($method, $path, $token), "$method $name");
            }
        }
    }

    public function testPlayersAndGuardiansPressNothingAndReadWhatIsWrittenDown(): void
    {
        $marsh = $this->entities()
            ->getRepository(Player::class)
            ->findOneBy(['team' => $this->team(), 'name' => 'Marsh']);
        $guardian = $this->stranger();
        $this->entities()->persist(new Membership($guardian, $this->team(), Role::Guardian, $marsh));
        $this->entities()->flush();
        $routes = $this->routes($this->team());
        foreach (['guardian' => $guardian, 'player' => $this->signIn('player')] as $who => $account) {
            $token = $this->signedIn($account);
            $reads = $presses = [];
            foreach ($routes as [$name, $path, $declared]) {
                if (!str_contains($path, '/kites')) {
                    continue;
                }
                if (\in_array('POST', $declared, true) && !\in_array($name, self::PLAYERS_PRESS, true)) {
                    $status = $this->ask('POST', $path, $token);
                    $presses += \in_array($status, [403, 404], true) ? [] : [$name => $status];
                }
                if (\in_array('GET', $declared, true) && 400 > $this->ask('GET', $path)) {
                    $reads[] = $name;
                }
            }
            self::assertSame([], $presses, "$who presses more");
            sort($reads);
            self::assertSame(self::PLAYERS_READ, $reads, "what a $who reads");
        }
    }

    public function testAnAssistantIsNoHeadCoach(): void
    {
        $routes = $this->routes($this->team());
        $token = $this->signedIn($this->signIn('assistant'));
        $refused = [];
        foreach ($routes as [$name, $path, $declared]) {
            $isTheirs = \in_array($name, self::HEAD_COACHES, true);
            // What an assistant may press is pressed elsewhere: here is what he may not, and all that is read.
            $methods = $isTheirs ? $declared : array_intersect($declared, ['GET']);
            foreach (str_contains($path, '/kites') ? $methods : [] as $method) {
                if (403 === $this->ask($method, $path, $token)) {
                    $refused[$name] = $name;
                } else {
                    self::assertFalse($isTheirs, "$method $name");
                }
            }
        }
        sort($refused);

        self::assertSame(self::HEAD_COACHES, $refused);
    }

    public function testWhatIsAnotherTeamsIsNotThereUnderMyAddress(): void
    {
        $theirs = $this->things($this->team());
        $coach = $this->stranger();
        $mine = $this->newTeam($coach, Teams::nine());
        $token = $this->signedIn($coach);
        $tried = 0;
        foreach ($this->routes($mine, $theirs) as [$name, $path, $declared, $named]) {
            foreach ([] === array_intersect($named, array_keys($theirs)) ? [] : $declared as $method) {
                // Nothing is there to be tried any more, and the page that asked says nothing.
                $expected = 'ways_out' === $name ? 204 : 404;
                self::assertSame($expected, $this->ask($method, $path, $token), "$method $name at $path");
                ++$tried;
            }
        }

        self::assertGreaterThan(40, $tried);
    }

    private function ask(string $method, string $path, string $token = ''): int
    {
        // The kernel stays, which is quick; what the last request has left of rows does not.
        self::getContainer()->get('doctrine')->resetManager();
        $this->browser->request($method, $path, 'GET' === $method ? [] : ['_token' => $token]);
        $status = $this->browser->getResponse()->getStatusCode();
        self::assertLessThan(500, $status, "$method $path");

        return $status;
    }

    /** @return string a token that holds */
    private function signedIn(Account $account): string
    {
        $this->browser->loginUser($account);

        return (string) $this->browser->request('GET', '/account')->filter('[name=_token]')->first()->attr('value');
    }

    /**
     * @param array<string, string>|null $things ids by what routes call them; null: the team's own
     *
     * @return list<array{string, string, list<string>, list<string>}> name, path, methods, and what its path names
     */
    private function routes(Team $team, ?array $things = null): array
    {
        $fixed = [
            'team' => $team->address(),
            'view' => 'bunt',
            'old' => 'team/runs',
            'situation' => 'R1-0',
            'rule' => 'guard',
            'topic' => 'field',
            'seed' => '7',
            'secret' => str_repeat('0', 32),
        ];
        $known = ($things ?? $this->things($team)) + $fixed;
        $routes = [];
        foreach (self::getContainer()->get(RouterInterface::class)->getRouteCollection() as $name => $route) {
            /** @var list<string> $variables */
            $variables = array_values($route->compile()->getVariables());
            $path = (string) preg_replace_callback(
                '/\{(\w+)\}/',
                static fn(array $found): string => $known[$found[1]] ?? '01940000-0000-7000-8000-000000000001',
                $route->getPath(),
            );
            $routes[] = [$name, $path, array_values($route->getMethods()), $variables];
        }
        self::assertGreaterThan(100, \count($routes));

        return $routes;
    }

    /** @return list<string> methods that some route takes at a path */
    private function answered(string $path): array
    {
        $router = self::getContainer()->get(RouterInterface::class);
        $takes = static function (string $method) use ($router, $path): bool {
            $router->getContext()->setMethod($method);
            try {
                return [] !== $router->match($path);
            } catch (ExceptionInterface) {
                return false;
            }
        };
        $methods = array_values(array_filter(self::METHODS, $takes));
        $router->getContext()->setMethod('GET');

        return $methods;
    }
}
