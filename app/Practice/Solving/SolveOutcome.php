<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Solving;

use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** How a piece of work ended: a sentence, a step that can be taken back, figures for the page; or what cannot be. */
final readonly class SolveOutcome
{
    /**
     * @param array<string, float>                                      $figures
     * @param array{field: string, wrong: string, allowed: string}|null $refused
     * @param OtherSheet|null                                           $beside  kept only when somebody says so
     * @param string                                                    $found   what was found, as the kind of work
     *                                                                           writes it
     */
    private function __construct(
        public string $done,
        public ?string $undo,
        public array $figures,
        private ?array $refused,
        public ?OtherSheet $beside = null,
        public string $found = '',
    ) {}

    /** @param array<string, float> $figures */
    public static function done(string $words = '', ?string $undo = null, array $figures = []): self
    {
        return new self($words, $undo, $figures, null);
    }

    public static function found(string $found, string $words = ''): self
    {
        return new self($words, null, [], null, null, $found);
    }

    public static function besideTheOld(OtherSheet $found): self
    {
        return new self('', null, [], null, $found);
    }

    public static function refused(Problem $problem): self
    {
        return new self(
            '',
            null,
            [],
            ['field' => $problem->field(), 'wrong' => $problem->wrong(), 'allowed' => $problem->allowed()],
        );
    }

    public function problem(): ?Problem
    {
        return null === $this->refused
            ? null
            : Refused::because($this->refused['field'], $this->refused['wrong'], $this->refused['allowed']);
    }

    public function write(): string
    {
        return json_encode(
            [
                'done' => $this->done,
                'undo' => $this->undo,
                'figures' => $this->figures,
                'refused' => $this->refused,
                'beside' => $this->beside?->write(),
                'found' => $this->found,
            ],
            \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE,
        );
    }

    public static function read(string $json): self
    {
        /**
         * @var array{
         *     done: string,
         *     undo: string|null,
         *     figures: array<string, float|int>,
         *     refused: array{field: string, wrong: string, allowed: string}|null,
         *     beside?: array{string, string, float|int}|null,
         *     found?: string,
         * }
         * $read
         */
        $read = json_decode($json, true, 8, \JSON_THROW_ON_ERROR);

        return new self(
            $read['done'],
            $read['undo'],
            array_map(floatval(...), $read['figures']),
            $read['refused'],
            isset($read['beside']) ? new OtherSheet(...$read['beside']) : null,
            $read['found'] ?? '',
        );
    }
}
