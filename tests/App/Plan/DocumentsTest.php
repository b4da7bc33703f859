<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App\Plan;

use FoxCorner\App\Plan\Codec\BookCodec;
use FoxCorner\Core\Alignment\Depth\DepthFractions;
use FoxCorner\Core\Alignment\Depth\DepthName;
use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Alignment\KeptSpot;
use FoxCorner\Core\Alignment\Rule\ShippedRules;
use FoxCorner\Core\Family\Bunt\BuntFamily;
use FoxCorner\Core\Family\ShippedFamilies;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\BuntPoints;
use FoxCorner\Core\Game\BuntSign;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\CoverageChoice;
use FoxCorner\Core\Plan\FamilyPlan;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Clock\Vocabulary;
use FoxCorner\Core\Play\Scheme\Branch;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\CoverageLine;
use FoxCorner\Core\Play\Scheme\CoveragePrint;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\Trial;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Plans as they are stored: today's, and those of every version before. */
final class DocumentsTest extends TestCase
{
    use PlanDocuments;

    public function testABookComesBackTheSame(): void
    {
        $codec = new BookCodec(ShippedFamilies::all());
        $shipped = PlanBook::shipped(ShippedRuleSets::get('fastpitch-43'));
        self::assertSame(
            BookCodec::NOTHING,
            $codec->write($shipped, ShippedRuleSets::get('fastpitch-43')),
            'what is shipped is not written',
        );
        self::assertEquals($shipped, $codec->read(BookCodec::NOTHING, ShippedRuleSets::get('fastpitch-43')));

        $written = $codec->write(self::book(), ShippedRuleSets::get('fastpitch-43'));
        self::assertEquals(self::book(), $codec->read($written, ShippedRuleSets::get('fastpitch-43')));
        self::mustFit($written);
    }

    public function testADepthOfOneIsNotTheOthers(): void
    {
        $book = self::book();
        $shipped = PlanBook::shipped(ShippedRuleSets::get('fastpitch-43'))->depths;

        self::assertEquals(new DepthFractions(0.3, -0.1), $book->depths->infield(Position::Shortstop, NamedDepth::In));
        self::assertEquals(
            $shipped->infield(Position::SecondBase, NamedDepth::In),
            $book->depths->infield(Position::SecondBase, NamedDepth::In),
        );
    }

    public function testAPrintIsOfWhatEverybodyDoesAndOfNothingElse(): void
    {
        $lines = [
            CoverageLine::when(Position::Shortstop, Job::cover(Base::Second), Position::Pitcher),
            CoverageLine::always(Position::Catcher, Job::cover(Base::Home)),
        ];
        $print = self::print('One', $lines);

        self::assertSame('e96aa0e02ab38e5c2456b67ceca067e2', $print, 'it must never change: copies remember it');
        self::assertSame($print, self::print('Other', array_reverse($lines)), 'name and order say nothing');
        self::assertSame(
            $print,
            self::print('One', [
                CoverageLine::when(
                    Position::Shortstop,
                    Job::cover(Base::Second, 'In your own words'),
                    Position::Pitcher,
                ),
                $lines[1],
            ]),
        );
        self::assertNotSame($print, self::print('One', [$lines[1]]));
        self::assertNotSame($print, self::print('One', $lines, [5 => NamedDepth::Bunt]));
    }

    public function testABranchIsFoundByItsKey(): void
    {
        $both = Branch::fieldedBy(Position::Shortstop)->and(Branch::when('runner', 'goes', 'the runner goes'));

        self::assertSame('fielded:6+runner:goes', $both->key());
        self::assertSame(Position::Shortstop, Branch::ofKey($both->key())->fieldedBy);
        self::assertTrue(Branch::ofKey('fielded:6')->holdsIn($both));
        self::assertFalse($both->holdsIn(Branch::ofKey('fielded:6')));
        self::assertFalse(Branch::ofKey('fielded:5')->holdsIn($both));
    }

