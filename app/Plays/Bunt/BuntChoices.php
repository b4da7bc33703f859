<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\Bunt;

use FoxCorner\App\Plan\Address\Choice;
use FoxCorner\App\Plan\Address\SituationAddress;
use FoxCorner\Core\Family\Bunt\BuntGrid;
use FoxCorner\Core\Family\Bunt\BuntKind;
use FoxCorner\Core\Family\Bunt\BuntTrial;
use FoxCorner\Core\Family\Bunt\PoppedUp;
use FoxCorner\Core\Game\BuntOutlook;
use FoxCorner\Core\Game\BuntPoints;
use FoxCorner\Core\Game\IntentMix;
use FoxCorner\Core\Plan\Audit\PlannedPlay;

/** The directions, the lengths and the kinds of bunt to pick from. */
final readonly class BuntChoices
{
    /** In the order of the core's grid. */
    private const WAYS = ['Third line', 'Third side', 'Middle', 'First side', 'First line'];
    private const LENGTHS = ['Dead', 'Placed', 'Firm'];

    /**
     * @param list<Choice>          $ways
     * @param list<Choice>          $lengths
     * @param list<BuntKind>        $kinds   that make sense here
     * @param array<string, string> $stays   parameters of a form that picks the kind
     * @param list<PoppedUp>        $popped  what becomes of it in the air; none with two out, where nobody waits
     */
    private function __construct(
        public array $ways,
        public array $lengths,
        public array $kinds,
        public BuntKind $kind,
        public array $stays,
        public BuntOutlook $outlook,
        public BuntPoints $points,
        public IntentMix $mix,
        public array $popped,
    ) {}

    /** Whether a bunt is likely, and what speaks for it, as a sentence. */
    public function outlookWords(): string
    {
        $often = \sprintf('about one ball in %s', self::oneIn($this->mix->bunted()));

        return match (true) {
            $this->outlook->isLikely() => "Likely enough to be ready, $often: {$this->outlook->because()}.",
            [] !== $this->outlook->for => "No bunt is likely here, $often, though {$this->outlook->because()}.",
            default => "No bunt is likely here: $often.",
        };
    }

    /** "4" */
    private static function oneIn(float $share): string
    {
        return $share > 0.01 ? (string) round(1 / $share) : 'a hundred or more';
    }

    public static function of(SituationAddress $address, BuntTrial $bunt, PlannedPlay $play): self
    {
        $state = $play->plan->state;
        $ways = $lengths = [];
        foreach (BuntGrid::DIRECTIONS as $index => $degrees) {
            $ways[] = new Choice(
                'way-' . ($index + 1),
                self::WAYS[$index],
                $address->with(['bunt' => \sprintf('%g,%g', $degrees, $bunt->feet)]),
                $degrees === $bunt->degrees,
            );
        }
        foreach (BuntGrid::REST_DISTANCES as $index => $feet) {
            $lengths[] = new Choice(
                "far-$feet",
                self::LENGTHS[$index],
                $address->with(['bunt' => \sprintf('%g,%g', $bunt->degrees, $feet)]),
                $feet === $bunt->feet,
            );
        }

        return new self(
            $ways,
            $lengths,
            BuntKind::in($address->situation),
            $bunt->kind,
            $address->with(['situation' => null, 'view' => null, 'how' => null]),
            BuntOutlook::of($state),
            $state->setting(BuntPoints::class),
            IntentMix::of($state),
            $state->hasFewerThanTwoOuts() && null !== $play->coverage
                ? PoppedUp::all($bunt->kind->setting($play->scene()), $play->coverage)
                : [],
        );
    }
}
