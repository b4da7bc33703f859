<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan\Codec;

use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Alignment\Depth\DepthTable;
use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Alignment\KeptSpot;
use FoxCorner\Core\Alignment\Rule\ShippedRules;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\FamilyPlan;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Play\Choice\OutLines;
use FoxCorner\Core\Play\Clock\Vocabulary;
use FoxCorner\Core\Play\Clock\VoiceWord;
use FoxCorner\Core\Play\Contract\HasSettings;
use FoxCorner\Core\Play\Contract\PlayFamilies;
use FoxCorner\Core\Problem\Problem;

/**
 * A plan as a JSON document and back; its schema is docs/schemas/plan.json.
 *
 * Depths and rules that are as shipped are left out, so that a team that never touched them gets better
 * ones with the program. Documents of older versions are read through {@see PlanVersions}.
 */
final readonly class BookCodec
{
    public const VERSION = 4;
    /** The document of a team that has decided nothing. */
    public const NOTHING = '{"version":4}';

    public function __construct(private PlayFamilies $families) {}

    public function write(PlanBook $book, RuleSet $rules): string
    {
        $shipped = PlanBook::shipped($rules);
        $isShipped = Fingerprint::of($book->rules) === Fingerprint::of($shipped->rules);
        $decided = array_filter($book->plays, static fn(FamilyPlan $plan): bool => !$plan->isEmpty());
        $parts = [
            'depths' => DepthCodec::write($book->depths, $shipped->depths),
            'rules' => $isShipped ? [] : array_map(RuleCodec::write(...), $book->rules),
            'kept' => array_filter(
                array_map(self::writeSpots(...), $book->kept),
                static fn(array $spots): bool => [] !== $spots,
            ),
            'plays' => array_map(PlaysCodec::write(...), $decided),
            'out_lines' => $book->lines->isOrdinary()
                ? []
                : ['sure' => $book->lines->sure, 'chance' => $book->lines->chance],
            'words' => $book->words->own,
        ];

        return json_encode(
            ['version' => self::VERSION, ...array_filter($parts, static fn(array $part): bool => [] !== $part)],
            \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_PRESERVE_ZERO_FRACTION,
        );
    }

    /** @throws Problem when the document is not a plan's, or of a version that is not known yet */
    public function read(string $document, RuleSet $rules): PlanBook
    {
        $fields = PlanVersions::current(Fields::parse($document));
        $own = array_map(RuleCodec::read(...), $fields->each('rules'));

        return new PlanBook(
            DepthCodec::read($fields->within('depths'), DepthTable::shipped($rules)),
            [] === $own ? ShippedRules::all() : $own,
            array_map(
                static fn(Fields $spots): array => array_map(self::readSpot(...), $spots->items()),
                $fields->map('kept'),
            ),
            $this->readPlays($fields->map('plays')),
            Vocabulary::of(self::words($fields->within('words'))),
            OutLines::of(
                $fields->within('out_lines')->number('sure', OutLines::SURE),
                $fields->within('out_lines')->number('chance', OutLines::CHANCE),
            ),
        );
    }

    /**
     * @param array<string, Fields> $plays by the family's key
     *
     * @return array<string, FamilyPlan>
     */
    private function readPlays(array $plays): array
    {
        $read = [];
        foreach ($plays as $key => $fields) {
            $family = $this->families->find($key);
            $read[$key] = PlaysCodec::read($fields, $family instanceof HasSettings ? $family->settings() : null);
        }

        return $read;
    }

    /**
     * @param list<KeptSpot> $spots
     *
     * @return list<array<string, mixed>>
     */
    private static function writeSpots(array $spots): array
    {
        return array_map(
            static fn(KeptSpot $spot): array => [
                'position' => $spot->position->value,
                'depth' => $spot->depth->value,
                'x_ft' => round($spot->point->x, 2),
                'y_ft' => round($spot->point->y, 2),
                'by' => $spot->by,
            ],
            $spots,
        );
    }

    private static function readSpot(Fields $spot): KeptSpot
    {
        $point = Point::of($spot->number('x_ft'), $spot->number('y_ft'));

        return new KeptSpot(
            Position::ofNumber($spot->whole('position', 0)),
            $spot->enum('depth', NamedDepth::class),
            $point,
            $spot->text('by'),
        );
    }

    /** @return array<string, string> */
    private static function words(Fields $fields): array
    {
        $words = [];
        foreach (VoiceWord::cases() as $word) {
            $words[$word->value] = $fields->text($word->value);
        }

        return $words;
    }
}
