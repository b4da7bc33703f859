<?php

declare(strict_types=1);

namespace FoxCorner\App\Post;

use FoxCorner\App\Shared\Json\Fields;

/** A letter in the simulated post box. */
final readonly class PostedLetter
{
    private function __construct(
        public string $to,
        public string $subject,
        public string $text,
        public \DateTimeImmutable $at,
    ) {}

    public static function read(string $json): self
    {
        $fields = Fields::parse($json);

        return new self(
            $fields->text('to'),
            $fields->text('subject'),
            $fields->text('text'),
            new \DateTimeImmutable($fields->text('at')),
        );
    }

    /** @return list<array{string, bool}> pieces of the text, and whether each is a link */
    public function pieces(): array
    {
        $pieces = preg_split('~(https?://\S+)~', $this->text, -1, \PREG_SPLIT_DELIM_CAPTURE);

        return array_map(
            static fn(string $piece): array => [$piece, str_starts_with($piece, 'http')],
            false === $pieces ? [$this->text] : $pieces,
        );
    }
}
