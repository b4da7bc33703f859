<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Drills;

use FoxCorner\App\Club\Team;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\App\Shared\Json\Version;
use FoxCorner\Core\Practice\Drill;
use FoxCorner\Core\Practice\Drill\ShippedDrills;
use Symfony\Component\Serializer\Normalizer\AbstractNormalizer;
use Symfony\Component\Serializer\SerializerInterface;

/** The drills that a team can choose from: those that come with the program, and its own. */
final readonly class DrillShelf
{
    /** Of an own drill's form: docs/schemas/drill.json. */
    private const VERSION = 1;

    public function __construct(private OwnDrillRepository $own, private SerializerInterface $serializer) {}

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
        return Version::said(
            $this->serializer->serialize($draft, 'json', [AbstractNormalizer::IGNORED_ATTRIBUTES => ['version']]),
            self::VERSION,
        );
    }

    public function draftOf(OwnDrill $own): DrillDraft
    {
        Version::of(Fields::parse($own->document()), self::VERSION);
        $draft = $this->serializer->deserialize($own->document(), DrillDraft::class, 'json');
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
