<?php

declare(strict_types=1);

namespace FoxCorner\Bench;

use Symfony\Component\DomCrawler\Crawler;

/** What a coach changes, by the forms of the pages; each time to something new. */
final class Edits
{
    private int $count;

    public function __construct(private readonly Visitor $coach)
    {
        // What an earlier run has left is to be changed too.
        $this->count = random_int(0, 1_000_000);
    }

    public function rename(): void
    {
        $this->player('name', static fn(int $count): string => "Renamed $count");
    }

    /** Of a player who is in the field in every situation: no figure is what it was. */
    public function measure(): void
    {
        $this->player('arm', static fn(int $count): string => (string) (55 + ($count % 400) / 100));
    }

    /** The shortstop a little elsewhere with a runner on first, nobody out. */
    public function nudge(): void
    {
        $page = $this->coach->page('/situations/R1-0?moved=6:' . (-30 - (++$this->count % 80) / 10) . ',90');
        $this->submit($page->filter('form[action*="/spots"]')->first());
    }

    public function rule(): void
    {
        $turns = $this->coach->page('/situations/rules')->filter('form[action*="/turn"]');
        $this->submit($turns->eq(++$this->count % \count($turns)));
    }

    /** @param callable(int): string $to */
    private function player(string $field, callable $to): void
    {
        $link = $this->coach
            ->page('/team')
            ->filter('a[href*="/team/player/"]:not([href$="/new"])')
            ->first()
            ->attr('href');
        $this->submit($this->coach->page(self::path((string) $link))->filter('form[name="player_form"]'), [
            $field => $to(++$this->count),
        ]);
    }

    /** @param array<string, string> $changes to fields of the form of that name */
    private function submit(Crawler $form, array $changes = []): void
    {
        $values = $form->form()->getPhpValues();
        $name = (string) $form->attr('name');
        if ([] !== $changes && \is_array($values[$name] ?? null)) {
            $values[$name] = [...$values[$name], ...$changes];
        }
        $action = (string) $form->attr('action');
        $this->coach->post('' === $action ? $this->coach->path() : self::path($action), $values);
    }

    /** Without the team that it begins with. */
    private static function path(string $address): string
    {
        return (string) preg_replace('~^/[^/]+~', '', $address);
    }
}
