<?php

declare(strict_types=1);

namespace FoxCorner\Bench;

use Symfony\Component\DomCrawler\Crawler;

/** What a coach takes away: the practice sheet and its cards as PDF, the team and the club as archives. */
final readonly class PaperTimings
{
    private const TIMES = 5;
    private const SHEETS = ['practice sheet, PDF' => '/sheet.pdf', 'station cards, PDF' => '/cards.pdf'];
    private const ARCHIVES = ['archive of the team' => 'team.zip', 'archive of the club' => 'all.zip'];

    public function __construct(private Visitor $coach, private Table $table) {}

    public function print(): void
    {
        $this->table->head('paper and archives; of the clock');
        $practice = $this->practice();
        foreach (self::SHEETS as $name => $path) {
            $this->table->line($name, $this->clock(fn(): string => $this->coach->get($practice . $path), '%PDF'));
        }
        $token = $this->coach->page('/club')->filter('form[action$="team.zip"] input[name="_token"]')->attr('value');
        foreach (self::ARCHIVES as $name => $file) {
            $sent = fn(): string => $this->coach->post("/club/$file", ['_token' => $token]);
            $this->table->line($name, $this->clock($sent, 'PK'));
        }
    }

    /** The path of one that is on the calendar. */
    private function practice(): string
    {
        $links = $this->coach->page('/practice')->filter('a[href*="/practice/"]');
        foreach ($links->each(static fn(Crawler $link): string => (string) $link->attr('href')) as $address) {
            $path = (string) preg_replace('~^/[^/]+(/practice/[0-9a-z-]+).*$~', '$1', $address);
            if (str_starts_with($this->coach->get("$path/sheet.pdf"), '%PDF')) {
                return $path;
            }
        }

        throw new \RuntimeException('The demo has no practice with a sheet.');
    }

    /** @param callable(): string $ask */
    private function clock(callable $ask, string $begins): Timing
    {
        $clock = [];
        for ($time = 0; $time < self::TIMES; ++$time) {
            $from = hrtime(true);
            $answer = $ask();
            $clock[] = (hrtime(true) - $from) / 1e6;
            if (!str_starts_with($answer, $begins)) {
                throw new \RuntimeException("What was sent does not begin with $begins.");
            }
        }

        return Timing::measured($clock);
    }
}
