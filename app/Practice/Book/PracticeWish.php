<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Book;

use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Problem\Missing;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Value\ButFor;

/** A practice as it is wanted, before anything is solved: when, for how long, where, who comes, with what. */
final readonly class PracticeWish
{
    use ButFor;

    private const MINUTE = 'Y-m-d\TH:i';

    /**
     * @param list<string> $comes ids of players
     * @param string       $setup JSON by {@see Setup\SetupCodec}
     */
    public function __construct(
        public \DateTimeImmutable $startsAt,
        public int $minutes,
        public string $place,
        public array $comes,
        public string $setup,
    ) {}

    /** @throws Problem when day and time, or the minutes, are missing */
    public static function of(PracticeDraft $draft, string $setup): self
    {
        return new self(
            $draft->startsAt ?? throw Missing::at('day and time', 'a day and a time'),
            $draft->minutes ?? throw Missing::at('minutes', '14 to 180 minutes'),
            trim($draft->place ?? ''),
            $draft->comes,
            $setup,
        );
    }

    /** What {@see toArray} gave, from JSON. */
    public static function read(string $json): self
    {
        $fields = Fields::parse($json);

        return new self(
            new \DateTimeImmutable($fields->text('starts_at')),
            $fields->whole('minutes', 0),
            $fields->text('place'),
            $fields->texts('comes'),
            $fields->text('setup'),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'starts_at' => $this->startsAt->format(self::MINUTE),
            'minutes' => $this->minutes,
            'place' => $this->place,
            'comes' => $this->comes,
            'setup' => $this->setup,
        ];
    }

    public function at(\DateTimeImmutable $startsAt, string $setup): self
    {
        return $this->but(startsAt: $startsAt, setup: $setup);
    }

    public function endsAt(): \DateTimeImmutable
    {
        return $this->startsAt->modify("+$this->minutes minutes");
    }
}
