<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Arms\PitchedDay;
use FoxCorner\App\Calendar\Booking;
use FoxCorner\App\Club\Player;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Opponents\Opponent;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Team\Reading;
use FoxCorner\Tests\Core\Teams;
use Symfony\Component\Routing\RouterInterface;

/** Who may see and change what; gone through by the list of routes, so that a new one cannot be forgotten. */
final class AccessTest extends AppTestCase
{
    private const COVERAGE = '01940000-0000-7000-8000-000000000001';
    private const PUBLIC = ['sign_in', 'sign_out', 'home'];

    public function testSomebodyElsesTeamIsNotThere(): void
    {
        $kites = $this->team();
        $paths = $this->paths($kites);
        $this->newTeam($this->signIn('player'));
        $stranger = $this->signIn('assistant');
        $this->entities()
            ->getConnection()
            ->executeStatement('DELETE FROM membership WHERE account_id = ?', [$stranger->id()->toBinary()]);

        self::assertGreaterThan(15, \count($paths));
        foreach ($paths as $name => [$method, $path]) {
            $this->browser->request($method, $path);
            self::assertContains(
                $this->browser->getResponse()->getStatusCode(),
                'POST' === $method ? [403, 404] : [404],
                "$method $name",
            );
        }
    }

    public function testAThingOfAnotherTeamIsNotThereUnderMine(): void
    {
        $coach = $this->signIn();
        $mine = $this->newTeam($coach, Teams::nine());
        $theirs = $this->entities()
            ->getRepository(Practice::class)
            ->findOneBy(['team' => $this->team()]);
        $player = $this->entities()
            ->getRepository(Player::class)
            ->findOneBy(['team' => $this->team()]);
        self::assertNotNull($theirs);
        $opponent = $this->entities()
            ->getRepository(Opponent::class)
            ->findOneBy(['team' => $this->team()]);
        self::assertNotNull($player);
        self::assertNotNull($opponent);

        foreach (
            [
                "/practice/{$theirs->id()}",
                "/practice/{$theirs->id()}/sheet.pdf",
                "/practice/{$theirs->id()}/practice.ics",
                "/practice/{$theirs->id()}/change",
                "/team/player/{$player->id()}",
                "/team/opponents/{$opponent->id()}",
                "/team/opponents/{$opponent->id()}/batters.csv",
                '/situations/rules/none',
                '/practice/not-an-id',
            ] as $path
        ) {
            $this->open($mine, $path);
            self::assertResponseStatusCodeSame(404, $path);
            self::assertSelectorTextContains('h1', 'This page is not there');
        }
    }

    public function testNoChangeWithoutAToken(): void
    {
        $this->signIn();
        $changes = array_filter($this->paths($this->team()), static fn(array $route): bool => 'POST' === $route[0]);
        self::assertGreaterThanOrEqual(8, \count($changes));
        foreach ($changes as $name => [$method, $path]) {
            $this->browser->request($method, $path, [
                'coverage' => 'first-stays',
                'seen' => 1,
                'text' => "number,name,positions\n1,A,1",
                'confirmed' => 1,
                'player_form' => [
                    'name' => 'A',
                    'number' => '98',
                    'positions' => '1',
                    'throws' => 'R',
                    'bats' => 'R',
                    'limit' => 'none',
                    'version' => '1',
                ],
                'practice_form' => [
                    'startsAt' => '2027-05-14T17:30',
                    'minutes' => '70',
                    'whoHelps' => 'Ana',
                    'version' => '1',
                ],
                'drill_form' => [
                    'name' => 'A',
                    'positions' => ['5'],
                    'skills' => ['field'],
                    'steps' => 'B.',
                    'family' => 'bunts',
                ],
                'do' => 'start',
                'add' => 'slow-rollers',
                'weeks' => '1',
                'notice' => 'lightning',
                'zone' => 'UTC',
                'rule_form' => ['name' => 'A', 'reason' => 'B.', 'depth_9' => 'shallow'],
                'field_form' => ['ruleSet' => 'baseball-90', 'level' => 'pro', 'surface' => 'grass', 'version' => '1'],
            ]);
            // A shipped drill is nobody's to change.
            self::assertContains(
                $this->browser->getResponse()->getStatusCode(),
                str_starts_with($name, 'edit_drill') ? [404] : [302, 303, 403, 422],
                $name,
            );
            if ($this->browser->getResponse()->isRedirect()) {
                // A practice that was run is not changed any more, token or not: its page is the run's.
                self::assertMatchesRegularExpression(
                    str_starts_with($name, 'edit_practice') ? '~/run$~' : '~/sign-in$~',
                    (string) $this->browser->getResponse()->headers->get('Location'),
                    "$name went through",
                );
                $this->signIn();
            }
        }
        self::assertCount(
            14,
            $this->entities()
                ->getRepository(Player::class)
                ->findBy(['team' => $this->team()]),
        );
    }

