<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Architecture;

use FoxCorner\Core\Family\ShippedFamilies;
use PHPat\Selector\Selector;
use PHPat\Selector\SelectorInterface;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;

/** Who may know whom, for every folder that there is; PHPStan runs it. */
final class DependencyRules
{
    #[TestRule]
    public function coreKnowsNothingButItself(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('FoxCorner\Core'))
            ->canOnlyDependOn()
            ->classes(Selector::inNamespace('FoxCorner\Core'))
            ->because('the core is tested alone and has no framework, no input or output, no clock and no chance');
    }

    /** @return iterable<Rule> */
    #[TestRule]
    public function nothingButItsPageAndTheRegistryNamesAFamily(): iterable
    {
        foreach (self::families() as $family) {
            yield PHPat::rule()
                ->classes(Selector::inNamespace('FoxCorner\Core'))
                ->excluding(
                    Selector::inNamespace("FoxCorner\\Core\\Family\\$family"),
                    Selector::classname(ShippedFamilies::class),
                )
                ->shouldNotDependOn()
                ->classes(Selector::inNamespace("FoxCorner\\Core\\Family\\$family"))
                ->because('a family of plays is a folder and one line in the registry');
            yield PHPat::rule()
                ->classes(Selector::inNamespace('FoxCorner\App'))
                ->excluding(
                    Selector::inNamespace("FoxCorner\\App\\Plays\\$family"),
                    // Addresses, files and questions that are older than the families, and what the demo has decided.
                    Selector::classname('FoxCorner\App\Plays\OldAddresses'),
                    Selector::classname('FoxCorner\App\Plan\Codec\FirstPrint'),
                    Selector::inNamespace('FoxCorner\App\CommandLine\Question'),
                    Selector::inNamespace('FoxCorner\App\Demo'),
                )
                ->shouldNotDependOn()
                ->classes(Selector::inNamespace("FoxCorner\\Core\\Family\\$family"))
                ->because('the pages are the same for all families, but for the controls of each');
        }
    }

    /** @return iterable<Rule> */
    #[TestRule]
    public function placesDoNotReachIntoEachOthersControllers(): iterable
    {
        foreach (SourceTree::app()->folders() as $place) {
            yield PHPat::rule()
                ->classes(
                    Selector::AllOf(
                        Selector::inNamespace('FoxCorner\App'),
                        Selector::Not(Selector::inNamespace("FoxCorner\\App\\$place")),
                    ),
                )
                ->shouldNotDependOn()
                ->classes(self::controllersIn($place))
                ->because('a place is reached by its address');
        }
    }

    #[TestRule]
    public function sharedKnowsNoPlace(): Rule
    {
        $places = array_diff(SourceTree::app()->folders(), ['Shared']);

        return PHPat::rule()
            ->classes(Selector::inNamespace('FoxCorner\App\Shared'))
            ->shouldNotDependOn()
            ->classes(
                ...array_map(
                    static fn(string $place): SelectorInterface => Selector::inNamespace("FoxCorner\\App\\$place"),
                    array_values($places),
                ),
            )
            ->because('what knows a place belongs there');
    }

    private static function controllersIn(string $place): SelectorInterface
    {
        return Selector::AllOf(
            Selector::inNamespace("FoxCorner\\App\\$place"),
            Selector::extends(AbstractController::class),
        );
    }

    /** @return list<string> folders of plays that have a family of their own */
    public static function families(): array
    {
        return array_values(
            array_filter(
                SourceTree::core()->folders('Family/'),
                static fn(string $folder): bool => is_file(
                    \dirname(__DIR__, 2) . "/core/Family/$folder/{$folder}Family.php",
                ),
            ),
        );
    }
}
