<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use FoxCorner\Core\Game\BuntPoints;
use FoxCorner\Core\Game\BuntSign;
use FoxCorner\Core\Play\LeadOutPolicy;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Alignment\DepthFractions;
use FoxCorner\Core\Alignment\DepthName;
use FoxCorner\Core\Alignment\DepthTable;
use FoxCorner\Core\Alignment\KeptSpot;
use FoxCorner\Core\Alignment\NamedDepth;
use FoxCorner\Core\Alignment\Rule\ShippedRules;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\Sport;
use FoxCorner\Core\InvalidValue;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\PositionGroup;
use FoxCorner\Core\Plan\CoverageChoice;
use FoxCorner\Core\Plan\PlanBook;

/**
 * A plan as a JSON document and back.
 *
 * Depths and rules that are as shipped are left out, so that a team that never touched them gets better
 * ones with the program.
 */
final class BookCodec
{
    /** The document of a team that has decided nothing. */
    public const NOTHING = '{}';
    private const GROUPS = [PositionGroup::Corners, PositionGroup::Middle];

    public function write(PlanBook $book, Sport $sport): string
    {
        $shipped = PlanBook::shipped($sport);

        return json_encode((object) array_filter([
            'depths' => self::writeDepths($book->depths, $shipped->depths),
            'rules' => Fingerprint::of($book->rules) === Fingerprint::of($shipped->rules) ? [] : array_map(RuleCodec::write(...), $book->rules),
            'kept' => array_filter(array_map(static fn(array $spots): array => array_map(self::writeSpot(...), $spots), $book->kept), static fn(array $spots): bool => [] !== $spots),
            'own' => array_map(CoverageCodec::write(...), $book->own),
            'policies' => array_map(static fn(LeadOutPolicy $policy): string => $policy->value, $book->policies),
            'bunt_points' => $book->buntPoints->isOrdinary() ? [] : [...$book->buntPoints->all(), 'likely_at' => $book->buntPoints->likelyAt],
            'coverages' => array_map(static fn(CoverageChoice $choice): array => ['coverage' => $choice->coverage, 'by' => $choice->by, 'at' => $choice->at->format(\DATE_ATOM)], $book->coverages),
        ], static fn(array $part): bool => [] !== $part), \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_PRESERVE_ZERO_FRACTION);
    }

    /** @throws InvalidValue when the document is not a plan's */
    public function read(string $document, Sport $sport): PlanBook
    {
        $fields = Fields::parse($document);
        $rules = array_map(RuleCodec::read(...), $fields->each('rules'));

        return new PlanBook(
            self::readDepths($fields->within('depths'), DepthTable::shipped($sport)),
            [] === $rules ? ShippedRules::all() : $rules,
            array_map(static fn(Fields $spots): array => array_map(self::readSpot(...), $spots->items()), $fields->map('kept')),
            array_map(static fn(Fields $choice): CoverageChoice => new CoverageChoice($choice->text('coverage'), $choice->text('by'), self::moment($choice->text('at'))), $fields->map('coverages')),
            array_map(CoverageCodec::read(...), $fields->each('own')),
            $fields->enumMap('policies', LeadOutPolicy::class),
            $fields->has('bunt_points') ? self::readPoints($fields->within('bunt_points')) : BuntPoints::ordinary(),
        );
    }

    /** @return array<string, mixed> */
    private static function writeDepths(DepthTable $table, DepthTable $shipped): array
    {
        $infield = $names = [];
        foreach (self::GROUPS as $group) {
            foreach ($table->depthsOf($group) as $depth) {
                $spot = $table->infield($group, $depth);
                if (!\in_array($depth, $shipped->depthsOf($group), true) || Fingerprint::of($spot) !== Fingerprint::of($shipped->infield($group, $depth))) {
                    $infield[$group->value][$depth->value] = ['off' => $spot->off, 'back' => $spot->back];
                }
            }
        }
        $outfield = [];
        foreach ($table->depthsOf(PositionGroup::Outfield) as $depth) {
            if ($table->outfieldShare($depth) !== $shipped->outfieldShare($depth)) {
                $outfield[$depth->value] = $table->outfieldShare($depth);
            }
        }
        foreach (NamedDepth::cases() as $depth) {
            if ($table->word($depth) !== $depth->label() || '' !== $table->sign($depth)) {
                $names[$depth->value] = ['word' => $table->word($depth), 'sign' => $table->sign($depth)];
            }
        }

        return array_filter(['infield' => $infield, 'outfield' => $outfield, 'names' => $names], static fn(array $part): bool => [] !== $part);
    }

    private static function readDepths(Fields $fields, DepthTable $table): DepthTable
    {
        foreach (self::GROUPS as $group) {
            foreach ($fields->within('infield')->map($group->value) as $depth => $spot) {
                $table = $table->withInfield($group, NamedDepth::from($depth), new DepthFractions($spot->number('off'), $spot->number('back')));
            }
        }
        foreach ($fields->numbers('outfield') as $depth => $share) {
            $table = $table->withOutfield(NamedDepth::from($depth), $share);
        }
        foreach ($fields->map('names') as $depth => $name) {
            $table = $table->withName(NamedDepth::from($depth), new DepthName($name->text('word'), $name->text('sign')));
        }

        return $table;
    }

    /** @return array<string, mixed> */
    private static function writeSpot(KeptSpot $spot): array
    {
        return ['position' => $spot->position->value, 'depth' => $spot->depth->value, 'x_ft' => round($spot->point->x, 2), 'y_ft' => round($spot->point->y, 2), 'by' => $spot->by];
    }

    private static function readSpot(Fields $spot): KeptSpot
    {
        return new KeptSpot(Position::ofNumber($spot->whole('position', 0)), $spot->enum('depth', NamedDepth::class), Point::of($spot->number('x_ft'), $spot->number('y_ft')), $spot->text('by'));
    }

    private static function readPoints(Fields $fields): BuntPoints
    {
        $points = [];
        foreach (BuntSign::cases() as $sign) {
            $points[$sign->value] = $fields->whole($sign->value, $sign->points());
        }

        return BuntPoints::of($points, $fields->whole('likely_at', BuntPoints::ordinary()->likelyAt));
    }

    private static function moment(string $text): \DateTimeImmutable
    {
        $moment = \DateTimeImmutable::createFromFormat(\DATE_ATOM, $text);

        return false === $moment ? throw InvalidValue::because('at', "\"$text\" is not a moment", 'as in 2026-11-25T18:00:00+00:00') : $moment;
    }
}