    #[TestWith(['[1', 'document'])]
    #[TestWith(['{"version":5}', 'version'])]
    #[TestWith(['{"version":4,"plays":{"bunt":{"settings":{"luck":3}}}}', 'sign'])]
    #[TestWith(['{"version":4,"plays":{"bunt":{"settings":{"times_dance":3}}}}', 'times'])]
    #[TestWith(['{"version":4,"plays":{"bunt":{"settings":{"late":3.7}}}}', 'late'])]
    #[TestWith(['{"version":4,"plays":{"bunt":{"settings":{"late":"3"}}}}', 'late'])]
    #[TestWith(['{"version":4,"plays":{"bunt":{"settings":{"likely_at":"often"}}}}', 'likely_at'])]
    #[TestWith(['{"version":4,"plays":{"bunt":{"settings":{"times_push":"often"}}}}', 'times_push'])]
    #[TestWith(['{"version":3,"bunt_points":{"late":3.7}}', 'late'])]
    #[TestWith(['{"version":4,"plays":{"bunt":{"settings":{"likely_at":30}}}}', 'likely from'])]
    #[TestWith(['{"version":0}', 'version'])]
    #[TestWith(['{"rules":[{"id":"a","name":"A","reason":"B","places":[{"positions":[3],"depth":"moon"}]}]}', 'depth'])]
    #[
        TestWith([
            '{"rules":[{"id":"a","name":"A","reason":"B","places":[{"positions":[12],"depth":"in"}]}]}',
            'position',
        ]),
    ]
    #[TestWith(['{"coverages":{"R1-0":{"coverage":"x","by":"y","at":"yesterday"}}}', 'at'])]
    #[
        TestWith([
            '{"version":3,"plays":{"bunt":{"choices":{"R1-0":{"coverage":"x","by":"y","at":"yesterday"}}}}}',
            'at',
        ]),
    ]
    #[TestWith(['{"version":3,"plays":{"bunt":{"own":[{"fielders":[1],"lines":[{"who":2,"job":"sing"}]}]}}}', 'job'])]
    #[
        TestWith([
            '{"version":3,"plays":{"bunt":{"own":[{"fielders":[1],"lines":[{"who":2,"job":"converge",' .
            '"when":["odd"]}]}]}}}',
            'when',
        ]),
    ]
    #[TestWith(['{"own":[{"fielders":[11],"lines":[]}]}', 'position'])]
    public function testADocumentThatIsNoPlan(string $document, string $field): void
    {
        try {
            (new BookCodec(ShippedFamilies::all()))->read($document, ShippedRuleSets::get('fastpitch-43'));
            self::fail('This is no plan.');
        } catch (Problem $problem) {
            self::assertSame($field, $problem->field());
        }
    }

    /**
     * @param list<CoverageLine>     $lines
     * @param array<int, NamedDepth> $depths
     */
    private static function print(string $name, array $lines, array $depths = []): string
    {
        return CoveragePrint::of(
            new Coverage('k', $name, $name, $name, [Bases::First], [Position::Pitcher], $lines, depths: $depths),
        );
    }

    private static function book(): PlanBook
    {
        $shipped = PlanBook::shipped(ShippedRuleSets::get('fastpitch-43'));
        $lines = [
            CoverageLine::when(Position::Shortstop, Job::turnBack(Base::Third), Position::Pitcher),
            CoverageLine::always(Position::CenterField, Job::comeIn(Base::Second)),
        ];
        $own = new Coverage(
            'own',
            'Quay',
            'Quay',
            'Ours.',
            [Bases::First],
            [Position::Pitcher, Position::ThirdBase],
            $lines,
            [Position::Shortstop],
            [Position::ThirdBase],
            [5 => NamedDepth::Bunt],
            'corners-crash',
        );
        $bunts = (new FamilyPlan())
            ->withChoice(
                Situation::fromKey('R1-1'),
                new CoverageChoice('first-stays', 'Piet', new \DateTimeImmutable('2026-11-20T18:00:00+00:00')),
            )
            ->withPolicy(Situation::fromKey('R1R2-0'), OutPolicy::First)
            ->withOwn($own)
            ->withSettings(BuntPoints::of([BuntSign::Late->value => 3], 6, ['push' => 1.5]));
        $depths = $shipped->depths
            ->withInfield(Position::Shortstop, NamedDepth::In, new DepthFractions(0.3, -0.1))
            ->withOutfield(NamedDepth::Deep, 0.9)
            ->withName(NamedDepth::In, new DepthName('Cut it', 'fist'));

        return $shipped
            ->withRules(array_reverse(ShippedRules::all()))
            ->withDepths($depths)
            ->withKept(
                Situation::fromKey('R1-0'),
                new KeptSpot(Position::Shortstop, NamedDepth::DoublePlay, Point::of(-20.25, 80.5), 'Wren'),
            )
            ->withPlays(BuntFamily::KEY, $bunts)
            ->withPlays('outfield', (new FamilyPlan())->withSheet(self::walked()))
            ->withWords(Vocabulary::of(['cut' => 'Hold', 'home' => 'Plate']));
    }

    /** @return list<Trial> */
    private static function walked(): array
    {
        $ball = ['x' => -60.0, 'y' => 150.0, 'flight' => 'fly', 'reached' => 'across', 'boldness' => 'bold'];

        return [ShippedFamilies::all()->get('outfield')->trial($ball, Teams::scene())];
    }
}
