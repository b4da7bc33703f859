<?php

declare(strict_types=1);

namespace FoxCorner\Tests;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The direction of dependencies; PHPStan runs it. */
final class ArchitectureTest
{
    private const PLACES = ['Field', 'Practice', 'Situations', 'Team', 'Today', 'You'];

    #[TestRule]
    public function coreKnowsNothingButItself(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('FoxCorner\Core'))
            ->canOnlyDependOn()
            ->classes(Selector::inNamespace('FoxCorner\Core'))
            ->because('the core is tested alone and has no framework, no input or output, no clock and no chance');
    }

    #[TestRule]
    public function motionFieldAndPeopleDoNotKnowPlays(): Rule
    {
        return PHPat::rule()
            ->classes(
                Selector::inNamespace('FoxCorner\Core\Field'),
                Selector::inNamespace('FoxCorner\Core\Motion'),
                Selector::inNamespace('FoxCorner\Core\People'),
                Selector::inNamespace('FoxCorner\Core\Game'),
            )
            ->shouldNotDependOn()
            ->classes(
                Selector::inNamespace('FoxCorner\Core\Play'),
                Selector::inNamespace('FoxCorner\Core\Plan'),
                Selector::inNamespace('FoxCorner\Core\Practice'),
                Selector::inNamespace('FoxCorner\Core\Alignment'),
            )
            ->because('plays are built on them');
    }

    #[TestRule]
    public function playsDoNotKnowThePlan(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('FoxCorner\Core\Play'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('FoxCorner\Core\Plan'), Selector::inNamespace('FoxCorner\Core\Practice'))
            ->because('the plan and the practice ask plays, never the other way');
    }

    /** @return iterable<Rule> */
    #[TestRule]
    public function placesDoNotReachIntoEachOthersControllers(): iterable
    {
        foreach (self::PLACES as $place) {
            yield PHPat::rule()
                ->classes(
                    Selector::AllOf(
                        Selector::inNamespace('FoxCorner\App'),
                        Selector::Not(Selector::inNamespace('FoxCorner\App\\' . $place)),
                    ),
                )
                ->shouldNotDependOn()
                ->classes(
                    Selector::AllOf(
                        Selector::inNamespace('FoxCorner\App\\' . $place),
                        Selector::extends(\Symfony\Bundle\FrameworkBundle\Controller\AbstractController::class),
                    ),
                )
                ->because('a place is reached by its address');
        }
    }
}
