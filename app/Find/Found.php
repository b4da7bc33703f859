<?php

declare(strict_types=1);

namespace FoxCorner\App\Find;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Help\Word;
use FoxCorner\App\Practice\Book\PracticeRepository;
use FoxCorner\App\Practice\Drills\DrillShelf;
use FoxCorner\Core\Runs\RunChain;

/** What of a team fits a few typed words: every word has to be in it, capitals aside. */
final readonly class Found
{
    /** Shown of each kind. */
    private const MOST = 12;

    public function __construct(
        private PlayerRepository $players,
        private DrillShelf $drills,
        private PracticeRepository $practices,
    ) {}

    /** @return array<string, list<FoundThing>> by what it is; only what was found */
    public function of(Membership $membership, string $typed): array
    {
        $words = preg_split('/\s+/u', mb_strtolower(trim($typed)), -1, \PREG_SPLIT_NO_EMPTY);
        if (false === $words || [] === $words) {
            return [];
        }
        $found = [];
        foreach ($this->all($membership) as $kind => $things) {
            $fits = array_filter($things, static fn(FoundThing $thing): bool => $thing->has($words));
            if ([] !== $fits) {
                $found[$kind] = \array_slice(array_values($fits), 0, self::MOST);
            }
        }

        return $found;
    }

    /** @return array<string, list<FoundThing>> */
    private function all(Membership $membership): array
    {
        $team = $membership->team;
        $of = $membership->canChange() ? 'edit_player' : 'team';
        $players = $situations = $drills = $practices = [];
        foreach ($this->players->rosterOf($team) as $player) {
            $players[] = new FoundThing(
                "$player->number $player->name",
                '',
                $of,
                $membership->canChange() ? ['player' => $player->id] : [],
            );
        }
        foreach (RunChain::situations() as $situation) {
            $key = $situation->key();
            $situations[] = new FoundThing($situation->label(), $key, 'situation', ['situation' => $key]);
        }
        foreach ($this->drills->of($team) as $drill) {
            $drills[] = new FoundThing($drill->name, $drill->purpose, 'drill', ['drill' => $drill->key]);
        }
        foreach ($this->practices->labels($team) as $practice) {
            $practices[] = new FoundThing($practice->startsAt->format('l j F Y'), $practice->place, 'practice', [
                'practice' => $practice->address(),
            ]);
        }

        return [
            'Players' => $players,
            'Situations' => $situations,
            'Drills' => $drills,
            'Practices' => $practices,
            'Words' => array_map(
                static fn(Word $word): FoundThing => new FoundThing(ucfirst($word->value), $word->meaning(), null, []),
                Word::cases(),
            ),
        ];
    }
}
