<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Book;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Shared\Identified;
use Symfony\Component\Uid\Uuid;

/** A practice on a day: what there is to work with, and the schedule that was solved from it. */
#[ORM\Index(name: 'of_team_by_letters', columns: ['team_id', 'letters'])]
#[ORM\Entity(repositoryClass: PracticeRepository::class)]
#[ORM\Index(columns: ['team_id', 'starts_at'])]
class Practice
{
    use Identified;

    #[ORM\Version]
    #[ORM\Column(type: 'integer')]
    private int $version = 1;

    /** By the clock on the field's own wall. */
    #[ORM\Column]
    private \DateTimeImmutable $startsAt;

    #[ORM\Column(type: Types::SMALLINT)]
    private int $minutes;

    /** Of its address. */
    #[ORM\Column(length: 4, options: ['fixed' => true])]
    private string $letters;

    #[ORM\Column(length: 120)]
    private string $place;

    /** @var list<string> ids of the players who come */
    #[ORM\Column(type: 'json')]
    private array $comes;

    /** What there is to work with as JSON, written by {@see Setup\SetupCodec}. */
    #[ORM\Column(type: Types::TEXT)]
    private string $setup;

    /** The sheet as JSON, written by the sheet’s codec. */
    #[ORM\Column(type: Types::TEXT)]
    private string $sheet;

    public function __construct(
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false)] public readonly Team $team,
        PracticeWish $wish,
        string $sheet,
        ?Uuid $id = null,
    ) {
        $this->id = $id ?? Uuid::v7();
        $this->letters = PracticeAddress::lettersOf($this->id);
        $this->change($wish, $sheet);
    }

    /** As {@see PracticeAddress} reads it. */
    public function address(): string
    {
        return $this->startsAt()->format('Y-m-d-') . $this->letters;
    }

    public function change(PracticeWish $wish, string $sheet): void
    {
        $this->startsAt = $wish->startsAt;
        $this->minutes = $wish->minutes;
        $this->place = $wish->place;
        $this->comes = $wish->comes;
        $this->arrange($wish->setup, $sheet);
    }

    /** The same hour and people, arranged otherwise. */
    public function arrange(string $setup, string $sheet): void
    {
        $this->setup = $setup;
        $this->sheet = $sheet;
    }

    /** @param list<string> $comes */
    public function comeNow(array $comes, string $sheet): void
    {
        $this->comes = $comes;
        $this->sheet = $sheet;
    }

    public function startsAt(): \DateTimeImmutable
    {
        return $this->startsAt;
    }

    public function endsAt(): \DateTimeImmutable
    {
        return $this->startsAt->modify("+$this->minutes minutes");
    }

    public function minutes(): int
    {
        return $this->minutes;
    }

    public function place(): string
    {
        return $this->place;
    }

    /** @return list<string> */
    public function comes(): array
    {
        return $this->comes;
    }

    public function setup(): string
    {
        return $this->setup;
    }

    public function sheet(): string
    {
        return $this->sheet;
    }

    /** As it was wanted, to be wanted again otherwise. */
    public function wish(): PracticeWish
    {
        return new PracticeWish($this->startsAt, $this->minutes, $this->place, $this->comes, $this->setup);
    }

    /** As a step names it. */
    public function words(): string
    {
        return 'the practice of ' . $this->startsAt->format('D j M, H:i');
    }

    public function version(): int
    {
        return $this->version;
    }
}
