<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Book;

use FoxCorner\App\Club\Player;
use FoxCorner\App\Shared\Lines;
use FoxCorner\Core\People\Limit;
use FoxCorner\Core\Practice\Build\FieldPart;
use FoxCorner\Core\Practice\Build\Helper;
use FoxCorner\Core\Problem\Missing;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use Symfony\Component\Uid\Uuid;

/** A practice as a form gives it. */
final class PracticeDraft
{
    private const WHO_HITS = '~^(?<name>.*?)[\s,;]+hits\.?$~i';

    public ?\DateTimeImmutable $startsAt = null;
    public ?int $minutes = 70;
    public ?string $place = null;
    /** One a line, ", hits" behind those who can. */
    public ?string $whoHelps = "Coach, hits\nAssistant, hits\nA parent";
    public ?FieldPart $part = FieldPart::Whole;
    /** @var array<string, int|null> pieces by name */
    public array $equipment = PracticeSetup::SHED;
    /** min of each part; null: by the length */
    public ?int $warmUp = null;
    public ?int $core = null;
    public ?int $round = null;
    public ?int $teamDefence = null;
    public ?int $finish = null;
    public bool $isHot = false;

    /** Whether there is a grown-up at every station. */
    public bool $isWatched = false;

    /** @var list<string> ids of players who may not throw tonight, and of those who throw softly */
    public array $noThrows = [];
    /** @var list<string> */
    public array $softThrows = [];
    /** One a line: shirt number, name if you like, and the hard throws that are left for the day. */
    public ?string $counted = null;
    /** @var list<string> ids of the players who come */
    public array $comes = [];
    public int $version = 0;

    /** Names what is made, so that a form that is sent twice makes it once: the id of a practice to be. */
    public string $once;
    /** Whether it is meant though something else has the field then. */
    public bool $allTheSame = false;

    public function __construct()
    {
        $this->once = Uuid::v7()->toRfc4122();
    }

    /** @param list<Player> $players who are on the roster: all of them come unless somebody says otherwise */
    public static function at(
        \DateTimeImmutable $startsAt,
        array $players,
        ?PracticeSetup $last = null,
        string $place = '',
    ): self {
        $draft = new self();
        $draft->startsAt = $startsAt;
        $draft->comes = array_map(static fn(Player $player): string => $player->id()->toRfc4122(), $players);
        $draft->place = $place;
        if (null !== $last) {
            $draft->workWith($last);
        }

        return $draft;
    }

    public static function of(Practice $practice, PracticeSetup $setup): self
    {
        return self::wished($practice->wish(), $setup, $practice->version());
    }

    /** @param int $version of the practice that is to be changed; 0 for a new one */
    public static function wished(PracticeWish $wish, PracticeSetup $setup, int $version): self
    {
        $draft = new self();
        $draft->startsAt = $wish->startsAt;
        $draft->minutes = $wish->minutes;
        $draft->place = $wish->place;
        $draft->comes = $wish->comes;
        $draft->version = $version;
        $draft->workWith($setup);

        return $draft;
    }

    /** @throws Problem when a helper is there twice, or a length is missing */
    public function setup(): PracticeSetup
    {
        return new PracticeSetup(
            $this->helpers(),
            array_map(static fn(?int $pieces): int => max(0, $pieces ?? 0), $this->equipment),
            ($this->part ?? throw Missing::at('part', 'a part of the field'))->value,
            $this->warmUp,
            $this->round,
            $this->teamDefence,
            $this->finish,
            $this->isHot,
            isWatched: $this->isWatched,
            limits: [
                ...array_fill_keys($this->softThrows, Limit::SoftThrowing->value),
                ...array_fill_keys($this->noThrows, Limit::NoThrowing->value),
            ],
            core: $this->core,
            throwsLeft: array_map(self::counted(...), Lines::of($this->counted)),
        );
    }

    /**
     * @return array{int|string, int}
     *
     * @throws Problem when it is no number and a number
     */
    private static function counted(string $line): array
    {
        if (1 !== preg_match('~^(\d{1,3})\b.*?\b(\d{1,4})\D*$~', $line, $found)) {
            throw Refused::because(
                'counted arms',
                "“{$line}” is not clear",
                'a shirt number and throws, as “21 Hale 25”',
            );
        }
        OutOfRange::unlessBetween('counted arms', (int) $found[2], 0, 200, 'throws left for the day');

        return ['00' === $found[1] ? '00' : (int) $found[1], (int) $found[2]];
    }

    private function workWith(PracticeSetup $setup): void
    {
        $this->whoHelps = implode(
            "\n",
            array_map(
                static fn(Helper $helper): string => $helper->name . ($helper->hits ? ', hits' : ''),
                $setup->helpers,
            ),
        );
        $this->part = $setup->fieldPart();
        $this->equipment = [...PracticeSetup::SHED, ...$setup->equipment];
        [$this->warmUp, $this->round, $this->teamDefence, $this->finish, $this->isHot] = [
            $setup->warmUp,
            $setup->round,
            $setup->teamDefence,
            $setup->finish,
            $setup->isHot,
        ];
        $this->core = $setup->core;
        $this->counted = implode(
            "\n",
            array_map(static fn(array $one): string => "$one[0] $one[1]", $setup->throwsLeft),
        );
        $this->isWatched = $setup->isWatched;
        $this->softThrows = array_keys($setup->limits, Limit::SoftThrowing->value, true);
        $this->noThrows = array_keys($setup->limits, Limit::NoThrowing->value, true);
    }

    /** @return list<Helper> */
    private function helpers(): array
    {
        $helpers = [];
        foreach (Lines::of($this->whoHelps) as $line) {
            $helper =
                1 === preg_match(self::WHO_HITS, $line, $parts)
                    ? new Helper($parts['name'], true)
                    : new Helper($line, false);
            if (isset($helpers[$helper->name])) {
                throw Refused::because('helpers', "“{$helper->name}” is there twice", 'each name once, one a line');
            }
            $helpers[$helper->name] = $helper;
        }

        return array_values($helpers);
    }
}
