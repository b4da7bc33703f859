<?php

declare(strict_types=1);

namespace FoxCorner\App\Help;

use FoxCorner\App\Shared\Address\PlaceExtension;
use Twig\Extension\AbstractExtension;
use Twig\TwigFilter;
use Twig\TwigFunction;

/** Help where it is wanted: the topic of the page, and words explained where they stand. */
final class HelpExtension extends AbstractExtension
{
    /** Words that explain themselves where they stand; others would be underlined everywhere. */
    private const PLAIN = [
        Word::Alignment,
        Word::BackUp,
        Word::Charge,
        Word::Corners,
        Word::Coverage,
        Word::Depth,
        Word::Feed,
        Word::Finding,
        Word::Force,
        Word::Read,
    ];

    /** So that no two on a page have the same name, whatever part of it comes later. */
    private string $series = '';
    private int $count = 0;

    public function __construct(private readonly PlaceExtension $place) {}

    public function getFilters(): array
    {
        return [new TwigFilter('explained', $this->explained(...), ['is_safe' => ['html']])];
    }

    public function getFunctions(): array
    {
        return [new TwigFunction('help_topic', fn(): Topic => Topic::at($this->place->at()))];
    }

    /** A text with its words as buttons that say what they mean, each once. */
    private function explained(string $text): string
    {
        $html = htmlspecialchars($text);
        foreach (Word::cases() as $word) {
            if (!\in_array($word, self::PLAIN, true)) {
                $html = (string) preg_replace_callback(
                    // Not inside what an earlier word has put there.
                    '/<button.*?<\/span>(*SKIP)(*FAIL)|\b' . preg_quote($word->value, '/') . '(?:s|d|es)?\b/iu',
                    fn(array $is): string => $this->button($word, $is[0]),
                    $html,
                    1,
                );
            }
        }

        return $html;
    }

    private function button(Word $word, string $as): string
    {
        $this->series = '' === $this->series ? bin2hex(random_bytes(3)) : $this->series;
        $id = 'word-' . $this->series . '-' . ++$this->count;

        return \sprintf(
            '<button type="button" class="word" popovertarget="%1$s">%2$s</button>' .
                '<span class="word-meaning" id="%1$s" popover>%3$s: %4$s</span>',
            $id,
            $as,
            ucfirst($word->value),
            htmlspecialchars($word->meaning()),
        );
    }
}