    public function testPlayersReadAndDoNotChange(): void
    {
        $this->signIn('player');
        foreach (
            [
                '',
                '/team',
                '/situations/R1-0/bunt',
                '/practice',
                '/you',
                '/team/lineup',
                '/team/scoring',
                '/team/record',
                '/how-we-know',
                '/situations/rules',
                '/situations/depths',
                '/situations/walk-off',
                '/situations/R1-0/compare',
                '/situations/none-0/air',
                '/practice/needs',
                '/practice/drills',
                '/practice/drills/charge-and-throw',
                '/practice/week',
            ] as $path
        ) {
            $this->open($this->team(), $path);
            self::assertResponseIsSuccessful($path);
        }
        $this->open($this->team(), '/team');
        self::assertSelectorNotExists('a:contains("Add a player")');
        foreach (
            [
                '/team/player/new',
                '/team/ballpark',
                '/team/import',
                '/team/stopwatch',
                '/team/opponents',
                '/team/roster.csv',
                '/practice/new',
                '/practice/drills/new',
                '/practice/calendar',
                '/situations/rules/guard',
                '/situations/rules/new',
            ] as $path
        ) {
            $this->open($this->team(), $path);
            self::assertResponseStatusCodeSame(403, $path);
            self::assertSelectorTextContains('h1', 'This is for coaches');
        }
    }

    public function testEveryAnswerCarriesThePolicy(): void
    {
        $this->signIn();
        foreach ($this->paths($this->team()) as $name => [$method, $path]) {
            if ('GET' !== $method) {
                continue;
            }
            $this->browser->request($method, $path);
            $headers = $this->browser->getResponse()->headers;
            self::assertStringContainsString(
                "default-src 'none'; script-src 'self'; style-src 'self'",
                (string) $headers->get('Content-Security-Policy'),
                $name,
            );
            self::assertSame('nosniff', $headers->get('X-Content-Type-Options'), $name);
            if (str_starts_with((string) $headers->get('Content-Type'), 'text/html')) {
                $html = (string) $this->browser->getResponse()->getContent();
                self::assertDoesNotMatchRegularExpression(
                    '/ style=|<style| on[a-z]+="|<script(?![^>]* src=)/',
                    $html,
                    "$name has something inline",
                );
            }
        }
    }

    /**
     * @return array<string, array{string, string}> method and path of every route, filled in with this team's things
     */
    private function paths(Team $team): array
    {
        $router = self::getContainer()->get(RouterInterface::class);
        $practice = $this->entities()
            ->getRepository(Practice::class)
            ->findOneBy(['team' => $team]);
        $player = $this->entities()
            ->getRepository(Player::class)
            ->findOneBy(['team' => $team]);
        $reading = $this->entities()->getRepository(Reading::class)->findOneBy([]);
        $opponent = $this->entities()
            ->getRepository(Opponent::class)
            ->findOneBy(['team' => $team]);
        $paths = [];
        foreach ($router->getRouteCollection() as $name => $route) {
            if (\in_array($name, self::PUBLIC, true) || !str_contains($route->getPath(), '{team}')) {
                continue;
            }
            $known = [
                'team' => $team->id(),
                'view' => 'bunt',
                'old' => 'team/runs',
                'situation' => 'R1-0',
                'practice' => $practice?->id(),
                'player' => $player?->id(),
                'reading' => $reading?->id(),
                'opponent' => $opponent?->id(),
                'rule' => 'guard',
                'topic' => 'field',
                'coverage' => self::COVERAGE,
                'drill' => 'charge-and-throw',
                'seed' => '7',
                'job' => self::COVERAGE,
                'step' => self::COVERAGE,
                'invitation' => self::COVERAGE,
                'link' => self::COVERAGE,
                'member' => self::COVERAGE,
                'booking' => $this->entities()
                    ->getRepository(Booking::class)
                    ->findOneBy(['team' => $team])
                    ?->id(),
                'day' => $this->entities()
                    ->getRepository(PitchedDay::class)
                    ->findOneBy(['team' => $team])
                    ?->id(),
            ];
            $path = $router->generate(
                $name,
                array_filter(
                    $known,
                    static fn(string $variable): bool => str_contains($route->getPath(), '{' . $variable . '}'),
                    \ARRAY_FILTER_USE_KEY,
                ),
            );
            foreach ($route->getMethods() as $method) {
                $paths["$name $method"] = [$method, $path];
            }
        }

        return $paths;
    }
}
