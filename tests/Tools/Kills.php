<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Tools;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Kills database, PHP, web server and workers in a stream of saves, starts them again, and looks whether everything
 * that was acknowledged is there.
 */
final class Kills
{
    private const SERVICES = ['mariadb', 'fpm', 'nginx', 'workers'];
    private readonly Randomizer $chance;
    /** @var array<int, int> the last arm that was acknowledged by shirt number, mph */
    private array $acknowledged = [];
    /** @var array<int, list<int>> arms sent since then of which nobody knows */
    private array $unknown = [];
    private int $saves = 0;

    public function __construct(private readonly string $address, private readonly string $root, int $seed)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
    }

    /** @return int how many acknowledged saves were lost */
    public function run(int $kills): int
    {
        $players = $this->players(Client::of($this->address, 'coach'));
        $lost = 0;
        for ($kill = 1; $kill <= $kills; ++$kill) {
            $service = self::SERVICES[$this->chance->getInt(0, \count(self::SERVICES) - 1)];
            $this->save($players, $this->chance->getInt(3, 12), $service);
            $this->shell("start_$service");
            $missing = $this->missing($this->players(Client::of($this->address, 'coach')));
            $lost += $missing;
            printf("kill %d, %s: %d saves so far, %d lost\n", $kill, $service, $this->saves, $missing);
        }

        return $lost;
    }

    /** @param array<int, string> $players */
    private function save(array $players, int $saves, string $service): void
    {
        $coach = Client::of($this->address, 'coach', 12.0);
        for ($save = 1; $save <= $saves; ++$save) {
            $number = array_keys($players)[$this->chance->getInt(0, \count($players) - 1)];
            $form = $coach->send('GET', "/$coach->team/team/player/{$players[$number]}")->body;
            preg_match_all('/name="(player_form\[[^"]+)"[^>]* value="([^"]*)"/', $form, $found, \PREG_SET_ORDER);
            parse_str(
                implode(
                    '&',
                    array_map(
                        static fn(array $field): string => urlencode($field[1]) .
                            '=' .
                            urlencode(html_entity_decode($field[2])),
                        $found,
                    ),
                ),
                $fields,
            );
            $arm = $this->chance->getInt(30, 70);
            if (!\is_array($fields['player_form'] ?? null)) {
                continue;
            }
            $fields['player_form'] = [
                ...$fields['player_form'],
                'arm' => $arm,
                'throws' => 'R',
                'bats' => 'R',
                'limit' => 'none',
                'pitching' => 'ordinary',
                'fielding' => 'ordinary',
            ];
            if ($save === $saves) {
                // While the last one is on its way.
                $this->shell(
                    "(sleep 0.0{$this->chance->getInt(
                        0,
                        9,
                    )}; kill -9 -- -\$(cat \$RUN_DIR/$service.pid)) >/dev/null 2>&1 &",
                );
            }
            ++$this->saves;
            $answer = $coach->send('POST', "/$coach->team/team/player/{$players[$number]}", $fields);
            if (303 === $answer->status) {
                [$this->acknowledged[$number], $this->unknown[$number]] = [$arm, []];
            } else {
                $this->unknown[$number][] = $arm;
            }
        }
        usleep(200_000);
    }

    /** @param array<int, string> $players */
    private function missing(array $players): int
    {
        $coach = Client::of($this->address, 'coach');
        $missing = 0;
        foreach ($this->acknowledged as $number => $arm) {
            $page = $coach->send('GET', "/$coach->team/team/player/{$players[$number]}")->body;
            preg_match('/name="player_form\[arm\]"[^>]* value="([\d.]*)"/', $page, $found);
            if (!\in_array((int) ($found[1] ?? 0), [$arm, ...$this->unknown[$number] ?? []], true)) {
                printf("  %d should have %d mph and has %s\n", $number, $arm, $found[1] ?? 'nothing');
                ++$missing;
            }
        }

        return $missing;
    }

    /** @return array<int, string> ids by shirt number */
    private function players(Client $coach): array
    {
        preg_match_all(
            '~text-right">\s*(\d+)\s*</td>\s*<th[^>]*>\s*<a\s+href="/[^/]+/team/player/([0-9a-f-]{36})"~',
            $coach->send('GET', "/$coach->team/team")->body,
            $found,
            \PREG_SET_ORDER,
        );

        $players = [];
        foreach ($found as [, $number, $id]) {
            $players[(int) $number] = $id;
        }

        return $players;
    }

    private function shell(string $line): void
    {
        $bin = escapeshellarg("$this->root/bin/lib");
        exec(
            'bash -c ' .
                escapeshellarg(
                    "PROFILE=test; . $bin/settings.sh; . $bin/install.sh; . $bin/owner.sh; . $bin/services.sh; $line",
                ),
            $output,
            $code,
        );
        if (0 !== $code) {
            throw new \RuntimeException(implode("\n", $output));
        }
    }
}
