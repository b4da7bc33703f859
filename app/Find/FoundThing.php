<?php

declare(strict_types=1);

namespace FoxCorner\App\Find;

/** Something that a search can find: its name, a few words on it, and the page that it leads to. */
final readonly class FoundThing
{
    /**
     * @param string|null           $route null: there is nothing to go to
     * @param array<string, string> $there what the page is called with
     */
    public function __construct(public string $name, public string $more, public ?string $route, public array $there) {}

    /** @param list<string> $words in small letters */
    public function has(array $words): bool
    {
        $text = mb_strtolower("$this->name $this->more");
        foreach ($words as $word) {
            if (!str_contains($text, $word)) {
                return false;
            }
        }

        return true;
    }
}
