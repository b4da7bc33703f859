<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Drills;

use FoxCorner\App\Club\Team;
use FoxCorner\App\Shared\Json\Documents;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use Symfony\Component\Serializer\Normalizer\AbstractNormalizer;

/** The drills that a team can choose from: those that come with the program, and its own. */
final readonly class DrillShelf
{
    /** Of an own drill's form: docs/schemas/drill.json. */
    private const VERSION = 1;

    public function __construct(private OwnDrillRepository $own, private Documents $documents) {}

    /** @return array<string, Drill> by key, the team's own first; without those it has put away */
    public function of(Team $team): array
    {
        return $this->with($this->own->of($team, false));
    }

    /** @return array<string, Drill> also those that were put away: old sheets and records name them */
    public function ever(Team $team): array
    {
        return $this->with($this->own->of($team, true));
    }

    public function write(DrillDraft $draft): string
    {
        return $this->documents->write($draft, self::VERSION, [AbstractNormalizer::IGNORED_ATTRIBUTES => ['version']]);
    }

    public function draftOf(OwnDrill $own): DrillDraft
    {
        $draft = $this->documents->read($own->document(), DrillDraft::class, self::VERSION);
        // Not the form's: what the row was when it was opened.
        $draft->version = $own->version();

        return $draft;
    }

    /**
     * @param list<OwnDrill> $own
     *
     * @return array<string, Drill>
     */
    private function with(array $own): array
    {
        $drills = [];
        foreach ($own as $one) {
            $drills[$one->key()] = $this->draftOf($one)->toDrill($one->key());
        }

        return $drills + ShippedDrills::all();
    }
}
