<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Tools;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Asks a running instance for a great many things, sensible and not, as everybody who can sign in and as a stranger:
 * no answer may be a fault of ours or take longer than five seconds. The same seed asks the same.
 *
 * It changes what it finds: for the tested instance only.
 */
final class Fuzz
{
    private const WHO = ['coach', 'assistant', 'player', ''];
    private const SLOW = 5.0;
    private readonly Randomizer $chance;
    /** @var array<string, Client> */
    private array $clients = [];
    /** @var list<string> names of fields that forms have */
    private array $fields = [
        '_token',
        'seen',
        'version',
        'do',
        'player',
        'is',
        'index',
        'zone',
        'text',
        'confirm',
        'by',
        'x',
        'y',
        'lock',
        'move',
        'add',
        'drop',
        'try',
        'began',
        'job',
        'grade',
        'was',
        'row',
        'block',
        'drill',
        'counted',
        'weeks',
        'notice',
        'theme',
        'units',
        'topic',
        'name',
        'coverage',
        'shipped',
        'back',
        '_kept',
        '_target_path',
    ];
    /** @var list<string> what pages have in their addresses */
    private array $known = [];

    public function __construct(private readonly string $address, private readonly string $console, int $seed)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
    }

    /** @return int how many answers were faults */
    public function run(int $requests): int
    {
        $routes = $this->routes();
        foreach (self::WHO as $who) {
            $this->clients[$who] = Client::of($this->address, $who, 3 * self::SLOW);
        }
        $this->look();
        $faults = $counted = [];
        $slowest = 0.0;
        for ($number = 1; $number <= $requests; ++$number) {
            [$who, $method, $path, $fields] = $this->request($this->pick($routes));
            $answer = $this->clients[$who]->send($method, $path, $fields);
            $slowest = max($slowest, $answer->seconds);
            $counted[$answer->status] = ($counted[$answer->status] ?? 0) + 1;
            if (0 === $answer->status || $answer->status >= 500 || $answer->seconds > self::SLOW) {
                $faults[] = \sprintf(
                    '%s, request %d: %d in %.2f s: %s %s %s %s',
                    date('H:i:s'),
                    $number,
                    $answer->status,
                    $answer->seconds,
                    '' === $who ? 'stranger' : $who,
                    $method,
                    $path,
                    json_encode($fields, \JSON_INVALID_UTF8_SUBSTITUTE),
                );
            }
        }
        ksort($counted);
        printf(
            "%d requests, slowest %.2f s; by status: %s\n",
            $requests,
            $slowest,
            implode(
                ', ',
                array_map(
                    static fn(int $status, int $count): string => "$status: $count",
                    array_keys($counted),
                    $counted,
                ),
            ),
        );
        foreach (\array_slice($faults, 0, 20) as $fault) {
            echo mb_strimwidth($fault, 0, 600, '…'), "\n";
        }

        return \count($faults);
    }

    /** @return list<array{string, string}> method and path of every route; nobody signs out on the way */
    private function routes(): array
    {
        /** @var array<string, array{path: string, method: string}> $all */
        $all = json_decode(
            (string) shell_exec(escapeshellarg($this->console) . ' debug:router --format=json 2>/dev/null'),
            true,
            16,
            \JSON_THROW_ON_ERROR,
        );
        $routes = [];
        foreach ($all as $name => $route) {
            foreach (
                'sign_out' === $name || str_starts_with($name, '_') ? [] : explode('|', $route['method']) as $method
            ) {
                $routes[] = ['ANY' === $method ? 'GET' : $method, $route['path']];
            }
        }

        return $routes;
    }

    /** Goes over the pages that a coach sees, for the things and fields that they name. */
    private function look(): void
    {
        $coach = $this->clients['coach'];
        $practices = $coach->send('GET', "/$coach->team/practice")->body;
        preg_match('~practice/(\d{4}-\d\d-\d\d-[a-z]{4})"~', $practices, $practice);
        foreach (
            [
                '',
                '/team',
                '/team/player/new',
                '/team/ballpark',
                '/team/opponents',
                '/team/lineup',
                '/team/stopwatch',
                '/situations/rules/new',
                '/situations/depths',
                '/practice/new',
                '/practice/drills/new',
                '/practice/needs',
                '/practice/' . ($practice[1] ?? ''),
                '/situations/R1-0/bunt/all',
                '/situations/R1-0/bunt/coverage/new?from=first-stays',
                '/situations/R1-0/bunt',
            ] as $path
        ) {
            $page = $coach->send('GET', "/$coach->team$path")->body;
            preg_match_all('/ name="([^"]+)"/', $page, $names);
            preg_match_all('/[0-9a-f]{8}-[0-9a-f-]{27}|\d{4}-\d\d-\d\d-[a-z]{4}/', $page, $ids);
            $this->fields = array_values(array_unique([...$this->fields, ...$names[1]]));
            $this->known = array_values(array_unique([...$this->known, ...$ids[0]]));
        }
        $this->known = [...$this->known, 'charge-and-throw', 'guard', 'first-stays', 'corners-crash'];
    }

    /**
     * @param array{string, string} $route
     *
     * @return array{string, string, string, array<mixed>}
     */
    private function request(array $route): array
    {
        [$method, $path] = $route;
        $who = $this->pick(self::WHO);
        $client = $this->clients[$who];
        $team =
            $this->chance->getInt(1, 20) > 1
                ? ('' === $client->team
                    ? $this->clients['coach']->team
                    : $client->team)
                : $this->word();
        $path = (string) preg_replace_callback(
            '/\{(\w+)\}/',
            fn(array $found): string => rawurlencode(
                match (true) {
                    'team' === $found[1] => $team,
                    'situation' === $found[1] && $this->chance->getInt(1, 5) > 1 => $this->pick([
                        'none-0',
                        'R1-0',
                        'R1R3-1',
                        'loaded-2',
                        'R3-0',
                    ]),
                    default => $this->word(),
                },
            ),
            $path,
        );
        $fields = $query = [];
        for ($field = $this->chance->getInt(0, 4); $field > 0; --$field) {
            $query[
                $this->pick([
                    ...$this->fields,
                    'view',
                    'bunt',
                    'moved',
                    'kind',
                    'how',
                    'batter',
                    'inning',
                    'score',
                    'half',
                    'count',
                    'pitcher',
                    'runners',
                    'at',
                    'from',
                    'to',
                    'again',
                    'family',
                    'unit',
                    'reach',
                    'together',
                    'with',
                    'surface',
                    'corners',
                    'against',
                    'bom',
                    'like',
                ])
            ] = $this->value();
        }
        if ('POST' === $method) {
            for ($field = $this->chance->getInt(0, 12); $field > 0; --$field) {
                $fields[$this->pick($this->fields)] = $this->value();
            }
            $fields['_token'] =
                $this->chance->getInt(1, 4) > 1 && '' !== $client->team ? $client->token() : $this->word();
        }
        parse_str(http_build_query($fields), $nested);

        return [$who, $method, [] === $query ? $path : $path . '?' . http_build_query($query), $nested];
    }

    /** @return string|array<mixed> */
    private function value(): string|array
    {
        return match ($this->chance->getInt(1, 12)) {
            1 => [$this->word()],
            2 => [$this->word() => [$this->word() => $this->word()]],
            3 => str_repeat($this->word() . 'x', $this->chance->getInt(1, 3000)),
            default => $this->word(),
        };
    }

    private function word(): string
    {
        return $this->pick(0 === $this->chance->getInt(0, 2) && [] !== $this->known ? $this->known : OddWords::ALL);
    }

    /**
     * @template T
     *
     * @param non-empty-list<T>|list<T> $from
     *
     * @return T
     */
    private function pick(array $from): mixed
    {
        return $from[$this->chance->getInt(0, \count($from) - 1)];
    }
}
